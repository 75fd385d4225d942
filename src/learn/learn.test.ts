import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { posteriorOf } from './fit';
import { MAKES, make, quirky } from './fixtures/kitchens';
import { beliefFor, beliefOfFile, learnedFile, learnFrom } from './learn';
import { keyOf } from './learnt';
import { priorOf } from './quantities';
import { type Taught, taughtBy } from './samples';
import { saysOf } from './says';
import { learnedSchema } from './schema';

const taught = (many: number, acidLn: number, more: Partial<Taught> = {}): Taught[] =>
  Array.from({ length: many }, (_, i) => ({
    make: `m${i}`,
    day: i * 4,
    owners: { milk: { id: 'Sallow', name: 'Sallow Reach cows' } },
    samples: { 'acid-need': { ln: acidLn, sd: 0.02 } },
    ...more,
  }));
const acid = (all: readonly Taught[]) => beliefFor(learnFrom(all), { milk: 'Sallow' })['acid-need'];

describe('what makes teach', () => {
  it('comes to what they say, surer with each', () => {
    const [two, six] = [acid(taught(2, Math.log(1.11))), acid(taught(6, Math.log(1.11)))];
    expect(six?.likely).toBeGreaterThan(1.09);
    expect(six?.likely).toBeLessThan(1.11);
    expect(two?.sdLn).toBeGreaterThan(six?.sdLn ?? 1);
  });

  it('is told only from two makes on, and only where there is something to tell', () => {
    const quirks = (all: readonly Taught[]) => learnedFile(learnFrom(all)).quirks;
    expect(quirks(taught(1, Math.log(1.3)))).toEqual([]);
    expect(quirks(taught(6, 0.004))).toEqual([]);
    const [one] = quirks(taught(6, Math.log(1.11)));
    expect(one?.says).toBe('Milk of Sallow Reach cows takes 11\u00a0% more acid: six makes.');
    expect(one?.low).toBeGreaterThan(1);
    const [still] = learnFrom(taught(3, 0.001)).learnt;
    expect(still && saysOf(still)).toBe('Milk of Sallow Reach cows is as reckoned: three makes.');
  });

  it('is the same in any order', () => {
    const all = taught(9, 0.1).map((one, i) => ({ ...one, day: Math.floor(i / 2) }));
    fc.assert(
      fc.property(fc.shuffledSubarray(all, { minLength: all.length }), (shuffled) => {
        expect(learnedFile(learnFrom(shuffled))).toEqual(learnedFile(learnFrom(all)));
      }),
      { numRuns: 20 },
    );
  });

  it('notices a change of herd within three makes, and forgets a season at its pace', () => {
    const before = taught(8, Math.log(1.12));
    const after = taught(3, Math.log(0.95)).map((one, i) => ({ ...one, make: `n${i}`, day: 400 + i * 4 }));
    const was = acid(before)?.likely ?? 1;
    const is = acid([...before, ...after])?.likely ?? 1;
    expect(was).toBeGreaterThan(1.09);
    expect(is).toBeLessThan(1.02);
    // A year on and nothing new: less of it is left, and it is less sure.
    const { mean, sd } = posteriorOf([{ day: 0, ln: 0.12, sd: 0.01 }], 0, priorOf('acid-need'));
    const later = posteriorOf([{ day: 0, ln: 0.12, sd: 0.01 }], 365, priorOf('acid-need'));
    expect(later.mean).toBeLessThan(0.75 * mean);
    expect(later.mean).toBeGreaterThan(0.3 * mean);
    expect(later.sd).toBeGreaterThan(sd);
  });

  it('a milk nobody has met is as planned; a make new to the kitchen begins with what its others have in common', () => {
    expect(beliefFor(learnFrom(taught(6, 0.1)), { milk: 'Teasel' })['acid-need']).toBeUndefined();
    const others = ['a', 'b', 'c'].flatMap((id) =>
      taught(4, 0).map((one, i) => ({
        ...one,
        make: `${id}${i}`,
        owners: { method: { id, name: id } },
        samples: { yield: { ln: 0.06, sd: 0.02 } },
      })),
    );
    const fresh = beliefFor(learnFrom(others), { method: 'd' }).yield;
    expect(fresh?.likely).toBeGreaterThan(1.03);
    expect(fresh?.makes).toBe(0);
  });

  it('a lot never opened begins with what the other lots of its name have in common; one of another name with nothing', () => {
    const lots = ['l1', 'l2', 'l3'].flatMap((id, k) =>
      taught(4, 0).map((one, i) => ({
        ...one,
        make: `${id}${i}`,
        owners: { coagulant: { id, name: 'Millrace rennet' } },
        samples: { 'coagulant-strength': { ln: -0.3 + 0.02 * k, sd: 0.05 } },
      })),
    );
    const strength = (id: string, coagulant: string) =>
      beliefFor(learnFrom(lots), { coagulant: id }, [], { coagulant })['coagulant-strength'];
    const fresh = strength('l4', 'Millrace rennet');
    expect(fresh?.makes).toBe(0);
    expect(fresh?.likely).toBeLessThan(0.85);
    expect(fresh?.likely).toBeGreaterThan(Math.exp(-0.3));
    expect(fresh?.sdLn).toBeGreaterThan(strength('l1', 'Millrace rennet')?.sdLn ?? 1);
    expect(strength('l4', 'another')).toBeUndefined();
  });

  it('can be left out, and goes through its file and back', () => {
    const learning = learnFrom(taught(6, Math.log(1.11)));
    const [one] = learning.learnt;
    if (!one) throw new Error('learned');
    expect(beliefFor(learning, { milk: 'Sallow' }, [keyOf(one)])).toEqual({});
    const file = learnedFile(learning);
    expect(learnedSchema.safeParse(JSON.parse(JSON.stringify(file))).success).toBe(true);
    const back = beliefOfFile(file, { milk: 'Sallow' })['acid-need'];
    expect(back?.likely).toBeCloseTo(Math.exp(one.mean), 3);
    expect(back?.sdLn).toBeCloseTo(one.sd, 3);
    expect(beliefOfFile(file, { milk: 'Teasel' })).toEqual({});
  });
});

describe('evidence', () => {
  it('finds each quirk in the logs of careful makes, whatever the noise', () => {
    const kitchen = quirky(4242);
    const logs = Array.from({ length: 24 }, (_, i) => {
      const id = MAKES[i % MAKES.length] as (typeof MAKES)[number];
      return taughtBy(`m${i}`, make(kitchen, id, i).state) as Taught;
    });
    const { learnt } = learnFrom(logs);
    const of = (quantity: string) => learnt.find((one) => one.quantity === quantity);
    for (const [quantity, truth] of Object.entries(kitchen.shared)) {
      const held = of(quantity);
      expect([quantity, Math.abs((held?.mean ?? 9) - truth) < 3 * (held?.sd ?? 0) + 0.03]).toEqual([
        quantity,
        true,
      ]);
    }
  });

  it('a make that runs teaches nothing yet', () => {
    const { state } = make(quirky(1), 'squeaky-curds', 0);
    expect(taughtBy('x', { ...state, finishedAt: null })).toBeNull();
  });
});

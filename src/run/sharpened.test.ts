import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { basic, planned } from '../plan/fixtures/briefs';
import { heldIn, sharpened } from '../plan/sharpened';
import { drainAdvice } from './drainAdvice';
import { readyAt } from './expect';
import { hungInTheFridge, PLANNED_H } from './fixtures/hung';
import { BEGIN, MIN } from './fixtures/logs';
import { at } from './fixtures/walked';
import { frozen } from './frozen';
import { comingMin, paceSoFar } from './sourAdvice';
import type { MakeState } from './state';

const goat = basic('goat-lactic', { species: 'goat' });
const { courses } = frozen(planned(goat));

/** The same make, planned by the model of today, and with a culture or a bag that is known to so much. */
const today = (
  state: MakeState,
  known?: { quantity: 'culture-pace' | 'drain-pace'; sdLn: number },
): MakeState => ({
  ...state,
  modelVersion: 5,
  courses,
  plan: known
    ? {
        ...state.plan,
        learned: [
          {
            of: 'culture',
            id: 'sachets',
            quantity: known.quantity,
            likely: 1,
            low: Math.exp(-1.2816 * known.sdLn),
            high: Math.exp(1.2816 * known.sdLn),
            makes: 8,
            figure: 'souring',
            unit: 'h',
            plain: 1,
            value: 1,
          },
        ],
      }
    : state.plan,
});
const sd = fc.double({ min: 0.01, max: 2, noNaN: true });
const ln = fc.double({ min: -1, max: 1, noNaN: true });

describe('one reading of a running make', () => {
  it('leaves what is held between what was held and what was read, and surer than either', () => {
    fc.assert(
      fc.property(ln, sd, ln, sd, (mean, before, read, by) => {
        const after = sharpened({ mean, sd: before }, { ln: read, sd: by });
        expect(after.mean).toBeGreaterThanOrEqual(Math.min(mean, read) - 1e-12);
        expect(after.mean).toBeLessThanOrEqual(Math.max(mean, read) + 1e-12);
        expect(after.sd).toBeLessThan(Math.min(before, by));
      }),
    );
    // Two readings one after the other are one that is the surer: the order does not matter.
    const one = sharpened(sharpened({ mean: 0, sd: 0.2 }, { ln: 0.1, sd: 0.1 }), { ln: -0.1, sd: 0.05 });
    const two = sharpened(sharpened({ mean: 0, sd: 0.2 }, { ln: -0.1, sd: 0.05 }), { ln: 0.1, sd: 0.1 });
    expect(one.mean).toBeCloseTo(two.mean, 12);
  });

  it('is weighed against what was learned: a known culture is believed longer than one nobody knows', () => {
    const read = at(goat, 'set', [[600, { type: 'pH', pH: 6.1 }]]);
    const pace = (state: MakeState) => paceSoFar(state, courses) ?? Number.NaN;
    const whole = pace(read);
    const unknown = pace(today(read));
    const known = pace(today(read, { quantity: 'culture-pace', sdLn: 0.03 }));
    expect(whole).toBeLessThan(unknown);
    expect(unknown).toBeLessThan(known);
    expect(known).toBeLessThan(1);
  });

  it('says less where the pH hardly falls yet', () => {
    const share = (minute: number) => {
      const read = at(goat, 'set', [[minute, { type: 'pH', pH: 6.4 }]]);
      return Math.log(paceSoFar(today(read), courses) ?? 1) / Math.log(paceSoFar(read, courses) ?? 1);
    };
    const late = at(goat, 'set', [[600, { type: 'pH', pH: 5.4 }]]);
    const lateShare =
      Math.log(paceSoFar(today(late), courses) ?? 1) / Math.log(paceSoFar(late, courses) ?? 1);
    expect(share(500)).toBeLessThan(lateShare);
    expect(lateShare).toBeGreaterThan(0.8);
  });

  it('moves what is still to come, and not what ends by its clock', () => {
    const read = today(at(goat, 'set', [[600, { type: 'pH', pH: 6.1 }]]));
    const pace = paceSoFar(read, courses) ?? 1;
    const takes = comingMin(read, courses);
    for (const stage of read.plan.stages) {
      const sours = stage.id === 'set';
      expect(takes(stage)).toBeCloseTo(stage.durationMin.likely / (sours ? pace : 1), 9);
    }
    expect(readyAt(read, BEGIN)).toBeGreaterThan(readyAt(today(at(goat, 'set')), BEGIN));
  });

  it('of a bag: what was weighed stands, its pace is sharpened, and one that is known is believed longer', () => {
    const bag = at(goat, 'bag', [[180, { type: 'weighed', kg: 5.2 }]]);
    const plain = drainAdvice(at(goat, 'bag', [[180, { type: 'weighed', kg: 5.2 }]]));
    const [unknown, known] = [
      drainAdvice(today(bag)),
      drainAdvice(today(bag, { quantity: 'drain-pace', sdLn: 0.03 })),
    ];
    expect(unknown?.moisturePct).toBeCloseTo(plain?.moisturePct as number, 9);
    expect(unknown?.goalKg).toBeCloseTo(plain?.goalKg as number, 2);
    const planned =
      at(goat, 'bag').stageStartedAt + (bag.plan.predictions.drainHours?.likely ?? 0) * 60 * MIN;
    const off = (one: typeof plain) => Math.abs((one?.readyAt ?? 0) - planned);
    expect(off(unknown)).toBeLessThan(off(plain));
    expect(off(known)).toBeLessThan(off(unknown));
    expect(heldIn(today(bag, { quantity: 'drain-pace', sdLn: 0.03 }).plan, 'drain-pace').sd).toBeCloseTo(
      Math.hypot(0.03, 0.11),
      6,
    );
  });

  it('in the fridge it is held against the fridge: as heavy as planned, it is ready as planned', () => {
    const bag = today(hungInTheFridge(), { quantity: 'drain-pace', sdLn: 0.03 });
    const readyAfterH = ((drainAdvice(bag)?.readyAt ?? 0) - bag.stageStartedAt) / (60 * MIN);
    expect(readyAfterH / PLANNED_H).toBeCloseTo(1, 3);
  });
});

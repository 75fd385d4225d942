import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { METHODS } from '../../makes';
import { basic } from '../../plan/fixtures/briefs';
import { beginPractice } from './batch';
import { bestOf } from './best';
import { played } from './fixtures/played';
import { play } from './hand';
import { AS_PLANNED, hiddenOf, TROUBLE_IDS } from './hidden';
import { standing, worthOf } from './worth';

describe('a perfect hand', () => {
  it.each(METHODS.map(({ id }) => id))('%s: reaches what its plan foresees within 3 in a hundred', (id) => {
    const { practice, outcome, worth } = played(id);
    expect(Math.abs(outcome.yieldKg / practice.aims.kg - 1)).toBeLessThan(0.03);
    expect(Math.abs(outcome.moisturePct - practice.aims.moisturePct)).toBeLessThan(1.5);
    expect(Math.abs(outcome.saltPct - practice.aims.saltPct)).toBeLessThan(0.15);
    expect(worth.score).toBeGreaterThanOrEqual(95);
    expect(worth.faults).toEqual([]);
  });

  it('goes by thermometer and tests too, and then comes near what was possible', () => {
    for (const id of ['whole-milk-ricotta', 'squeaky-curds', 'fresh-pressed']) {
      const hidden = hiddenOf({ seed: 12 });
      const begun = beginPractice(basic(id), hidden, 12);
      if (!begun.ok) throw new Error('it can be planned');
      play(begun.value, false);
      const best = bestOf(basic(id), hidden);
      const outcome = standing(begun.value);
      expect(outcome?.yieldKg ?? 0, id).toBeGreaterThan(0.85 * (best?.kg ?? 1));
    }
  });

  it('makes something of every pot with something wrong with it, and nothing worth more than a hundred', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...METHODS.map(({ id }) => id)),
        fc.integer({ min: 0, max: 10_000 }),
        fc.subarray([...TROUBLE_IDS], { maxLength: 2 }),
        (id, seed, troubles) => {
          const best = bestOf(basic(id), hiddenOf({ seed, troubles }));
          expect(best?.kg).toBeGreaterThan(0);
          expect(best?.score).toBeLessThanOrEqual(100);
          expect(best?.moisturePct).toBeGreaterThan(20);
          expect(best?.moisturePct).toBeLessThan(95);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('is not cleverer for somebody else’s milk: the same pot, the same figures', () => {
    const hidden = hiddenOf({ seed: 3, troubles: ['old-coagulant'] });
    expect(bestOf(basic('squeaky-curds'), hidden)).toEqual(bestOf(basic('squeaky-curds'), hidden));
  });

  it('gives a dose in two goes as in one', () => {
    const goes = (parts: readonly number[]) =>
      played('fresh-pressed', {
        coagulant: ({ does, practice, waits }) => {
          const grams = practice.planned.plan.doses.find(({ id }) => id === 'coagulant')?.grams ?? 0;
          for (const part of parts) does({ do: 'add', what: 'coagulant', grams: grams * part });
          waits(2);
        },
        culture: ({ does, practice, waits }) => {
          const grams = practice.planned.plan.doses.find(({ id }) => id === 'culture')?.grams ?? 0;
          for (const part of parts) does({ do: 'add', what: 'culture', grams: grams * part });
          waits(6);
        },
      }).practice.pot;
    const [once, twice] = [goes([1]), goes([0.5, 0.5])];
    expect(twice.minute).toBeCloseTo(once.minute, 3);
    expect(twice.pH).toBeCloseTo(once.pH, 2);
  });

  it('loses nearly all where it boils over for long', () => {
    const boiled = (minutes: number) =>
      played('whole-milk-ricotta', {
        scald: ({ does, waits, well, practice }) => {
          well();
          does({ do: 'lid', on: true });
          does({ do: 'heat', setting: 3 });
          for (let m = 0; m < 60 && practice.pot.tempC < 99.4; m++) waits(1);
          waits(minutes);
          does({ do: 'heat', setting: 0 });
        },
      }).outcome.yieldKg;
    expect(boiled(25)).toBeLessThan(0.1 * boiled(0));
  });

  it('what goes in comes out: fat, casein and water of cheese and whey are what was poured', () => {
    for (const { id } of METHODS) {
      const { outcome, practice } = played(id, {}, AS_PLANNED);
      const fat = (practice.world.milk.massKg * practice.world.milk.composition.fatPct) / 100;
      expect(outcome.cheese.fat, id).toBeGreaterThan(0);
      if (practice.method.cream !== 'dressing')
        expect(outcome.cheese.fat + outcome.whey.fat, id).toBeCloseTo(fat, 6);
      expect(worthOf(practice, practice.aims.kg).kg).toBe(outcome.yieldKg);
    }
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { saltGrams, saltShareOf } from './dry';
import { GRAMS_PER_TEASPOON, SPOONABLES, spoonsFor } from './spoons';

describe('dry salt', () => {
  it('is a percentage of the weighed cheese (definition)', () => {
    expect(saltGrams(1.45, 1.2)).toBeCloseTo(17.4, 10);
    expect(saltShareOf(25)).toBeCloseTo(0.2, 12);
  });
});

describe('spoons', () => {
  it('come within a sixteenth of a teaspoon for small amounts', () => {
    expect(spoonsFor('fine salt', 6)).toEqual({ text: '1 tsp', grams: 6 });
    expect(spoonsFor('citric acid', 4.6 * 2.25).text).toBe('2¼ tsp');
    expect(spoonsFor('fine salt', 0.2)).toEqual({ text: '', grams: 0 });
    expect(spoonsFor('vinegar', GRAMS_PER_TEASPOON.vinegar * 48).text).toBe('1 cup');
  });

  it('say what they hold: never further off than half the smallest step in use', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SPOONABLES),
        fc.double({ min: 0.5, max: 800, noNaN: true }),
        (what, grams) => {
          const { grams: held } = spoonsFor(what, grams);
          expect(Math.abs(held - grams) / GRAMS_PER_TEASPOON[what]).toBeLessThanOrEqual(
            grams / GRAMS_PER_TEASPOON[what] < 3 ? 0.0626 : 0.76,
          );
        },
      ),
    );
  });
});

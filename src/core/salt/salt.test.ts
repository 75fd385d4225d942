import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { saltedTooEarly, saltGrams } from './dry';
import { GRAMS_PER_TEASPOON, SPOONABLES, spoonsFor } from './spoons';

describe('dry salt', () => {
  it('is a percentage of the weighed cheese (definition)', () => {
    expect(saltGrams(1.45, 1.2)).toBeCloseTo(17.4, 10);
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

it('salted too early: the whey takes its share of the salt, and the top-up makes it good', () => {
  const { lostGrams, topUpGrams } = saltedTooEarly(20, { kg: 2, moisturePct: 80 }, 1.2, 1.5);
  // 0.8 of 1.6 kg of water ran off, and half of the salt with it.
  expect(lostGrams).toBeCloseTo(10, 9);
  expect(topUpGrams).toBeCloseTo(18 - 10, 9);
  expect(saltedTooEarly(20, { kg: 2, moisturePct: 80 }, 2, 1).topUpGrams).toBe(0);
});

it('with larger spoons rounds coarser, and says nothing below the smallest', () => {
  const grams = 1.4 * GRAMS_PER_TEASPOON['fine salt'];
  expect(spoonsFor('fine salt', grams).text).toBe('1⅜ tsp');
  expect(spoonsFor('fine salt', grams, 1 / 2).text).toBe('1½ tsp');
  expect(spoonsFor('fine salt', grams, 1).text).toBe('1 tsp');
  expect(spoonsFor('fine salt', 0.3 * GRAMS_PER_TEASPOON['fine salt'], 1).text).toBe('');
});

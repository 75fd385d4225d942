import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { meanCurdC, stretchedFat } from './losses';
import { AIMED_CORE_C, STRETCH_PH, stretchAt } from './window';

describe('stretch', () => {
  it('windows: 5.0 to 5.3 soured by culture, 5.5 to 5.7 with citric acid (common practice, from memory)', () => {
    expect([5.4, 5.3, 5.0, 4.9].map((pH) => stretchAt(pH, 'cultured'))).toEqual([
      'not yet',
      'stretches',
      'stretches',
      'past',
    ]);
    expect([5.8, 5.6, 5.4].map((pH) => stretchAt(pH, 'direct'))).toEqual(['not yet', 'stretches', 'past']);
    expect(STRETCH_PH.direct[0]).toBeGreaterThan(STRETCH_PH.cultured[1]);
  });

  it('keeps 0.90 handled least, 0.85 as usual, 0.70 hot and long (common practice)', () => {
    expect(stretchedFat(57, 0)).toBeCloseTo(0.9, 6);
    expect(stretchedFat(AIMED_CORE_C, 4)).toBeCloseTo(0.85, 3);
    expect(stretchedFat(70, 10)).toBeCloseTo(0.7, 3);
  });

  it('hotter or longer never keeps more fat', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 50, max: 90, noNaN: true }),
        fc.double({ min: 0, max: 30, noNaN: true }),
        (c, m) => {
          expect(stretchedFat(c + 1, m)).toBeLessThanOrEqual(stretchedFat(c, m));
          expect(stretchedFat(c, m + 1)).toBeLessThanOrEqual(stretchedFat(c, m));
          expect(meanCurdC(60, 90)).toBeGreaterThan(meanCurdC(60, 75));
        },
      ),
    );
  });
});

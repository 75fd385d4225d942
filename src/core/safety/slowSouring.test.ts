import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { allowanceUsed, allowedHours } from './slowSouring';

describe('how slowly a milk may sour', () => {
  it.each([
    // Guidance of food authorities on ripening, from memory.
    [30, 8],
    [37, 5],
    [20, 15],
  ])('at %s °C about %s hours are allowed', (tempC, hours) => {
    expect(allowedHours(tempC) / hours).toBeGreaterThan(0.95);
    expect(allowedHours(tempC) / hours).toBeLessThan(1.05);
  });

  it('cold milk has no end, and uses nothing up', () => {
    expect(allowedHours(15)).toBe(Number.POSITIVE_INFINITY);
    expect(
      allowanceUsed([
        [0, 4],
        [300, 15],
      ]),
    ).toBe(0);
  });

  it('warmer is never allowed longer, and adds up the same however a course is cut', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 45, noNaN: true }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        fc.double({ min: 0.1, max: 40, noNaN: true }),
        fc.double({ min: 0.05, max: 0.95, noNaN: true }),
        (tempC, warmer, hours, share) => {
          expect(allowedHours(tempC + warmer)).toBeLessThanOrEqual(allowedHours(tempC));
          const whole = allowanceUsed([
            [0, tempC],
            [hours, tempC],
          ]);
          expect(
            allowanceUsed([
              [0, tempC],
              [hours * share, tempC],
              [hours, tempC],
            ]),
          ).toBeCloseTo(whole, 9);
          expect(whole).toBeCloseTo(hours / allowedHours(tempC), 9);
        },
      ),
    );
  });

  it('an exponential fall is not counted as a straight line: finely and coarsely sampled it comes to the same', () => {
    const fall = (hour: number) => 18 + 20 * Math.exp(-hour / 3);
    const sampled = (n: number) =>
      allowanceUsed(
        Array.from({ length: n + 1 }, (_, i): [number, number] => [(i * 10) / n, fall((i * 10) / n)]),
      );
    expect(sampled(10) / sampled(1000)).toBeGreaterThan(0.98);
    expect(sampled(10) / sampled(1000)).toBeLessThan(1.02);
  });
});

it('a warmer souring is never allowed longer, and uses its hours no slower', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 4, max: 44, noNaN: true }),
      fc.double({ min: 0.01, max: 8, noNaN: true }),
      (tempC, more) => {
        expect(allowedHours(tempC + more)).toBeLessThanOrEqual(allowedHours(tempC));
        const used = (c: number) =>
          allowanceUsed([
            [0, c],
            [5, c],
          ]);
        expect(used(tempC + more)).toBeGreaterThanOrEqual(used(tempC));
      },
    ),
  );
});

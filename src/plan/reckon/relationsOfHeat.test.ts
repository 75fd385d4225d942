import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { keptC } from '../../core/heat/keepWarm';
import { USUAL_MILK_KG_PER_L } from '../../core/milk/density';
import { ask } from './fixtures/ask';

const num = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const MANY = { numRuns: 60 };

describe('heat', () => {
  it('a mixture settles between what went in, and does not care for the order', () => {
    const one = fc.record({
      what: fc.constantFrom('milk', 'curd', 'whey', 'water'),
      kg: num(0.1, 20),
      tempC: num(2, 95),
    });
    fc.assert(
      fc.property(fc.array(one, { minLength: 2, maxLength: 4 }), (parts) => {
        const { tempC } = ask('heat-mix', { parts });
        const temps = parts.map((part) => part.tempC);
        expect(tempC).toBeGreaterThanOrEqual(Math.min(...temps) - 1e-9);
        expect(tempC).toBeLessThanOrEqual(Math.max(...temps) + 1e-9);
        expect(ask('heat-mix', { parts: [...parts].reverse() }).tempC).toBeCloseTo(tempC as number, 9);
      }),
    );
  });

  it('the hot water that a curd wants brings it there', () => {
    fc.assert(
      fc.property(num(0.3, 10), num(30, 45), num(72, 88), num(55, 64), (curdKg, curdC, waterC, targetC) => {
        const { waterKg } = ask('hot-water', { curdKg, curdC, waterC, targetC });
        const { tempC } = ask('heat-mix', {
          parts: [
            { what: 'curd', kg: curdKg, tempC: curdC },
            { what: 'water', kg: waterKg, tempC: waterC },
          ],
        });
        expect(tempC).toBeCloseTo(targetC, 1);
      }),
      MANY,
    );
  });

  it('water boils lower the higher one stands, a wrapped pot stays warmer, longer is colder', () => {
    fc.assert(
      fc.property(num(0, 4000), num(50, 900), (altitudeM, up) => {
        expect(ask('boil', { altitudeM: altitudeM + up }).tempC).toBeLessThan(
          ask('boil', { altitudeM }).tempC as number,
        );
      }),
    );
    fc.assert(
      fc.property(num(1, 50), num(10, 300), (litres, minutes) => {
        const kept = (wrapped: string, time = minutes) =>
          ask('cool-down', { litres, startC: 40, roomC: 18, minutes: time, wrapped }).tempC as number;
        expect(kept('towel')).toBeGreaterThan(kept('lid'));
        expect(kept('blanket')).toBeGreaterThan(kept('towel'));
        expect(kept('towel', minutes * 2)).toBeLessThan(kept('towel'));
        expect(kept('towel')).toBeGreaterThan(18);
      }),
      MANY,
    );
  });

  it('heat that goes on adds up: to the whey protein, and to the pasteurising minutes', () => {
    fc.assert(
      fc.property(num(63.1, 92), num(1, 30), num(1, 30), (tempC, minutes, more) => {
        const series = (until: number) => [
          [0, tempC],
          [until, tempC],
        ];
        const asked = (name: string, until: number) =>
          ask(name, {
            series: series(until),
            ...(name === 'pasteurise' && { fatPct: 3.7, totalSolidsPct: 12.5, sweetened: false }),
          });
        expect(asked('denaturation', minutes + more).percent).toBeGreaterThanOrEqual(
          asked('denaturation', minutes).percent as number,
        );
        const [short, long] = [asked('pasteurise', minutes), asked('pasteurise', minutes + more)];
        expect(
          (long.equivalentMinutesAt63 as number) / Math.max(1e-12, short.equivalentMinutesAt63 as number),
        ).toBeCloseTo((minutes + more) / minutes, 1);
      }),
      MANY,
    );
  });
});

it('below 63 °C nothing pasteurises, however long', () => {
  const cold = { fatPct: 3.7, totalSolidsPct: 12.5, sweetened: false };
  const held = (tempC: number) =>
    ask('pasteurise', {
      series: [
        [0, tempC],
        [600, tempC],
      ],
      ...cold,
    });
  expect(held(62.9)).toMatchObject({ equivalentMinutesAt63: 0, enough: false });
  expect(held(63.1)).toMatchObject({ enough: true });
});

it('a pot cools as the core has a pot of that milk cool, under each wrap', () => {
  const cold = { litres: 6, startC: 32, roomC: 18, minutes: 90 };
  for (const [wrapped, wrap] of [
    ['lid', 'lidded'],
    ['towel', 'towel'],
    ['blanket', 'blanket'],
    ['box', 'insulatedBox'],
  ] as const)
    expect(ask('cool-down', { ...cold, wrapped }).tempC).toBeCloseTo(
      keptC(6, 6 * USUAL_MILK_KG_PER_L, wrap, 32, 18, 90),
      9,
    );
});

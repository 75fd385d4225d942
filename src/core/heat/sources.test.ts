import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { carryOverC } from './carryOver';
import { hotWaterKg } from './hotWater';
import { microwaveSeconds } from './microwave';
import { mixedTempC } from './mixing';
import { probeOffsetC, trueC } from './probe';
import { sinkBath } from './sinkBath';

describe('other ways of warming', () => {
  it('hot water: mixed with the curd it gives the wanted core', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 20, noNaN: true }),
        fc.double({ min: 20, max: 45, noNaN: true }),
        fc.double({ min: 65, max: 90, noNaN: true }),
        (kg, curdC, waterC) => {
          const water = hotWaterKg(kg, curdC, waterC, 58);
          expect(
            mixedTempC([
              { what: 'curd', kg, tempC: curdC },
              { what: 'water', kg: water, tempC: waterC },
            ]),
          ).toBeCloseTo(58, 8);
        },
      ),
    );
    expect(() => hotWaterKg(1, 38, 95, 58)).toThrow(/scald/);
    expect(() => hotWaterKg(1, 38, 55, 58)).toThrow(/no hotter/);
    expect(hotWaterKg(1, 60, 80, 58)).toBe(0);
  });

  it('sink bath: 7.6 L from 30 to 41 °C in a 50 °C sink takes about 45 min unstirred (common practice, ±25 %)', () => {
    const bath = sinkBath(7.6, 30, 41, 40, 50);
    expect('minutes' in bath && bath.minutes).toBeGreaterThan(45 * 0.75);
    expect('minutes' in bath && bath.minutes).toBeLessThan(45 * 1.25);
    expect(sinkBath(7.6, 30, 41, 40, 50, 'stirred')).toEqual({
      minutes: expect.closeTo((bath as { minutes: number }).minutes / 5, 8),
    });
    expect(sinkBath(7.6, 30, 41, 5, 45)).toEqual({
      whyNot: expect.stringContaining('take more or hotter water'),
    });
    expect(sinkBath(7.6, 41, 41, 5, 45)).toEqual({ minutes: 0 });
  });

  it('microwave: half a kilo by 20 °C at 800 W takes about 70 s in all (definition, efficiency from memory)', () => {
    expect(microwaveSeconds(0.5, 38, 58, 800)).toBeCloseTo(68.75, 2);
    expect(microwaveSeconds(0.5, 60, 58, 800)).toBe(0);
  });

  it('carry-over: 1 to 2 °C on a hob for a few litres, more on a solid plate (common practice)', () => {
    expect(carryOverC('ceramic', 4)).toBeGreaterThan(1);
    expect(carryOverC('ceramic', 4)).toBeLessThan(2);
    expect(carryOverC('solid plate', 4)).toBeGreaterThan(carryOverC('gas', 4));
  });
});

it('a thermometer checked at ice and boil is off in between by a straight line (definition)', () => {
  const off = probeOffsetC(1, 98, 99);
  expect(off?.(0)).toBe(1);
  expect(off?.(99)).toBeCloseTo(-1, 12);
  expect(off?.(49.5)).toBeCloseTo(0, 12);
  expect(probeOffsetC(0.5, null, 100)?.(80)).toBe(0.5);
  expect(probeOffsetC(null, null, 100)).toBeNull();
  const checks = { iceReadsC: 1, boilReadsC: 98, boilsAtC: 99 };
  expect(trueC(1, checks)).toBeCloseTo(0, 9);
  expect(trueC(98, checks)).toBeCloseTo(99, 9);
  expect(trueC(50 + (off?.(50) ?? 0), checks)).toBeCloseTo(50, 9);
  expect(trueC(41, { iceReadsC: null, boilReadsC: null, boilsAtC: 99 })).toBe(41);
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { drainedMoisturePct, drainMinutes } from './drain';
import {
  CHEESE_DENSITY_KG_PER_L,
  kPaHoursOf,
  pressureKPa,
  roundAreaM2,
  selfWeightKPa,
  standingAreaM2,
  weightKg,
} from './press';
import { CURD_STYLES } from './styles';
import { earlyCutLoss, workedPoints } from './syneresis';
import { gatheredShare, wheyKindOf } from './whey';

describe('draining', () => {
  const curve = { wetPct: 84, floorPct: 66, tauMin: 39 };

  it('inverts and slows with the ⅔ power of the milk', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 100, noNaN: true }),
        fc.double({ min: 67, max: 83, noNaN: true }),
        (kg, moisture) => {
          const minutes = drainMinutes(curve, kg, moisture);
          expect(drainedMoisturePct(curve, kg, minutes)).toBeCloseTo(moisture, 8);
          expect(drainMinutes(curve, kg * 8, moisture) / minutes).toBeCloseTo(4, 8);
        },
      ),
    );
  });
});

describe('pressing', () => {
  it('goes both ways, and 10 kg on a 20 cm round is about 3.1 kPa (definition)', () => {
    expect(pressureKPa(10, roundAreaM2(20))).toBeCloseTo(3.12, 2);
    expect(weightKg(pressureKPa(7.3, 0.02), 0.02)).toBeCloseTo(7.3, 12);
  });

  it('falls as the cheese settles under a screw, not under dead weight', () => {
    expect(kPaHoursOf(2, 4, false)).toBe(8);
    const falling = kPaHoursOf(2, 4, true);
    expect(falling).toBeLessThan(8);
    expect(falling).toBeGreaterThan(8 * 0.6);
    // Straight sum of the falling load, by trapezoids.
    let sum = 0;
    for (let i = 0; i < 4000; i++) sum += 2 * (0.6 + 0.4 * Math.exp(-(i + 0.5) / 1000 / 0.5)) * 0.001;
    expect(falling).toBeCloseTo(sum, 4);
  });

  it('a litre of cheese 10 cm high stands on a square of 10 cm (definition)', () =>
    expect(standingAreaM2(CHEESE_DENSITY_KG_PER_L, 10)).toBeCloseTo(0.01, 12));

  it('presses itself with half the weight of its own height (definition)', () =>
    expect(selfWeightKPa(10)).toBeCloseTo(0.52, 2));
});

describe('moisture by work (from memory, ±50 %)', () => {
  const usual = CURD_STYLES.grilling.usual;

  it('takes 2 points per halved cut, 0.4 per °C, 1.5 per doubled stir, 1 per doubled press', () => {
    expect(workedPoints(usual, usual)).toBe(0);
    for (const none of [{ cutMm: 0 }, { stirMin: 0 }, { kPaHours: 0 }]) {
      expect(workedPoints(usual, { ...usual, ...none })).toBe(0);
      expect(workedPoints({ ...usual, ...none }, usual)).toBe(0);
    }
    expect(workedPoints(usual, { ...usual, cutMm: 6 })).toBeCloseTo(2, 12);
    expect(workedPoints(usual, { ...usual, cookC: 42.5 })).toBeCloseTo(1, 12);
    expect(workedPoints(usual, { ...usual, stirMin: 40 })).toBeCloseTo(1.5, 12);
    expect(workedPoints(usual, { ...usual, kPaHours: 16 })).toBeCloseTo(1, 12);
  });

  it('never passes 8 points, and counts only what both have', () => {
    expect(workedPoints(usual, { ...usual, cookC: 90 })).toBe(8);
    expect(workedPoints(usual, { cutMm: 1e9 })).toBe(-8);
    expect(workedPoints({}, { cutMm: 5, cookC: 60, stirMin: 90 })).toBe(0);
  });

  it('a weak curd cut early costs up to a quarter (common practice)', () => {
    expect([1.2, 1, 0.75, 0.5, 0.1].map(earlyCutLoss)).toEqual([0, 0, 0.125, 0.25, 0.25]);
  });
});

it('whey is acid below 5.2, middling to 6.0, sweet above (common practice)', () => {
  expect([5.19, 5.2, 6, 6.01].map(wheyKindOf)).toEqual(['acid', 'middling', 'middling', 'sweet']);
});

it('a second cooking gathers most from sweet whey, next to nothing from acid (common practice)', () => {
  expect(gatheredShare(6.4)).toBe(1);
  expect(gatheredShare(5.6)).toBeCloseTo(0.55, 12);
  expect(gatheredShare(4.6)).toBe(0.1);
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { drainedMoisturePct, drainMinutes } from './drain';
import { pressedPoints, pressureKPa, roundAreaM2, weightKg } from './press';
import { wheyKindOf } from './whey';

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

  it('takes a point of moisture per doubling, at most 8 (from memory)', () => {
    expect(pressedPoints(15, 7.5)).toBeCloseTo(1, 12);
    expect(pressedPoints(1e9, 7.5)).toBe(8);
  });
});

it('whey is acid below 5.2, middling to 6.0, sweet above (common practice)', () => {
  expect([5.19, 5.2, 6, 6.01].map(wheyKindOf)).toEqual(['acid', 'middling', 'middling', 'sweet']);
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compositionOf } from '../milk/composition';
import { retainedDryMatter, vanSlykePriceKg, yieldPerMilk } from './balance';
import { drainedMoisturePct, drainMinutes } from './drain';
import { pressedPoints, pressureKPa, roundAreaM2, weightKg } from './press';
import { wheyKindOf } from './whey';

describe('yield', () => {
  it('Van Slyke and Price: 3.5 % fat, 2.48 % casein, 37 % moisture gives 9.75 kg per 100 kg', () => {
    expect(vanSlykePriceKg(3.5, 2.48, 37)).toBeCloseTo(9.75, 2);
  });

  it('the mass balance agrees with Van Slyke and Price within 1 % (Rf 0.93, Rc 0.96, s 0.045, salt 1.7 %)', () => {
    const milk = { ...compositionOf('cow', 3.5, 3.02), caseinPct: 2.48, wheyProteinPct: 0.54 };
    const dry = retainedDryMatter(milk, { fat: 0.93, casein: 0.96, wheyProtein: 0 });
    const kg = 100 * yieldPerMilk(dry, { moisturePct: 37, solutes: 0.045 }, 0.017);
    expect(Math.abs(kg / vanSlykePriceKg(3.5, 2.48, 37) - 1)).toBeLessThan(0.01);
  });
});

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

  it('takes about three quarters of an hour to 72 % at 4 kg of milk (common practice)', () => {
    expect(drainMinutes(curve, 4, 72)).toBeGreaterThan(40);
    expect(drainMinutes(curve, 4, 72)).toBeLessThan(50);
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

import fc from 'fast-check';
import { Solver } from 'odex';
import { describe, expect, it } from 'vitest';
import { kelvinOf } from '../units/measures';
import { denaturedShare, heatOver, NO_HEAT } from './denaturation';
import { mixedTempC } from './mixing';
import { minutesTo, potOf, tempAfter } from './pot';
import { HEATED_BY, warming } from './warming';

describe('mixing', () => {
  it('keeps heat: equal masses of water meet halfway, and the mix lies between its parts', () => {
    expect(
      mixedTempC([
        { what: 'water', kg: 1, tempC: 20 },
        { what: 'water', kg: 1, tempC: 80 },
      ]),
    ).toBeCloseTo(50, 12);
    const part = fc.record({
      what: fc.constantFrom('milk' as const, 'curd' as const, 'whey' as const, 'water' as const),
      kg: fc.double({ min: 0.01, max: 100, noNaN: true }),
      tempC: fc.double({ min: 0, max: 100, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(part, { minLength: 1, maxLength: 5 }), (parts) => {
        const temps = parts.map((p) => p.tempC);
        const mixed = mixedTempC(parts);
        expect(mixed).toBeGreaterThanOrEqual(Math.min(...temps) - 1e-9);
        expect(mixed).toBeLessThanOrEqual(Math.max(...temps) + 1e-9);
      }),
    );
  });
});

describe('lumped pot', () => {
  it('agrees with a general ODE library on m c dT/dt = P − U A (T − room)', () => {
    const pot = potOf(8, 8.2);
    const slope = (_t: number, [temp = 0]: number[]) => [
      ((pot.powerKw - pot.lossKwPerK * (temp - 18)) / pot.capacity) * 60,
    ];
    const [reference] = new Solver(1).solve(slope, 0, [4], 40).y as [number];
    expect(tempAfter(pot, 4, 40, 18)).toBeCloseTo(reference, 3);
  });

  it('inverts: the time to a temperature leads to that temperature', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 200, noNaN: true }),
        fc.double({ min: 20, max: 95, noNaN: true }),
        (litres, toC) => {
          const pot = potOf(litres, litres * 1.03);
          expect(tempAfter(pot, 4, minutesTo(pot, 4, toC, 20), 20)).toBeCloseTo(toC, 8);
        },
      ),
    );
  });

  it('never gets there when the heat cannot', () => {
    expect(minutesTo(potOf(4, 4.1), 20, 90, 20, 0.01)).toBe(Number.POSITIVE_INFINITY);
  });
});

describe('whey-protein denaturation (Dannenberg and Kessler 1988, from memory)', () => {
  it('agrees with a general ODE library along a ramp, β of order 1.5', () => {
    const k = (tempC: number) => Math.exp(84.16 - 265_200 / (8.314 * kelvinOf(tempC)));
    const slope = (t: number, [c = 0]: number[]) => [-k(60 + t / 20) * c ** 1.5];
    const [native] = new Solver(1).solve(slope, 0, [1], 600).y as [number];
    const dose = heatOver(NO_HEAT, 60, 90, 10);
    // The panels' own error, stated with them, is half a percent of the dose.
    expect((1 + dose.beta / 2) ** -2).toBeCloseTo(native, 2);
  });

  it('never falls with more heat, never passes the share that can denature', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 40, max: 99, noNaN: true }),
        fc.double({ min: 0, max: 200, noNaN: true }),
        (tempC, minutes) => {
          const less = denaturedShare(heatOver(NO_HEAT, tempC, tempC, minutes));
          const more = denaturedShare(heatOver(NO_HEAT, tempC, tempC, minutes + 1));
          expect(more).toBeGreaterThanOrEqual(less);
          expect(more).toBeLessThanOrEqual(0.86 + 1e-12);
        },
      ),
    );
  });
});

it.each(HEATED_BY)(
  '%s: milk begins where it was, ends where it is wanted, and only ever gets warmer',
  (by) => {
    const body = potOf(10, 10.3, 'milk');
    const way = warming({ by }, body, { litres: 10, kg: 10.3 }, 6, 32, 20, 1);
    const at = Array.from({ length: 11 }, (_, i) => way.after((way.minutes * i) / 10));
    expect(at[0]).toBeCloseTo(6, 6);
    expect(at.at(-1)).toBeCloseTo(32, 4);
    for (let i = 1; i < at.length; i++) expect(at[i]).toBeGreaterThan(at[i - 1] as number);
  },
);

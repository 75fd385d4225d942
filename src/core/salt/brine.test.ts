import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { brineDensityKgPerL, brineOf, brineSaltGrams, SATURATED_PCT_WW, topUpGrams } from './brine';
import { type BrineTime, brineHours, endSaltPct, saltAfterHours, saltDiffusionCm2PerDay } from './diffusion';

describe('brine strength', () => {
  it('10 parts of water to 1 of salt by mass is 9.1 % w/w (definition)', () => {
    expect(brineOf(10 / 0.9982, 1000).percentWw).toBeCloseTo(9.09, 2);
  });

  it('is about 1.07 kg/L at 10 % and 1.20 at saturation, 20 °C (handbook of chemistry, from memory)', () => {
    expect(brineDensityKgPerL(10)).toBeCloseTo(1.07, 2);
    expect(brineDensityKgPerL(SATURATED_PCT_WW)).toBeCloseTo(1.2, 2);
  });

  it('its salt is its share of salt and water together', () => {
    expect(brineSaltGrams(9, 10)).toBeCloseTo(1000, 6);
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 200, noNaN: true }),
        fc.double({ min: 1, max: SATURATED_PCT_WW, noNaN: true }),
        (waterKg, pctWw) => {
          const grams = brineSaltGrams(waterKg, pctWw);
          expect((100 * grams) / (grams + waterKg * 1000)).toBeCloseTo(pctWw, 6);
        },
      ),
    );
  });

  it('a top-up brings it back', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 15, noNaN: true }),
        fc.double({ min: 0.5, max: 9, noNaN: true }),
        (now, more) => {
          const grams = 5 * brineDensityKgPerL(now) * 1000;
          const added = topUpGrams(5, now, now + more);
          expect((100 * ((grams * now) / 100 + added)) / (grams + added)).toBeCloseTo(now + more, 9);
        },
      ),
    );
  });
});

const ball: BrineTime = {
  shape: 'sphere',
  grams: 300,
  brinePctWw: 18,
  targetSaltPct: 1.5,
  moisturePct: 48,
  startSaltPct: 0,
  tempC: 12,
};

/** Mean salt by finite differences in space and time: an independent solution of Fick's second law. */
function numerically(half: number, power: 0 | 1 | 2, hours: number, tempC: number, endPct: number): number {
  const cells = 120;
  const dx = half / cells;
  const d = saltDiffusionCm2PerDay(tempC) / 24;
  const dt = (0.2 * dx * dx) / d;
  let c = new Float64Array(cells);
  const area = (x: number) => x ** power;
  const volume = (i: number) =>
    (((i + 1) ** (power + 1) - i ** (power + 1)) * dx ** (power + 1)) / (power + 1);
  for (let t = 0; t < hours; t += dt) {
    const step = Math.min(dt, hours - t);
    const next = Float64Array.from(c);
    for (let i = 0; i < cells; i++) {
      const inner = i === 0 ? 0 : (area(i * dx) * d * ((c[i - 1] as number) - (c[i] as number))) / dx;
      const outer =
        i === cells - 1
          ? (area(half) * d * (endPct - (c[i] as number))) / (dx / 2)
          : (area((i + 1) * dx) * d * ((c[i + 1] as number) - (c[i] as number))) / dx;
      next[i] = (c[i] as number) + (step * (inner + outer)) / volume(i);
    }
    c = next;
  }
  let sum = 0;
  let all = 0;
  for (let i = 0; i < cells; i++) {
    sum += (c[i] as number) * volume(i);
    all += volume(i);
  }
  return sum / all;
}

describe('time in brine, by Crank’s series', () => {
  const end = endSaltPct(18, 48);
  const radius = Math.cbrt((3 * 300) / 1.06 / (4 * Math.PI));

  it('agrees with a numerical solution of Fick’s law for a sphere', () => {
    for (const hours of [1, 4, 12, 48])
      expect(saltAfterHours(ball, hours) / numerically(radius, 2, hours, 12, end)).toBeCloseTo(1, 2);
  });

  it('agrees with it for a slab and a long cylinder', () => {
    for (const hours of [2, 8, 30, 150]) {
      const slab = saltAfterHours({ ...ball, shape: 'slab', thicknessCm: 3 }, hours);
      expect(slab / numerically(1.5, 0, hours, 12, end)).toBeCloseTo(1, 2);
      // So heavy that its ends do not matter.
      const bar = saltAfterHours({ ...ball, shape: 'cylinder', diameterCm: 4, grams: 400_000 }, hours);
      expect(bar / numerically(2, 1, hours, 12, end)).toBeCloseTo(1, 2);
    }
  });

  it('runs on without a step where the short-time solution hands over to the series', () => {
    for (const shape of ['sphere', 'slab', 'cylinder', 'brick'] as const) {
      const piece: BrineTime = { ...ball, shape, diameterCm: 8, thicknessCm: 4 };
      let before = 0;
      for (let hours = 0.01; hours < 40; hours *= 1.01) {
        const now = saltAfterHours(piece, hours);
        expect(now).toBeGreaterThan(before);
        if (before > 0) expect(now / before).toBeLessThan(1.012);
        before = now;
      }
    }
  });

  it('inverts, and takes longer for more salt, a bigger piece, a weaker or colder brine', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('sphere' as const, 'slab' as const, 'cylinder' as const, 'brick' as const),
        fc.double({ min: 0.3, max: 3, noNaN: true }),
        fc.double({ min: 100, max: 2000, noNaN: true }),
        (shape, targetSaltPct, grams) => {
          const piece: BrineTime = { ...ball, shape, grams, targetSaltPct, diameterCm: 8, thicknessCm: 4 };
          const hours = brineHours(piece);
          expect(saltAfterHours(piece, hours)).toBeCloseTo(targetSaltPct, 4);
          expect(brineHours({ ...piece, targetSaltPct: targetSaltPct * 1.05 })).toBeGreaterThan(hours);
          expect(brineHours({ ...piece, brinePctWw: 16 })).toBeGreaterThan(hours);
          expect(brineHours({ ...piece, tempC: 8 })).toBeGreaterThan(hours);
          if (shape === 'sphere') expect(brineHours({ ...piece, grams: grams * 2 })).toBeGreaterThan(hours);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('starts from the salt that is there, and refuses more than the brine can give', () => {
    expect(brineHours({ ...ball, startSaltPct: 1 })).toBeLessThan(brineHours(ball));
    expect(brineHours({ ...ball, startSaltPct: 2 })).toBe(0);
    expect(() => brineHours({ ...ball, targetSaltPct: 12 })).toThrow(/at most/);
  });
});

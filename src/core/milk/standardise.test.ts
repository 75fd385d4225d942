import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nonNegativeLeastSquares } from '../numeric/nnls';
import { blend, creamBatch } from './blend';
import { compositionOf, milkBatch } from './composition';
import { massesForBlend, massToFat } from './standardise';

const milk = milkBatch(10, compositionOf('cow', 3.5, 3.2));
const scaled = (batch: typeof milk, kg: number) => ({
  ...batch,
  massKg: kg,
  litres: kg / batch.densityKgPerL,
});

describe('standardising', () => {
  it('Pearson’s square: the blend has the wanted fat', () => {
    fc.assert(
      fc.property(fc.double({ min: 3.6, max: 30, noNaN: true }), (target) => {
        const cream = creamBatch('cow', 1, 36);
        expect(blend([milk, scaled(cream, massToFat(milk, cream, target))]).composition.fatPct).toBeCloseTo(
          target,
          8,
        );
      }),
    );
    expect(() => massToFat(milk, creamBatch('cow', 1, 36), 2)).toThrow(/no blend/);
  });

  it('several milks to a fat and a casein-to-fat ratio', () => {
    const milks = [milk, creamBatch('cow', 1, 36), milkBatch(1, compositionOf('cow', 0.1, 3.4))];
    const masses = massesForBlend(milks, { massKg: 20, fatPct: 3, caseinToFat: 0.9 });
    const mixed = blend(milks.map((one, i) => scaled(one, masses[i] as number)));
    expect(mixed.massKg).toBeCloseTo(20, 6);
    expect(mixed.composition.fatPct).toBeCloseTo(3, 6);
    expect(mixed.composition.caseinPct / mixed.composition.fatPct).toBeCloseTo(0.9, 2);
  });
});

describe('non-negative least squares', () => {
  const entry = fc.double({ min: -3, max: 3, noNaN: true });

  it('meets the conditions of Kuhn and Tucker on any small problem', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(entry, entry, entry), { minLength: 3, maxLength: 6 }),
        fc.array(entry, { minLength: 6, maxLength: 6 }),
        (rows, b) => {
          const x = nonNegativeLeastSquares(rows, b);
          const residual = rows.map(
            (row, i) => (b[i] as number) - row.reduce((sum, a, j) => sum + a * (x[j] as number), 0),
          );
          x.forEach((value, j) => {
            const gradient = rows.reduce(
              (sum, row, i) => sum + (row[j] as number) * (residual[i] as number),
              0,
            );
            expect(value).toBeGreaterThanOrEqual(0);
            expect(gradient).toBeLessThan(1e-6);
            if (value > 1e-9) expect(Math.abs(gradient)).toBeLessThan(1e-6);
          });
        },
      ),
    );
  });
});

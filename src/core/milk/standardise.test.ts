import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nonNegativeLeastSquares } from '../numeric/nnls';
import { blend, creamBatch } from './blend';
import { compositionOf, milkBatch } from './composition';
import { caseinToFat, massesForBlend, massesPouredIn, massToCaseinToFat, massToFat } from './standardise';

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

  it('the same square to a casein-to-fat ratio, and none beyond what the two have', () => {
    const skim = creamBatch('cow', 1, 0.05);
    fc.assert(
      fc.property(fc.double({ min: 0.75, max: 20, noNaN: true }), (target) => {
        const mixed = blend([milk, scaled(skim, massToCaseinToFat(milk, skim, target))]);
        expect(caseinToFat(mixed)).toBeCloseTo(target, 8);
      }),
    );
    expect(() => massToCaseinToFat(milk, skim, 0.5)).toThrow(/no blend of 0.7\d and/);
  });

  it('what is poured into a milk leaves all of that milk in', () => {
    const skim = creamBatch('cow', 1, 0.05);
    const cream = creamBatch('cow', 1, 36);
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 8, noNaN: true }),
        fc.double({ min: 0.3, max: 1.1, noNaN: true }),
        (fatPct, share) => {
          const rich = milkBatch(5, compositionOf('cow', 4.2, 3.9));
          // Between the ratio that cream alone would bring at this fat and that of the protein-rich milk beside it.
          const wanted = { fatPct, caseinToFat: (share * 2.6) / fatPct };
          let masses: number[];
          try {
            masses = massesPouredIn(milk, [rich, skim, cream], wanted);
          } catch (error) {
            expect(String(error)).toMatch(/without any of the first milk/);
            return;
          }
          const others = [rich, skim, cream].map((one, i) => scaled(one, masses[i] as number));
          const all = [milk, ...others];
          const free = massesForBlend([milk, rich, skim, cream], { massKg: 1, ...wanted });
          const sum = all.reduce((total, one) => total + one.massKg, 0);
          all.forEach((one, i) => {
            expect(one.massKg / sum).toBeCloseTo(
              (free[i] as number) / free.reduce((total, kg) => total + kg, 0),
              6,
            );
          });
        },
      ),
    );
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

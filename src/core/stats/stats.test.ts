import { deviation, quantile as reference, variance as referenceVariance } from 'd3-array';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findRoot } from '../numeric/root';
import { normal, seeded } from './random';
import { normalQuantile } from './spreadPoints';
import { explainedShare, quantile, variance } from './summary';

describe('summaries agree with a general statistics library', () => {
  it('the normal distribution’s quantiles are those of its tables, and lie alike on both sides', () => {
    const table = [
      [0.5, 0],
      [0.75, 0.6744898],
      [0.9, 1.2815516],
      [0.95, 1.6448536],
      [0.975, 1.959964],
      [0.999, 3.0902323],
      [0.9999999, 5.1993376],
      [1 - 1e-12, 7.0344869],
    ] as const;
    for (const [p, z] of table) expect(normalQuantile(p), String(p)).toBeCloseTo(z, p > 0.9999 ? 3 : 5);
    fc.assert(
      fc.property(fc.double({ min: 1e-9, max: 0.5, noNaN: true }), (p) => {
        expect(normalQuantile(1 - p)).toBeCloseTo(-normalQuantile(p), 5);
      }),
    );
  });

  it('quantiles and variance', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -1e3, max: 1e3, noNaN: true }), { minLength: 2, maxLength: 50 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (values, p) => {
          const sorted = Float64Array.from(values).sort();
          expect(quantile(sorted, p)).toBeCloseTo(reference(values, p) as number, 8);
          expect(variance(values)).toBeCloseTo(referenceVariance(values) as number, 6);
        },
      ),
    );
  });
});

it('normal draws have mean 0 and deviation 1, and the seed decides them', () => {
  const random = seeded(7);
  const drawn = Array.from({ length: 20_000 }, () => normal(random));
  expect(Math.abs(drawn.reduce((a, b) => a + b, 0) / drawn.length)).toBeLessThan(0.03);
  expect(deviation(drawn)).toBeCloseTo(1, 1);
  const again = seeded(7);
  expect(normal(again)).toBe(drawn[0]);
});

it('what follows from x alone is explained by it, straight or bent; noise is not', () => {
  const random = seeded(3);
  const x = Array.from({ length: 4000 }, () => normal(random));
  const noise = x.map(() => normal(random));
  // Forty bins of a normal x leave about 1 % inside the bins.
  expect(
    explainedShare(
      x,
      x.map((v) => 3 - 2 * v),
    ),
  ).toBeGreaterThan(0.97);
  expect(explainedShare(x, x.map(Math.abs))).toBeGreaterThan(0.9);
  expect(explainedShare(x, noise)).toBeLessThan(0.01);
  expect(
    explainedShare(
      x,
      x.map((v, i) => v + (noise[i] as number)),
    ),
  ).toBeCloseTo(0.5, 1);
  expect(
    explainedShare(
      x.map(() => 1),
      x,
    ),
  ).toBe(0);
});

it('finds roots of monotone functions', () => {
  fc.assert(
    fc.property(fc.double({ min: -5, max: 5, noNaN: true }), (r) => {
      expect(findRoot((x) => Math.sinh(x - r), -20, 20, 1e-9)).toBeCloseTo(r, 6);
    }),
  );
});

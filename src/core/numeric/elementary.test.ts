import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cbrtOf, cosOfTurn, expOf, hypotOf, lnOf, log2Of, powOf, tensOf } from './elementary';

/** How far apart, as a share of the second; of one, where that is smaller. */
const apart = (a: number, b: number) => Math.abs(a - b) / Math.max(Math.abs(b), 1e-300);
const within = (min: number, max: number) => fc.double({ min, max, noNaN: true });
/** A unit in the last place or two. */
const LAST = 4.5e-16;

describe('elementary functions, against the engine’s own', () => {
  it('powers of e', () => {
    fc.assert(
      fc.property(within(-700, 700), (x) => apart(expOf(x), Math.exp(x)) <= LAST),
      { numRuns: 5000 },
    );
    expect([expOf(0), expOf(-1e4), expOf(1e4)]).toEqual([1, 0, Number.POSITIVE_INFINITY]);
    // Too small for a whole mantissa: as near as such numbers lie.
    fc.assert(
      fc.property(within(-760, -700), (x) => Math.abs(expOf(x) - Math.exp(x)) <= Math.exp(x) * LAST + 5e-324),
      { numRuns: 2000 },
    );
    expect(expOf(Number.NaN)).toBeNaN();
  });

  it('natural logarithms', () => {
    fc.assert(
      fc.property(within(-300, 300), (tens) => {
        const x = 10 ** tens;
        return Math.abs(lnOf(x) - Math.log(x)) <= LAST * Math.max(Math.abs(Math.log(x)), 1e-300);
      }),
      { numRuns: 5000 },
    );
    fc.assert(fc.property(within(0.5, 2), (x) => Math.abs(lnOf(x) - Math.log(x)) <= LAST));
    expect([lnOf(1), lnOf(0)]).toEqual([0, Number.NEGATIVE_INFINITY]);
    expect(lnOf(-1)).toBeNaN();
    expect(lnOf(5e-324)).toBeCloseTo(Math.log(5e-324), 10);
  });

  it('powers, whole ones to the last digit', () => {
    for (let n = -22; n <= 22; n++) expect(powOf(10, n)).toBe(Number(`1e${n}`));
    expect([powOf(-2, 3), powOf(0, 2), powOf(0, 0.5), powOf(7, 0)]).toEqual([-8, 0, 0, 1]);
    fc.assert(
      fc.property(within(1e-6, 1e6), within(-9, 9), (x, y) => apart(powOf(x, y), x ** y) <= 3e-14),
      { numRuns: 2000 },
    );
  });

  it('cube roots, logarithms of two, sides of triangles and cosines', () => {
    fc.assert(fc.property(within(1e-200, 1e9), (x) => apart(cbrtOf(x), Math.cbrt(x)) <= LAST));
    expect([cbrtOf(27), cbrtOf(-8), cbrtOf(0)]).toEqual([3, -2, 0]);
    expect(log2Of(8)).toBeCloseTo(3, 15);
    expect(hypotOf(3, 4)).toBe(5);
    fc.assert(
      fc.property(within(0, 1), (turn) => Math.abs(cosOfTurn(turn) - Math.cos(2 * Math.PI * turn)) <= 1e-15),
      { numRuns: 2000 },
    );
    expect([0, 0.5, 1].map(cosOfTurn)).toEqual([1, -1, 1]);
  });

  it('the power of ten a number stands in', () => {
    expect([0.02, 1, 9.99, 1000, -0.5].map(tensOf)).toEqual([-2, 0, 0, 3, -1]);
  });
});

it('no figure is worked out by a function that engines work out each in its own way', () => {
  const root = join(import.meta.dirname, '../..');
  const found = readdirSync(root, { recursive: true, encoding: 'utf8' })
    .filter((name) => /\.tsx?$/.test(name) && !/\.test\.tsx?$|fixtures\/|numeric\/elementary/.test(name))
    .filter((name) =>
      /Math\.(exp|expm1|log|log10|log1p|log2|pow|cbrt|hypot|a?(sin|cos|tan)h?|atan2)\b|[\w)\]] \*\* /.test(
        readFileSync(join(root, name), 'utf8'),
      ),
    )
    // Drawings only: where a leaf or a spoon points.
    .filter((name) => !/^ui\/pictures\/things|^views\/pot\/practise\/PotPicture/.test(name));
  expect(found).toEqual([]);
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { areaBelow, heightOf, layerTops, spreadLabels } from './pailShape';

const shape = { bottom: 150, top: 230, height: 240 };

describe('the pail’s section', () => {
  it('finds the height that holds an area', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 240, noNaN: true }), (y) => {
        expect(heightOf(shape, areaBelow(shape, y))).toBeCloseTo(y, 7);
      }),
    );
  });

  it('draws layers whose areas are in the proportion of their masses', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.001, max: 10, noNaN: true }), { minLength: 2, maxLength: 10 }),
        (masses) => {
          const tops = layerTops(shape, masses, 0.86);
          const total = masses.reduce((a, b) => a + b, 0);
          const full = areaBelow(shape, 240 * 0.86);
          tops.forEach((top, i) => {
            const area = areaBelow(shape, top) - areaBelow(shape, tops[i - 1] ?? 0);
            expect(area / full).toBeCloseTo((masses[i] as number) / total, 9);
          });
        },
      ),
    );
  });
});

it('moves labels apart without leaving the room', () => {
  const placed = spreadLabels([10, 12, 13, 200, 201], 24, 210);
  expect(placed).toEqual([10, 34, 58, 186, 210]);
});

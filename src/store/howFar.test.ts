import fc from 'fast-check';
import { expect, it } from 'vitest';
import { counted } from './howFar';

it('tells each hundredth once, rising, and is never done before it is', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 5000 }), fc.integer({ min: 1, max: 6000 }), (all, steps) => {
      const told: number[] = [];
      const tick = counted(all, (share) => told.push(share));
      for (let i = 0; i < steps; i++) tick();
      expect(told).toEqual([...new Set(told)].sort((a, b) => a - b));
      expect(told.length).toBeLessThanOrEqual(100);
      expect(told.every((share) => share >= 0 && share < 1)).toBe(true);
      expect(told.at(-1)).toBeCloseTo(Math.min(0.99, Math.floor((100 * steps) / Math.max(1, all)) / 100), 9);
    }),
    { numRuns: 50 },
  );
});

it('counts several at once', () => {
  const told: number[] = [];
  const tick = counted(200, (share) => told.push(share));
  tick(50);
  tick(50);
  expect(told).toEqual([0.25, 0.5]);
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compositionOf } from '../milk/composition';
import { BAGS, type Bag, bagAfter, bagHours } from './bag';

const goat: Bag = {
  composition: compositionOf('goat', 3.8, 3.1),
  milkKg: 4,
  tempC: 20,
  style: BAGS['goat-lactic'],
};

describe('a bag of lactic curd', () => {
  it('gets lighter and drier, slower the bigger and the colder it is', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 40, noNaN: true }),
        fc.double({ min: 0.5, max: 30, noNaN: true }),
        (kg, hours) => {
          const bag = { ...goat, milkKg: kg };
          const now = bagAfter(bag, hours);
          const later = bagAfter(bag, hours + 1);
          expect(later.kgLeft).toBeLessThan(now.kgLeft);
          expect(later.moisturePct).toBeLessThan(now.moisturePct);
          expect(bagHours({ ...bag, milkKg: kg * 2 }, 75)).toBeGreaterThan(bagHours(bag, 75));
          expect(bagHours({ ...bag, tempC: 12 }, 75)).toBeGreaterThan(bagHours(bag, 75));
        },
      ),
    );
  });

  it('one weighing gives the new time: passing through it, slower when heavier than expected', () => {
    const expected = bagAfter(goat, 3);
    const heavy = { ...goat, weighed: [[3, expected.kgLeft * 1.05]] as const };
    expect(bagAfter(heavy, 3).kgLeft).toBeCloseTo(expected.kgLeft * 1.05, 8);
    expect(bagHours(heavy, 77)).toBeGreaterThan(bagHours(goat, 77));
    expect(bagHours({ ...goat, weighed: [[3, expected.kgLeft]] }, 77)).toBeCloseTo(bagHours(goat, 77), 4);
  });

  it('never passes its end, and needs no time for what it is already', () => {
    expect(bagHours(goat, 60)).toBe(Number.POSITIVE_INFINITY);
    expect(bagHours(goat, 95)).toBe(0);
  });
});

import { expect, it } from 'vitest';
import { costPerKg, worthOf } from './cost';

it('counts goods and hands per kilogram, and what a shop’s price leaves for the hour', () => {
  expect(costPerKg(8, 1.2, 2)).toBeCloseTo(4.8, 12);
  const worth = worthOf({ kg: 2, ingredients: 10, handsOnMin: 90 }, 12, 15);
  expect(worth.ingredientsPerKg).toBe(5);
  expect(worth.handsMinPerKg).toBe(45);
  expect(worth.perKgWithHands).toBeCloseTo((10 + 18) / 2, 12);
  expect(worth.earnedPerHour).toBeCloseTo(20 / 1.5, 12);
  expect(worthOf({ kg: 2, ingredients: 10, handsOnMin: 90 }, 12).earnedPerHour).toBeNull();
});

it('three times the batch with hands that hardly grow costs less a kilogram', () => {
  const once = worthOf({ kg: 1, ingredients: 8, handsOnMin: 120 }, 10);
  const thrice = worthOf({ kg: 3, ingredients: 24, handsOnMin: 150 }, 10);
  expect(thrice.perKgWithHands).toBeLessThan(once.perKgWithHands);
  expect(thrice.ingredientsPerKg).toBeCloseTo(once.ingredientsPerKg, 12);
});

it('hands that took no time earn nothing that could be told by the hour', () => {
  expect(worthOf({ kg: 2, ingredients: 10, handsOnMin: 0 }, 12, 15).earnedPerHour).toBeNull();
});

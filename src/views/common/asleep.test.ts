import { expect, test } from 'vitest';
import { USUAL_KITCHEN } from '../../store/slices/kitchen';
import { asleep } from './asleep';

const at = (hour: number, minute = 0) => new Date(2026, 10, 26, hour, minute).getTime();

test('the night is the one the kitchen sets, over midnight or by day', () => {
  expect([22, 23, 3, 6].map((hour) => asleep(at(hour), USUAL_KITCHEN))).toEqual([false, true, true, false]);
  const shift = { ...USUAL_KITCHEN, asleepFrom: 8, asleepTo: 16 };
  expect([7, 8, 15, 16, 23].map((hour) => asleep(at(hour), shift))).toEqual([
    false,
    true,
    true,
    false,
    false,
  ]);
  expect(asleep(at(5, 59), USUAL_KITCHEN)).toBe(true);
});

test('nobody sleeps where both hours are the same', () => {
  const never = { ...USUAL_KITCHEN, asleepFrom: 6, asleepTo: 6 };
  expect(Array.from({ length: 24 }, (_, hour) => asleep(at(hour), never))).not.toContain(true);
});

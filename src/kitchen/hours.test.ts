import { expect, test } from 'vitest';
import { asleep, away, roomOverC, unattended } from './hours';
import { USUAL_KITCHEN } from './usual';

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

test('away hours count only where both are given, and nobody is there then', () => {
  expect(away(at(10), { ...USUAL_KITCHEN, awayFrom: 9 })).toBe(false);
  const office = { ...USUAL_KITCHEN, awayFrom: 9, awayTo: 17 };
  expect([8, 9, 16, 17].map((hour) => away(at(hour), office))).toEqual([false, true, true, false]);
  expect([8, 12, 23].map((hour) => unattended(at(hour), office))).toEqual([false, true, true]);
});

test('the room over a night is between the day and the night, by their hours', () => {
  const kitchen = { ...USUAL_KITCHEN, roomC: 20, roomNightC: 14 };
  expect(roomOverC(USUAL_KITCHEN, at(20), 12)).toBe(20);
  expect(roomOverC(kitchen, at(9), 3)).toBe(20);
  expect(roomOverC(kitchen, at(23), 7)).toBe(14);
  // Three hours of evening, seven of night, two of morning.
  expect(roomOverC(kitchen, at(20), 12)).toBeCloseTo((5 * 20 + 7 * 14) / 12, 1);
});

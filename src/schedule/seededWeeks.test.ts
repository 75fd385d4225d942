import { describe, expect, it } from 'vitest';
import { wallMinutes } from '../core/units/wallTime';
import { zoneClock } from './clock';
import { brokenIn } from './fixtures/checker';
import { seededWeek } from './fixtures/weeks';
import { goodWeek, readyWeek, type Week } from './week';
import { weekPlanOf } from './weekFile';

const ROUNDS = 3;

function goodAnswer(week: Week) {
  const ready = readyWeek(week);
  return weekPlanOf(ready, goodWeek(ready, undefined, ROUNDS), false);
}

describe('500 seeded weeks', () => {
  it.each([
    ['of a few makes, by one alone', 200, 3, 1],
    ['of six, by two', 150, 6, 2],
    ['of ten, by two', 100, 10, 2],
    ['of eight, by one', 50, 8, 1],
  ])(
    '%s break no rule to the minute',
    (_, many, makes, hands) => {
      for (let seed = 1; seed <= many; seed++) {
        const week = seededWeek(seed, { makes, hands });
        const answer = goodAnswer(week);
        expect(brokenIn(week, answer), `seed ${seed}`).toEqual([]);
        expect(answer.placed.length + answer.left.length).toBe(makes);
      }
    },
    240_000,
  );

  it.each([
    ['forward', '2026-03-23T00:00'],
    ['back', '2026-10-19T00:00'],
  ])(
    'over the night the clock is put %s: a wait lasts as long, people sleep by the wall',
    (_, from) => {
      const clock = zoneClock('Europe/Berlin');
      for (let seed = 1; seed <= 25; seed++) {
        const week = seededWeek(seed, { makes: 6, from: wallMinutes(from) as number, clock, days: 9 });
        const answer = goodAnswer(week);
        expect(brokenIn(week, answer), `seed ${seed}`).toEqual([]);
        expect(answer.placed.length).toBeGreaterThan(3);
      }
    },
    120_000,
  );
});

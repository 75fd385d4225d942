import { describe, expect, it } from 'vitest';
import { PRESSED_CASES } from './fixtures/pressedCases';
import { SELDOM_CASES } from './fixtures/seldomCases';
import { SOUR_CASES } from './fixtures/sourCases';
import { STRETCHED_CASES } from './fixtures/stretchedCases';
import { type Case, stateTold } from './fixtures/told';
import { judge } from './judge';

const CASES: readonly Case[] = [...STRETCHED_CASES, ...PRESSED_CASES, ...SOUR_CASES, ...SELDOM_CASES];

/** Logs that explain nothing: nothing may be told as sure. */
const SILENT = [
  'quick-stretched',
  'squeaky-curds',
  'fresh-pressed',
  'whole-milk-ricotta',
  'goat-lactic',
] as const;

const idsOf = (one: Case) => judge(stateTold(one), one.found).causes.map(({ id }) => id);
const known = (one: Case) => idsOf(one).filter((id) => id !== 'model-off');
const nameOf = (one: Case) => `${one.method}: ${one.found.join(', ')}, was ${one.was}`;

describe('what was told', () => {
  it('is enough, over all families', () => {
    expect(CASES.length).toBeGreaterThanOrEqual(60);
    expect(new Set(CASES.map(({ method }) => method)).size).toBe(17);
    expect(CASES.filter(({ never }) => never).length).toBeGreaterThan(20);
    expect(CASES.filter(({ and }) => and).length).toBeGreaterThanOrEqual(4);
  });

  it('is found first in three quarters, and among the first three in 92 of a hundred', () => {
    const right = (one: Case, most: number) =>
      known(one)
        .slice(0, most)
        .some((id) => id === one.was);
    const missed = CASES.filter((one) => !right(one, 3));
    const notFirst = CASES.filter((one) => !right(one, 1));
    const told = (some: readonly Case[]) => JSON.stringify(some.map((one) => [nameOf(one), known(one)]));
    expect(missed.length / CASES.length, told(missed)).toBeLessThanOrEqual(0.08);
    expect(notFirst.length / CASES.length, told(notFirst)).toBeLessThanOrEqual(0.25);
  });

  it.each(CASES.filter(({ never }) => never).map((one) => [nameOf(one), one] as const))(
    'what the log rules out is not told: %s',
    (_name, one) => {
      for (const cause of one.never ?? []) expect(idsOf(one)).not.toContain(cause);
    },
  );

  it.each(CASES.filter(({ and }) => and).map((one) => [nameOf(one), one] as const))(
    'two faults at once are both told: %s',
    (_name, one) => {
      expect(known(one).slice(0, 3)).toEqual(expect.arrayContaining([one.was, one.and]));
    },
  );

  it.each(SILENT)('a log that explains nothing says so: %s', (method) => {
    const { causes } = judge(stateTold({ method }), ['bitter']);
    expect(causes.every(({ id, likelyPct }) => id === 'model-off' || likelyPct <= 60)).toBe(true);
    expect(causes.find(({ id }) => id === 'model-off')?.likelyPct).toBeGreaterThanOrEqual(15);
  });
});

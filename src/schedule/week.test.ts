import loadSolver from 'highs';
import { beforeAll, describe, expect, it } from 'vitest';
import { wallMinutes, wallTimeOf } from '../core/units/wallTime';
import { basic, planned } from '../plan/fixtures/briefs';
import { demandOf } from '../plan/placing/demand';
import { brokenIn } from './fixtures/checker';
import { seededWeek } from './fixtures/weeks';
import { AS_WRITTEN } from './ownHours';
import { type Solver, solverOf } from './solver';
import { bestWeek, goodWeek, readyWeek, type Wanted, type Week } from './week';
import { weekPlanOf } from './weekFile';
import { clashesText } from './whyNot';
import { costLaid } from './wish';

const MONDAY = wallMinutes('2026-11-30T00:00') as number;
let solver: Solver;
beforeAll(async () => {
  solver = solverOf(await loadSolver());
});

/** As much time as it wants: what is proved does not hang on the machine. */
const patient = () => 3600;
const laidOf = (week: Week, prove = false, rounds = prove ? 40 : 3) => {
  const ready = readyWeek(week);
  const good = goodWeek(ready, undefined, rounds);
  const { laid, proved } = prove ? bestWeek(ready, good, solver, patient) : { laid: good, proved: false };
  return { ready, good, laid, answer: weekPlanOf(ready, laid, proved) };
};

describe('a proved week', () => {
  it('breaks no rule, is never worse than the first, and no wish can be put better while the others stand', () => {
    let proofs = 0;
    for (let seed = 1; seed <= 12; seed++) {
      const week = seededWeek(seed, { makes: 4 });
      const { ready, good, laid, answer } = laidOf(week, true);
      expect(brokenIn(week, answer), `seed ${seed}`).toEqual([]);
      expect(costLaid(ready.task, laid)).toBeLessThanOrEqual(costLaid(ready.task, good) + 1e-6);
      if (!answer.proved) continue;
      proofs += 1;
      const again = goodWeek(ready, laid, 200);
      expect(costLaid(ready.task, again)).toBeGreaterThanOrEqual(costLaid(ready.task, laid) - 1e-6);
    }
    expect(proofs).toBeGreaterThanOrEqual(10);
  });

  it('of two makes is the best of all pairs of starts, tried one by one', () => {
    for (let seed = 1; seed <= 6; seed++) {
      const whole = seededWeek(seed, { makes: 2, hands: 1 });
      const week = { ...whole, pots: whole.pots?.slice(0, 1) };
      const { ready, laid, answer } = laidOf(week, true);
      expect(answer.proved).toBe(true);
      expect(brokenIn(week, answer, { wholeMinutes: true }), `seed ${seed}`).toEqual([]);
      const ways = ready.task.wishes.map(({ columns }) =>
        Array.from({ length: columns.likely }, (_, i) => columns.at(i)),
      );
      const least = costLaid(ready.task, laid);
      for (const a of ways[0] ?? [])
        for (const b of ways[1] ?? []) {
          if (!a || !b || a.earlyMin + b.earlyMin >= least - 1e-6) continue;
          const pair = [a, b].map((column) => ({ column, pot: column.shape.pot ? 0 : null }));
          const laidSo = weekPlanOf(ready, pair, true);
          expect(brokenIn(week, laidSo, { wholeMinutes: true }), `seed ${seed}`).not.toEqual([]);
        }
    }
  });
});

describe('a week by hand', () => {
  const plan = (method: string, litres = 8) => planned(basic(method, { litres })).plan;
  const wish = (id: string, method: string, more: Partial<Wanted> = {}, litres = 8): Wanted => ({
    id,
    plan: plan(method, litres),
    milk: null,
    notBefore: null,
    readyBy: null,
    weight: 1,
    ...more,
  });
  const week = (wanted: Wanted[], more: Partial<Week> = {}): Week => ({
    from: MONDAY,
    days: 7,
    clock: { real: (m) => m, wall: (m) => m },
    hands: 1,
    asleep: { from: '22:00', to: '06:00' },
    pots: [{ id: 'blue', litres: 18 }],
    milk: [],
    wanted,
    ...more,
  });
  const at = (day: number, hour: number) => MONDAY + day * 1440 + hour * 60;

  it('hands a pot from one make to the next, and keeps both out of the night', () => {
    const by = { notBefore: at(0, 6), readyBy: at(0, 16) };
    const one = week([wish('a', 'paneer', by), wish('b', 'whole-milk-ricotta', by)]);
    const { answer } = laidOf(one, true);
    expect(answer.placed).toHaveLength(2);
    expect(brokenIn(one, answer)).toEqual([]);
  });

  it('a set that would end at night is drawn out to the morning, by no more than it bears', () => {
    const one = week([wish('goat', 'goat-lactic', { notBefore: at(0, 6), readyBy: at(2, 20) })]);
    const { answer } = laidOf(one, true);
    expect(brokenIn(one, answer)).toEqual([]);
    expect(answer.placed).toHaveLength(1);
  });

  it('a make of eleven days hangs out of the week', () => {
    const one = week([wish('hung', 'cultured-stretched', { notBefore: at(5, 6) })]);
    const { answer } = laidOf(one, true);
    expect(brokenIn(one, answer)).toEqual([]);
    expect((wallMinutes(answer.placed[0]?.readyAt ?? '') ?? 0) > at(7, 0)).toBe(true);
  });

  it('what is left is said why, and where it comes nearest', () => {
    const milk = [{ id: 'mon', litres: 12, from: at(0, 7), useBy: at(1, 20) }];
    const short = laidOf(
      week([wish('a', 'paneer', { milk: 'mon' }), wish('b', 'paneer', { milk: 'mon' })], { milk }),
      true,
    );
    expect(short.answer.placed).toHaveLength(1);
    expect(short.answer.left[0]?.because).toBe('the milk mon: 4 L too little of it beside the others');
    const big = laidOf(week([wish('vat', 'paneer', {}, 40)])).answer.left[0];
    expect(big?.because).toBe('no pot holds its 40 L');
    const soon = laidOf(week([wish('goat', 'goat-lactic', { notBefore: at(0, 6), readyBy: at(0, 20) })]))
      .answer.left[0];
    expect(soon?.because).toContain('it has to be ready too soon');
    expect(soon?.nearest.breaks).toMatch(/too late/);
    const away = { away: [{ from: wallTimeOf(at(0, 6)), to: wallTimeOf(at(6, 23)) }] };
    const never = laidOf(week([wish('a', 'paneer', { readyBy: at(6, 23) })], away)).answer.left[0];
    expect(never?.because).toContain('somebody is wanted while you sleep or are away');
    const by = { notBefore: at(0, 6), readyBy: at(0, 11) };
    const crowd = laidOf(
      week([
        wish('a', 'whole-milk-ricotta', by),
        wish('b', 'whole-milk-ricotta', by),
        wish('c', 'whole-milk-ricotta', by),
      ]),
      true,
    );
    expect(crowd.answer.left.length).toBeGreaterThan(0);
    expect(crowd.answer.left[0]?.because).toMatch(/^in the way of every start: [abc] \(/);
  });

  it('of makes that share too little milk the heavier stand, by however little they weigh more, and whatever minutes it costs', () => {
    const by = (weight: number, milk = 'cows') => ({ milk, weight, readyBy: at(1, 8.5) });
    const shared = week(
      [
        wish('curds', 'squeaky-curds', by(1.0005)),
        wish('logs', 'goat-lactic', by(1.0004, 'goats'), 10),
        wish('balls', 'quick-stretched', by(1.0003), 6),
        wish('paneer', 'paneer', by(1.0002)),
        // Whenever it suits: it is in nobody’s way, but for the milk.
        wish('ricotta', 'whole-milk-ricotta', { milk: 'cows', weight: 1.0001 }, 12),
      ],
      {
        from: at(-3, 23.25),
        days: 6,
        asleep: { from: '23:00', to: '06:00' },
        pots: [
          { id: 'blue', litres: 18 },
          { id: 'soup', litres: 9 },
          { id: 'vat', litres: 60 },
        ],
        rings: 2,
        milk: [
          { id: 'cows', litres: 28, from: null, useBy: at(3, 23.9) },
          { id: 'goats', litres: 15, from: null, useBy: at(3, 23.9) },
        ],
      },
    );
    const { answer } = laidOf(shared, true);
    expect(answer.proved).toBe(true);
    expect(answer.left.map(({ id }) => id)).toEqual(['ricotta']);
  });

  it('the heavier wish stands where only one can; one that is pinned stays, and one that runs is kept clear of', () => {
    const by = { notBefore: at(0, 6), readyBy: at(0, 11) };
    const heavy = laidOf(
      week([wish('light', 'paneer', by), wish('heavy', 'paneer', { ...by, weight: 3 })]),
      true,
    );
    expect(heavy.answer.placed.map(({ id }) => id)).toContain('heavy');
    const pinned = { start: at(1, 10), pot: 'blue' };
    const stays = laidOf(
      week([wish('a', 'paneer', { pinned }), wish('b', 'paneer', { readyBy: at(1, 14) })]),
      true,
    );
    expect(stays.answer.placed.find(({ id }) => id === 'a')?.start).toBe(wallTimeOf(at(1, 10)));
    const runs = [
      {
        id: 'runs',
        demand: demandOf('runs', { plan: plan('squeaky-curds') }),
        fromMin: at(1, 8),
        pot: 'blue',
      },
    ];
    const beside = week([wish('b', 'paneer', { notBefore: at(1, 6), readyBy: at(1, 20) })], {
      running: runs,
    });
    const { answer, ready } = laidOf(beside, true);
    const b = answer.placed[0];
    const runsEnd = ready.task.wishes[1]?.fixed?.column;
    expect(b).toBeDefined();
    const potEnd = (runsEnd?.startMin ?? 0) + (runsEnd?.shape.pot?.[1] ?? 0);
    const starts = (wallMinutes(b?.start ?? '') ?? 0) - MONDAY;
    const potStart = starts + (b?.stages.find(({ id }) => id === 'measure')?.startMin ?? 0);
    expect(potStart >= potEnd - 1 || starts + 200 <= (runsEnd?.startMin ?? 0) + 400).toBe(true);
  });
});

describe('what stands in the way', () => {
  const paneer = planned(basic('paneer')).plan;
  const wanted = (id: string, more: Partial<Wanted> = {}): Wanted => ({
    id,
    plan: paneer,
    milk: null,
    notBefore: null,
    readyBy: null,
    weight: 1,
    ...more,
  });
  const week = (wishes: Wanted[], more: Partial<Week> = {}): Week => ({
    from: MONDAY,
    days: 2,
    clock: { real: (m) => m, wall: (m) => m },
    hands: 1,
    milk: [],
    wanted: wishes,
    ...more,
  });
  const at = MONDAY + 600;
  const pinned = { start: at, pot: null };
  const pots = [
    { id: 'blue', litres: 18 },
    { id: 'steel', litres: 18 },
  ];

  it('is only who leaves nothing: one beside one where there are two hands is in nobody’s way', () => {
    const clash = (hands: number) => {
      const ready = readyWeek(week([wanted('a', { pinned }), wanted('b')], { hands }));
      const column = ready.task.wishes[0]?.fixed?.column;
      if (!column) throw new Error('it is pinned');
      return clashesText(ready, [ready.task.wishes[0]?.fixed ?? null, null], 1, column, AS_WRITTEN);
    };
    expect(clash(1)).toBe('it wants the same as a (hands)');
    expect(clash(2)).toBe('');
  });

  it('is no pot where another is free: a make pinned to a start takes the one nobody has', () => {
    const ready = readyWeek(week([wanted('a', { pinned }), wanted('b', { pinned })], { pots, hands: 2 }));
    expect(ready.task.wishes.map(({ fixed }) => fixed?.pot)).toEqual([0, 1]);
  });

  it('is what the kitchen has not at all', () => {
    const { answer } = laidOf(week([wanted('a')], { rings: 0 }));
    expect(answer.left[0]?.because).toBe('there is no ring here');
  });

  it('is said by the maker’s names and units', () => {
    const ready = readyWeek(week([wanted('x-1')], { pots: [{ id: 'p', litres: 1 }] }));
    const says = { name: () => 'the market’s paneer', litres: (litres: number) => `${litres / 4} gal` };
    expect(weekPlanOf(ready, goodWeek(ready), false, says).left[0]?.because).toBe('no pot holds its 2 gal');
  });
});

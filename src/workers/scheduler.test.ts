import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { WeekPlan } from '../schedule/weekFile';
import type { AskedWeek } from '../store/ports';
import { workerScheduler } from './scheduler';

/** What the workers still owe, oldest first. */
const owed: { what: 'good' | 'best'; answer(value: unknown): void; refuse(reason: unknown): void }[] = [];
vi.mock('comlink', () => {
  const owe = (what: 'good' | 'best') => () =>
    new Promise((answer, refuse) => owed.push({ what, answer, refuse }));
  return { wrap: () => ({ good: owe('good'), best: owe('best') }) };
});

const week = {} as AskedWeek;
const laid = (id: string) => ({ placed: [{ id }] }) as unknown as WeekPlan;

describe('a week laid in a worker', () => {
  let ended: number;
  let told: [laid: WeekPlan, looking: boolean][];
  const tell = (one: WeekPlan, looking: boolean) => void told.push([one, looking]);
  const scheduler = () => workerScheduler(() => ({ terminate: () => ended++ }) as unknown as Worker);
  const nextOwed = async (what: 'good' | 'best') => {
    await expect.poll(() => owed[0]?.what).toBe(what);
    return owed.shift() as (typeof owed)[number];
  };
  beforeEach(() => {
    ended = 0;
    told = [];
    owed.length = 0;
    vi.spyOn(console, 'error').mockImplementation(() => undefined);
  });

  it('is told while a better one is looked for, and again when that has ended', async () => {
    scheduler().lay(week, tell);
    (await nextOwed('good')).answer(laid('good'));
    const best = await nextOwed('best');
    expect(told).toEqual([[laid('good'), true]]);
    best.answer(laid('best'));
    await expect.poll(() => told.length).toBe(2);
    expect(told[1]).toEqual([laid('best'), false]);
    expect(ended).toBe(0);
  });

  it('stands, and is no longer bettered, where the looking fails', async () => {
    const { lay } = scheduler();
    lay(week, tell);
    (await nextOwed('good')).answer(laid('good'));
    (await nextOwed('best')).refuse(new Error('out of memory'));
    await expect.poll(() => told.length).toBe(2);
    expect(told[1]).toEqual([laid('good'), false]);
    expect(ended).toBe(1);
    lay(week, tell);
    (await nextOwed('good')).answer(laid('again'));
    await expect.poll(() => told.length).toBe(3);
  });

  it('makes way for a newer one, and tells nothing of what was overtaken', async () => {
    const { lay } = scheduler();
    lay(week, tell);
    (await nextOwed('good')).answer(laid('first'));
    const overtaken = await nextOwed('best');
    lay(week, tell);
    expect(ended).toBe(1);
    overtaken.answer(laid('too late'));
    (await nextOwed('good')).answer(laid('second'));
    await expect.poll(() => told.length).toBe(2);
    expect(told.map(([{ placed }]) => placed[0]?.id)).toEqual(['first', 'second']);
  });
});

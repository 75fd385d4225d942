import { describe, expect, it } from 'vitest';
import { basic, planned } from '../plan/fixtures/briefs';
import { alarmOf, ringing } from './alarms';
import type { MakeEvent } from './events';
import { stateOf } from './state';

const MIN = 60_000;
const BEGIN = 1_700_000_000_000;
const { plan, parameters } = planned(basic('whole-milk-ricotta'));
const start: MakeEvent = {
  type: 'started',
  seq: 0,
  at: BEGIN,
  name: 'Friday',
  milkName: '',
  plan,
  parameters,
  modelVersion: 2,
};
const done = (stage: string, seq: number): MakeEvent => ({ type: 'done', stage, seq, at: BEGIN + seq * MIN });
const scalding = stateOf([start, done('sanitise', 1), done('measure', 2)]);

describe('alarms', () => {
  it('none where the maker ends the stage, one with batch and time where it ends by itself', () => {
    expect(alarmOf('a', stateOf([start]))).toBeNull();
    const alarm = alarmOf('a', scalding);
    expect(alarm).toMatchObject({ makeId: 'a', name: 'Friday' });
    expect(alarm?.dueAt).toBeGreaterThan(BEGIN + 10 * MIN);
  });

  it('ring when due, until answered; asleep for as long as they were put to sleep', () => {
    const alarm = alarmOf('a', scalding);
    if (!alarm) throw new Error('a scald rings');
    const loud = (now: number, answered: string[] = [], snoozed: Record<string, number> = {}) =>
      ringing([alarm], new Set(answered), snoozed, now).length;
    expect(loud(alarm.dueAt - 1)).toBe(0);
    expect(loud(alarm.dueAt)).toBe(1);
    expect(loud(alarm.dueAt + 60 * MIN)).toBe(1);
    expect(loud(alarm.dueAt, [alarm.key])).toBe(0);
    expect(loud(alarm.dueAt, [], { [alarm.key]: alarm.dueAt + 5 * MIN })).toBe(0);
    expect(loud(alarm.dueAt + 5 * MIN, [], { [alarm.key]: alarm.dueAt + 5 * MIN })).toBe(1);
  });

  it('a reading that moves the end makes a new one', () => {
    const later = stateOf([
      start,
      done('sanitise', 1),
      done('measure', 2),
      { type: 'temperature', seq: 3, at: BEGIN + 6 * MIN, tempC: 20 },
      { type: 'temperature', seq: 4, at: BEGIN + 10 * MIN, tempC: 24 },
    ]);
    expect(alarmOf('a', later)?.key).not.toBe(alarmOf('a', scalding)?.key);
  });
});

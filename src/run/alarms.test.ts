import { describe, expect, it } from 'vitest';
import { basic, planned } from '../plan/fixtures/briefs';
import { alarmsOf, ringing } from './alarms';
import { boilsOverAt } from './boilOver';
import type { MakeEvent } from './events';
import { type MakeState, stateOf } from './state';
import { tastingsAt } from './taste';

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

/** The alarm of the stage under way, if one comes. */
const stageAlarm = (state: MakeState) => alarmsOf('a', state).find((one) => one.about === 'stage');

describe('alarms', () => {
  it('none where the maker ends the stage, one with batch and time where it ends by itself', () => {
    expect(stageAlarm(stateOf([start]))).toBeUndefined();
    const alarm = stageAlarm(scalding);
    expect(alarm).toMatchObject({ makeId: 'a', name: 'Friday' });
    expect(alarm?.dueAt).toBeGreaterThan(BEGIN + 10 * MIN);
  });

  it('ring when due, until answered; asleep for as long as they were put to sleep', () => {
    const alarm = stageAlarm(scalding);
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
    expect(stageAlarm(later)?.key).not.toBe(stageAlarm(scalding)?.key);
  });
});

describe('a pot that will boil over', () => {
  const read = (...readings: [minute: number, tempC: number][]) =>
    stateOf([
      start,
      done('sanitise', 1),
      done('measure', 2),
      ...readings.map(
        ([minute, tempC], i): MakeEvent => ({
          type: 'temperature',
          seq: 3 + i,
          at: BEGIN + minute * MIN,
          tempC,
        }),
      ),
    ]);
  it('is told from the pace of the last two readings, two degrees below the boil', () => {
    const at = boilsOverAt(read([10, 80], [14, 88]));
    expect(at).toBeCloseTo(BEGIN + 19 * MIN, -3);
    expect(boilsOverAt(read([10, 80], [14, 99]))).toBe(BEGIN + 14 * MIN);
  });

  it('is called two minutes before, by its own name', () => {
    const alarm = alarmsOf('a', read([10, 80], [14, 88])).find((one) => one.about === 'boil-over');
    expect(alarm?.dueAt).toBeCloseTo(BEGIN + 17 * MIN, -3);
    expect(alarm?.key).not.toBe(stageAlarm(scalding)?.key);
  });

  it('says nothing of one reading, an old pace, or a pot that holds or cools', () => {
    expect(boilsOverAt(read([10, 90]))).toBeNull();
    expect(boilsOverAt(read([10, 60], [50, 90]))).toBeNull();
    expect(boilsOverAt(read([10, 90], [14, 90]))).toBeNull();
    expect(boilsOverAt(read([10, 92], [14, 88]))).toBeNull();
    expect(boilsOverAt(stateOf([start]))).toBeNull();
  });

  it('boils lower where the air is thin', () => {
    const high = planned({ ...basic('whole-milk-ricotta', {}, { options: { setC: 85 } }), altitudeM: 1500 });
    const state = stateOf([
      { ...start, plan: high.plan, parameters: high.parameters } as MakeEvent,
      done('sanitise', 1),
      done('measure', 2),
      { type: 'temperature', seq: 3, at: BEGIN + 10 * MIN, tempC: 80 },
      { type: 'temperature', seq: 4, at: BEGIN + 14 * MIN, tempC: 88 },
    ]);
    expect(boilsOverAt(state)).toBeLessThan(boilsOverAt(read([10, 80], [14, 88])) ?? 0);
  });
});

describe('tasting again', () => {
  const curds = planned(basic('squeaky-curds'));
  const over = (...more: MakeEvent[]) =>
    stateOf([
      { ...start, plan: curds.plan, parameters: curds.parameters } as MakeEvent,
      { type: 'finished', seq: 1, at: BEGIN, weighedKg: 1 },
      ...more,
    ]);
  const H = 3_600_000;

  it('is due at the hours that matter for the make, until it has been done near them', () => {
    expect(tastingsAt(over()).map((at) => (at - BEGIN) / H)).toEqual([12, 36]);
    const tasted = over({ type: 'tasted', seq: 2, at: BEGIN + 14 * H, score: 4, text: '' });
    expect(tastingsAt(tasted).map((at) => (at - BEGIN) / H)).toEqual([36]);
    expect(tastingsAt(stateOf([start]))).toEqual([]);
  });

  it('rings at its hour, and not for somebody who comes home days later', () => {
    const alarms = alarmsOf('a', over());
    const loud = (hours: number) => ringing(alarms, new Set(), {}, BEGIN + hours * H).length;
    expect([11, 12, 20, 24.1, 36, 47, 49].map(loud)).toEqual([0, 1, 1, 0, 1, 1, 0]);
  });
});

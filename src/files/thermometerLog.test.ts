import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { basic, planned } from '../plan/fixtures/briefs';
import { MODEL_VERSION } from '../plan/modelVersion';
import type { MakeEvent } from '../run/events';
import { stateOf } from '../run/state';
import { readTable } from './table';
import { guessLogMapping, logReadings } from './thermometerLog';

const START = new Date(2026, 10, 26, 9, 0).getTime();
const MIN = 60_000;
const rows = (text: string, about: Partial<Parameters<typeof logReadings>[2]> = {}) => {
  const table = readTable(text);
  return logReadings(table, guessLogMapping(table), {
    times: 'clock',
    unit: 'C',
    startMs: START,
    nowMs: START + 48 * 3_600_000,
    ...about,
  });
};
const good = (text: string, about = {}) => rows(text, about).flatMap((row) => (row.ok ? [row.reading] : []));

describe('a logger’s file', () => {
  it('is read by the clock in the ways loggers write it, with points or commas', () => {
    const at = START + 12 * MIN;
    for (const written of [
      '2026-11-26 09:12:00',
      '2026-11-26T09:12',
      '26.11.2026 09:12',
      '26/11/2026 09:12:00',
      '09:12',
      '09:12:00',
    ])
      expect(good(`Time;Temp (°C)\n${written};31,5\n`)).toEqual([{ at, tempC: 31.5 }]);
  });

  it('a time no reading of this make can have is refused: nanoseconds, another year, the future', () => {
    for (const [text, times] of [
      ['sec,temp\n1796000000000000000,20\n', 'seconds'],
      ['min,temp\n90000,20\n', 'minutes'],
      ['time,temp\n2025-11-26 09:12,20\n', 'clock'],
      ['time,temp\n2026-11-29 09:12,20\n', 'clock'],
    ] as const)
      expect(rows(text, { times })).toMatchObject([{ ok: false, fault: { path: 'time' } }]);
  });

  it('a time alone after midnight is of the next day', () => {
    const [reading] = good('time,temp\n02:30,22\n');
    expect(reading?.at).toBe(new Date(2026, 10, 27, 2, 30).getTime());
  });

  it('counts from the start in minutes or seconds, takes Fahrenheit, a unit in the cell, and a pH beside it', () => {
    expect(good('min,temp,pH\n5,98.6 °F,6.4\n', { times: 'minutes', unit: 'F' })).toEqual([
      { at: START + 5 * MIN, tempC: expect.closeTo(37, 9), pH: 6.4 },
    ]);
    expect(good('elapsed sec,temp\n90,20\n', { times: 'seconds' })[0]?.at).toBe(START + 1.5 * MIN);
  });

  it('a row that is no reading says why, and the others are taken', () => {
    const found = rows(
      'time,temp,ph\n09:05,20,\nlater,21,\n09:10,hot,\n09:12,300,\n09:15,24,15\n09:20,26,6.5\n',
    );
    expect(found.map((row) => row.ok)).toEqual([true, false, false, false, false, true]);
    expect(found.flatMap((row) => (row.ok ? [] : [row.fault.path]))).toEqual([
      'time',
      'tempC',
      'tempC',
      'pH',
    ]);
  });

  it('nothing that is in a file makes it throw', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 80 }), (text) => {
        for (const row of rows(`time,temp\n${text}`))
          if (row.ok) expect(Number.isFinite(row.reading.at + row.reading.tempC)).toBe(true);
      }),
    );
  });
});

it('in a make its readings stand where their times are, among those noted by hand', () => {
  const { plan, parameters } = planned(basic('paneer'));
  const events: MakeEvent[] = [
    {
      type: 'started',
      seq: 0,
      at: START,
      name: 'x',
      milkName: '',
      plan,
      parameters,
      modelVersion: MODEL_VERSION,
    },
    { type: 'done', seq: 1, at: START + 5 * MIN, stage: 'sanitise' },
    { type: 'temperature', seq: 2, at: START + 12 * MIN, tempC: 30 },
    {
      type: 'imported',
      seq: 3,
      at: START + 60 * MIN,
      name: 'log.csv',
      readings: [
        { at: START + 15 * MIN, tempC: 36 },
        { at: START + 10 * MIN, tempC: 26, pH: 6.6 },
        { at: START + 2 * MIN, tempC: 5, pH: 6.7 },
      ],
    },
  ];
  const state = stateOf(events);
  expect(state.readings.map((one) => one.tempC)).toEqual([5, 26, 30, 36]);
  expect(state.pHs.map((one) => one.stage)).toEqual(['sanitise', plan.stages[1]?.id]);
  const undone = stateOf([...events, { type: 'undone', seq: 4, at: START + 61 * MIN, target: 3 }]);
  expect(undone.readings).toHaveLength(1);
});

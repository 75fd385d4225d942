import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { basic, planned } from '../plan/fixtures/briefs';
import { scaledBy } from '../plan/larger';
import { MODEL_VERSION } from '../plan/modelVersion';
import type { MakeEvent, NewEvent } from '../run/events';
import { convert } from './convert';
import { makeSchema } from './make';

const START = Date.UTC(2026, 10, 26, 8, 0);
const { plan, parameters } = planned(basic('squeaky-curds'));
const scaled = scaledBy({ plan }, 0.5);
if (!scaled) throw new Error('half of it can be planned');
const half = { plan: scaled.plan, parameters: scaled.parameters };

/** A make in which everything happens that can. */
const happenings: NewEvent[] = [
  {
    type: 'started',
    name: 'Curds',
    milkName: 'Sallow Reach cows',
    plan,
    parameters,
    modelVersion: MODEL_VERSION,
    pot: { id: 'p', name: 'blue pot', carryOverC: 0.6 },
    milks: [{ id: 'm', name: 'Sallow Reach cows', day: '2026-11-25', litres: 10 }],
    taken: [{ goodId: 'g', dose: 'coagulant', name: 'Bottle', lot: 'B 12', grams: 3 }],
  },
  { type: 'done', stage: plan.stages[0]?.id ?? '' },
  { type: 'skipped', stage: plan.stages[1]?.id ?? '' },
  { type: 'temperature', tempC: 19.5 },
  { type: 'corrected', target: 3, value: 21.5 },
  { type: 'paused' },
  { type: 'resumed' },
  { type: 'pH', pH: 6.62 },
  { type: 'weighed', kg: 1.25 },
  {
    type: 'imported',
    name: 'log.csv',
    readings: [
      { at: START + 60_000, tempC: 12 },
      { at: START + 120_000, tempC: 14, pH: 6.6 },
    ],
  },
  { type: 'flocculated' },
  { type: 'tested', found: 'clean' },
  { type: 'mishap', what: 'overshot', text: 'It got too hot. Cool it.' },
  {
    type: 'added',
    stage: plan.stages[2]?.id ?? '',
    dose: 'coagulant',
    amount: 2.5,
    unit: 'mL',
    said: { amount: 0.5, unit: 'tsp' },
    go: 0,
    anew: { plan, parameters },
  },
  { type: 'loaded', kg: 12 },
  { type: 'pieces', count: 6 },
  { type: 'temperature', tempC: 18, of: 'room' },
  { type: 'split', share: 0.5, otherId: 'the-other-half', ...half },
  { type: 'handed' },
  { type: 'received' },
  { type: 'note', text: 'smells of hay' },
  { type: 'finished', weighedKg: 0.45 },
  { type: 'ticked', what: 'cooled' },
  { type: 'later', what: 'salted', kg: 0.44, text: 'strewn' },
  { type: 'whey-used', use: 'animals' },
  { type: 'tasted', score: 4, text: 'squeaks' },
];
const make = {
  format: 'plump-pail/make',
  version: 1,
  id: 'make-with-all',
  events: happenings.map((event, seq) => ({ ...event, seq, at: START + seq * 300_000 }) as MakeEvent),
};
const got = (to: 'markdown' | 'csv' | 'ics') => {
  const text = convert(JSON.parse(JSON.stringify(make)), to);
  if (!text.ok) throw new Error(text.faults.map((fault) => `${fault.path} ${fault.problem}`).join());
  return text.value;
};

describe('a make in which everything happened', () => {
  it('is a make file', () =>
    expect(makeSchema.safeParse(JSON.parse(JSON.stringify(make))).error).toBeUndefined());

  it('as a table has every event once, a logger’s readings as rows, corrections beside what they correct', () => {
    const { data, errors } = Papa.parse<Record<string, string>>(got('csv').trim(), { header: true });
    expect(errors).toEqual([]);
    expect(data).toHaveLength(happenings.length + 3);
    const of = (event: string) => data.filter((row) => row.event === event);
    expect(of('temperature').map((row) => row['temperature (°C)'])).toEqual(['19.5', '12', '14', '18']);
    expect(of('added')[0]?.text).toBe('½ tsp of coagulant');
    expect(of('loaded')[0]?.['weight (kg)']).toBe('12');
    expect(of('pH').map((row) => row.pH)).toEqual(['6.62', '6.6']);
    expect(of('corrected')[0]).toMatchObject({ corrects: '3', 'corrected value': '21.5' });
    expect(of('skipped')[0]?.stage).toBe(plan.stages[1]?.id);
    expect(of('weighed')[0]?.['weight (kg)']).toBe('1.25');
    expect(of('imported')[0]?.text).toBe('log.csv');
  });

  it('as text tells it in order: what was read as it was put right, what was left out, what went wrong', () => {
    const text = got('markdown').replaceAll('\u00a0', ' ');
    for (const told of [
      `stage ${plan.stages[1]?.id}, left out`,
      '21.5 °C',
      'pH 6.62',
      'weighed 630 g',
      '2 readings of a logger from here on',
      'the bowl stopped',
      'tried: clean',
      '- Of: Sallow Reach cows 2026-11-25',
      '- Of: Bottle B 12',
      '- Whey: animals',
      'went wrong: It got too hot. Cool it.',
      'curd parted, 50 % stayed',
      '½ tsp of coagulant in',
      '12.0 kg on the press',
      '6 pieces',
      'room 18.0 °C',
      'salted, 440 g: strewn',
      'smells of hay',
      '4 of 5. squeaks',
    ])
      expect(text).toContain(told);
    expect(text).not.toContain('19.5 °C');
    const times = [...text.matchAll(/^- (2026-\S+): /gm)].map((found) => found[1]);
    const happened = times.slice(0, -1);
    expect([...happened].sort()).toEqual(happened);
  });

  it('its calendar is whole', () => {
    expect(got('ics')).toContain('BEGIN:VCALENDAR');
    expect(got('ics')).not.toMatch(/undefined|NaN/);
  });

  it('an event nobody knows, or one with a field too many, is refused at its place', () => {
    const wrong = (event: object) =>
      convert({ ...make, events: [...make.events, { ...event, seq: make.events.length, at: START }] }, 'csv');
    expect(wrong({ type: 'juggled' })).toMatchObject({ ok: false });
    for (const event of [
      { type: 'paused', why: 'tea' },
      { type: 'corrected', target: 0, value: 3 },
      { type: 'split', share: 1.5, otherId: 'x', ...half },
      { type: 'ticked', what: 'eaten' },
      { type: 'whey-used', use: 'the canal' },
      { type: 'imported', name: 'x', readings: [] },
    ]) {
      const read = wrong(event);
      if (read.ok) throw new Error(`${event.type} should not pass`);
      expect(read.faults[0]?.path).toMatch(new RegExp(`^events\\.${make.events.length}`));
    }
  });
});

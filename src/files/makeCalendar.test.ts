import { describe, expect, it } from 'vitest';
import { METHODS } from '../makes';
import { basic, planned } from '../plan/fixtures/briefs';
import { MODEL_VERSION } from '../plan/modelVersion';
import type { MakeEvent, NewEvent } from '../run/events';
import { stateOf } from '../run/state';
import { makeCalendar } from './calendar';

const START = Date.UTC(2026, 10, 26, 8, 0);
const MIN = 60_000;

/** A make begun at `START`, with what happened in it, minutes from its start. */
function make(id: string, happened: [minute: number, event: NewEvent][] = [], more: object = {}) {
  const { plan, parameters } = planned(basic(id));
  const first: NewEvent = {
    type: 'started',
    name: 'Curds, Thu',
    milkName: '',
    plan,
    parameters,
    modelVersion: MODEL_VERSION,
    ...more,
  };
  return stateOf(
    [[0, first] as [number, NewEvent], ...happened].map(
      ([minute, event], seq) => ({ ...event, seq, at: START + minute * MIN }) as MakeEvent,
    ),
  );
}
/** The events of a calendar: what, from, to in UTC. */
function eventsOf(text: string) {
  const lines = text.replaceAll('\r\n ', '').split('\r\n');
  const all = (key: string) =>
    lines.filter((line) => line.startsWith(`${key}:`)).map((line) => line.slice(key.length + 1));
  const [begins, ends, titles, uids] = [all('DTSTART'), all('DTEND'), all('SUMMARY'), all('UID')];
  return begins.map((begin, i) => ({
    begin,
    end: ends[i] ?? '',
    title: titles[i] ?? '',
    uid: uids[i] ?? '',
  }));
}

describe('the calendar of a running make', () => {
  it.each(METHODS.map((method) => method.id))('%s: has each stage that wants hands, in order', (id) => {
    const state = make(id);
    const events = eventsOf(makeCalendar(state, 'the-make'));
    expect(events).toHaveLength(state.plan.stages.filter((stage) => stage.handsOnMin > 0).length);
    expect(new Set(events.map((event) => event.uid)).size).toBe(events.length);
    for (const [i, event] of events.entries()) {
      expect(event.begin).toMatch(/^\d{8}T\d{6}Z$/);
      expect(event.end > event.begin).toBe(true);
      if (i > 0) expect(event.begin >= (events[i - 1]?.begin ?? '')).toBe(true);
    }
  });

  it('goes by what happened, not by what was planned: a late stage moves all after it', () => {
    const stages = planned(basic('paneer')).plan.stages;
    const first = stages[0]?.id as string;
    const onTime = eventsOf(makeCalendar(make('paneer'), 'm'));
    const late = eventsOf(makeCalendar(make('paneer', [[120, { type: 'done', stage: first }]]), 'm'));
    expect(late).toHaveLength(onTime.length);
    expect(late[0]).toMatchObject({ begin: '20261126T080000Z', end: '20261126T100000Z' });
    expect(late[1]?.begin).toBe('20261126T100000Z');
    expect((late.at(-1)?.begin ?? '') > (onTime.at(-1)?.begin ?? '')).toBe(true);
    // An event keeps its name, so that a calendar taken again moves it and does not double it.
    expect(late.map((event) => event.uid)).toEqual(onTime.map((event) => event.uid));
  });

  it('a make begun in the middle begins there and now', () => {
    const drain = make('paneer', [], { fromStage: 'drain' });
    const [event] = eventsOf(makeCalendar(drain, 'm'));
    expect(event?.begin).toBe('20261126T080000Z');
    expect(event?.title).toMatch(/^Curds\\, Thu: /);
  });

  it('one that is over tells only what went on, when it did', () => {
    const first = planned(basic('paneer')).plan.stages[0]?.id as string;
    const over = make('paneer', [
      [12, { type: 'done', stage: first }],
      [300, { type: 'finished', weighedKg: 1 }],
    ]);
    expect(eventsOf(makeCalendar(over, 'm')).map(({ begin, end }) => [begin, end])).toEqual([
      ['20261126T080000Z', '20261126T081200Z'],
      ['20261126T081200Z', '20261126T130000Z'],
    ]);
  });

  it('a stage gone back to stands once, where it stood last', () => {
    const stages = planned(basic('paneer')).plan.stages;
    const [first, second] = stages.map((stage) => stage.id) as [string, string];
    const back = make('paneer', [
      [10, { type: 'done', stage: first }],
      [15, { type: 'back', from: second }],
    ]);
    const events = eventsOf(makeCalendar(back, 'm'));
    expect(events.filter((event) => event.uid.startsWith(`m-${first}@`))).toMatchObject([
      { begin: '20261126T081500Z' },
    ]);
  });
});

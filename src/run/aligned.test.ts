import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { formatter, METRIC } from '../core/units/format';
import { basic, planned } from '../plan/fixtures/briefs';
import { MODEL_VERSION } from '../plan/modelVersion';
import { alarmsOf } from './alarms';
import { aligned } from './aligned';
import type { MakeEvent, NewEvent } from './events';
import { expectedEnd } from './expect';
import { momentOf } from './moment';
import { reviewOf } from './review';
import { stateOf } from './state';
import { warmSoFar } from './warm';

const { plan, parameters } = planned(basic('paneer'));
const MIN = 60_000;
const NOON = Date.UTC(2026, 10, 26, 12);

/** A make of these events, each at so many minutes after noon. */
const log = (...events: [minute: number, event: NewEvent][]): MakeEvent[] =>
  [
    [
      0,
      { type: 'started', name: 'Paneer', milkName: '', plan, parameters, modelVersion: MODEL_VERSION },
    ] as const,
    ...events,
  ].map(([minute, event], seq) => ({ ...event, seq, at: NOON + minute * MIN }) as MakeEvent);

const done = (i: number): NewEvent => ({ type: 'done', stage: plan.stages[i]?.id as string });

describe('a clock set back', () => {
  it('moves what lay before it back: what was measured keeps its length, the last entry its time', () => {
    const state = stateOf(
      log(
        [10, done(0)],
        [15, { type: 'temperature', tempC: 20 }],
        // An hour back, as at the end of summer time.
        [-40, { type: 'temperature', tempC: 30 }],
        [-35, done(1)],
      ),
    );
    expect(state.runs.map((run) => run.startedAt)).toEqual([
      NOON - 55 * MIN,
      NOON - 45 * MIN,
      NOON - 35 * MIN,
    ]);
    expect(state.readings.map(({ at, tempC }) => [at, tempC])).toEqual([
      [NOON - 40 * MIN, 20],
      [NOON - 40 * MIN, 30],
    ]);
    expect(state.readings.at(-1)?.tempC).toBe(30);
  });

  it('a log without a jump is left as it is', () => {
    const plain = log([1, done(0)], [1, { type: 'paused' }], [9, { type: 'resumed' }]);
    expect(aligned(plain)).toBe(plain);
  });

  it('whatever the clock does, no time runs backwards and nothing lasts less than nothing', () => {
    const any = fc.oneof(
      fc.nat(3).map(done),
      fc.constant<NewEvent>({ type: 'paused' }),
      fc.constant<NewEvent>({ type: 'resumed' }),
      fc.double({ min: 4, max: 95, noNaN: true }).map((tempC): NewEvent => ({ type: 'temperature', tempC })),
      fc.constant<NewEvent>({ type: 'finished', weighedKg: 1 }),
    );
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: -3000, max: 3000 }), any), { maxLength: 25 }),
        fc.integer({ min: -4000, max: 4000 }),
        (events, nowMin) => {
          const all = log(...events);
          const ordered = aligned(all);
          expect(ordered.at(-1)?.at).toBe(all.at(-1)?.at);
          ordered.forEach((event, i) => {
            const next = ordered[i + 1];
            if (!next) return;
            expect(next.at).toBeGreaterThanOrEqual(event.at);
            const gap = (all[i + 1]?.at ?? 0) - (all[i]?.at ?? 0);
            expect(next.at - event.at).toBe(Math.max(0, gap));
          });
          const state = stateOf(all);
          for (const run of state.runs)
            if (run.endedAt !== null) expect(run.endedAt).toBeGreaterThanOrEqual(run.startedAt);
          expect(state.pausedMs).toBeGreaterThanOrEqual(0);
          expect(reviewOf(state).tookMin).toBeGreaterThanOrEqual(0);
          expect(warmSoFar(state, NOON + nowMin * MIN)).toBeGreaterThanOrEqual(0);
          expect(Number.isFinite(expectedEnd(state))).toBe(true);
          momentOf(state, formatter(METRIC));
          for (const alarm of alarmsOf('a-make', state)) expect(Number.isFinite(alarm.dueAt)).toBe(true);
        },
      ),
      { numRuns: 300 },
    );
  });
});

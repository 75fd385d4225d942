import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { formatter, METRIC } from '../core/units/format';
import type { Brief } from '../plan/brief/schema';
import { coursesOf } from '../plan/course';
import { MODEL_VERSION } from '../plan/modelVersion';
import { planBrief } from '../plan/plan';
import { acidAdvice } from './acidAdvice';
import { runCourse } from './course';
import type { MakeEvent, NewEvent } from './events';
import { readyAt } from './expect';
import { momentOf } from './moment';
import { objection } from './objection';
import { rampAdvice } from './rampAdvice';
import { reviewOf } from './review';
import { acidGiven, isOver, stageAt, stageEndsAt, stateOf } from './state';

const MIN = 60_000;
const BEGIN = 1_795_680_000_000;
const brief: Brief = {
  format: 'plump-pail/brief',
  version: 1,
  method: 'whole-milk-ricotta',
  milk: { species: 'cow', litres: 8 },
  acid: { kind: 'citric' },
};
const made = planBrief(brief, { spread: false });
if (!made.ok) throw new Error('the test’s brief must plan');
const planned = made.value;
const started: NewEvent = {
  type: 'started',
  name: 'Test ricotta',
  milkName: '',
  plan: planned.plan,
  parameters: planned.parameters,
  modelVersion: MODEL_VERSION,
};

/** A log from events and the minutes after which each happened. */
function log(...events: [minutes: number, event: NewEvent][]): MakeEvent[] {
  let at = BEGIN;
  return [[0, started] as [number, NewEvent], ...events].map(([minutes, event], seq) => {
    at += minutes * MIN;
    return { ...event, seq, at } as MakeEvent;
  });
}
const done = (stage: string): NewEvent => ({ type: 'done', stage });
const temp = (tempC: number): NewEvent => ({ type: 'temperature', tempC });
const toScald: [number, NewEvent][] = [
  [8, done('sanitise')],
  [5, done('measure')],
];
const toAcid: [number, NewEvent][] = [...toScald, [55, done('scald')]];

describe('state from the log', () => {
  it('stands at the first stage, with its time', () => {
    const state = stateOf(log());
    expect(stageAt(state).id).toBe('sanitise');
    expect(stageEndsAt(state)).toBe(BEGIN + 8 * MIN);
    expect(readyAt(state, BEGIN)).toBeCloseTo(
      BEGIN + planned.plan.stages.reduce((sum, s) => sum + s.durationMin.likely, 0) * MIN,
      -1,
    );
  });

  it('stepped back to, a stage goes on where it stood, with what was noted in it', () => {
    const away: [number, NewEvent][] = [
      [8, done('sanitise')],
      [5, done('measure')],
      [10, temp(40)],
      [2, done('scald')],
      [30, { type: 'back', from: 'acid', resumes: true }],
    ];
    const state = stateOf(log(...away));
    const scald = state.plan.stages.find((one) => one.id === 'scald');
    expect(stageAt(state).id).toBe('scald');
    // Twelve minutes had gone; the half hour away does not count.
    const backAt = BEGIN + 55 * MIN;
    expect((stageEndsAt(state) - backAt) / MIN).toBeCloseTo((scald?.durationMin.likely ?? 0) - 12, 6);
    expect(rampAdvice(state)?.kind).toBe('one-reading');
    // A log of before begins the stage anew.
    const old = stateOf(log(...away.slice(0, -1), [30, { type: 'back', from: 'acid' }]));
    expect(stageEndsAt(old) - backAt).toBe((scald?.durationMin.likely ?? 0) * MIN);
  });

  it('moves on, back and is taken back', () => {
    expect(stageAt(stateOf(log(...toScald))).id).toBe('scald');
    expect(stageAt(stateOf(log(...toScald, [1, { type: 'back', from: 'scald' }]))).id).toBe('measure');
    const undone = stateOf(log(...toScald, [1, { type: 'undone', target: 2 }]));
    expect(stageAt(undone).id).toBe('measure');
    expect(undone.stageStartedAt).toBe(BEGIN + 8 * MIN);
  });

  it('passes over what contradicts it: a second done, a portion counted twice, anything after the end', () => {
    const twice = stateOf(log([8, done('sanitise')], [0, done('sanitise')]));
    expect(stageAt(twice).id).toBe('measure');
    const portions = stateOf(
      log(
        ...toAcid,
        [1, { type: 'acid', grams: 10, portion: 0 }],
        [0, { type: 'acid', grams: 10, portion: 0 }],
      ),
    );
    expect(acidGiven(portions)).toBe(10);
    const over = stateOf(log([1, { type: 'abandoned', reason: 'burnt' }], [1, done('sanitise')]));
    expect(isOver(over)).toBe(true);
    expect(over.index).toBe(0);
    expect(objection(over, temp(20))).toBe('This make is over.');
  });

  it('is a function of the log alone, and undoing everything leads back to the start', () => {
    const step = fc.oneof(
      fc.constantFrom<NewEvent>(
        done('sanitise'),
        done('measure'),
        done('scald'),
        { type: 'back', from: 'measure' },
        { type: 'whey', look: 'cloudy' },
      ),
      fc.double({ min: 0, max: 100, noNaN: true }).map(temp),
    );
    fc.assert(
      fc.property(fc.array(step, { maxLength: 25 }), (events) => {
        const history = log(...events.map((event) => [1, event] as [number, NewEvent]));
        expect(stateOf(history)).toEqual(stateOf(JSON.parse(JSON.stringify(history))));
        for (let i = 0; i < events.length + 1; i++) {
          const { undoable } = stateOf(history);
          if (!undoable) break;
          history.push({ type: 'undone', target: undoable.seq, seq: history.length, at: BEGIN + 100 * MIN });
        }
        const state = stateOf(history);
        expect(state.undoable).toBeNull();
        expect([state.index, state.readings.length, state.looks.length]).toEqual([0, 0, 0]);
      }),
    );
  });
});

describe('acid', () => {
  const dose = planned.plan.doses[0]?.grams ?? 0;
  const acid = (grams: number, portion: number): NewEvent => ({ type: 'acid', grams, portion });
  const look = (l: 'milky' | 'cloudy' | 'clear' | 'creamy'): NewEvent => ({ type: 'whey', look: l });

  it('gives 85 % first, waits two minutes, then thirds of the rest, then twentieths up to 130 %', () => {
    const events: [number, NewEvent][] = [...toAcid];
    expect(acidAdvice(stateOf(log(...events)))).toMatchObject({
      kind: 'first',
      grams: expect.closeTo(0.85 * dose, 3),
    });
    events.push([1, acid(0.85 * dose, 0)]);
    const waiting = stateOf(log(...events));
    expect(acidAdvice(waiting)).toMatchObject({ kind: 'look', lookAt: (waiting.acid[0]?.at ?? 0) + 2 * MIN });
    const given: number[] = [];
    for (let portion = 1; portion < 20; portion++) {
      events.push([2, look('milky')]);
      const advice = acidAdvice(stateOf(log(...events)));
      if (advice?.kind !== 'portion') break;
      given.push(advice.grams / dose);
      events.push([0.5, acid(advice.grams, portion)]);
    }
    expect(given).toHaveLength(9);
    for (const share of given) expect(share).toBeCloseTo(0.05, 3);
    expect(acidAdvice(stateOf(log(...events)))?.kind).toBe('enough');
  });

  it('takes creamy whey for fat on its way out, not for too little acid', () => {
    const creamy = stateOf(log(...toAcid, [1, acid(10, 0)], [2, look('creamy')]));
    expect(acidAdvice(creamy)).toMatchObject({ kind: 'clear', creamy: true });
    expect(momentOf(creamy, formatter(METRIC)).steps[0]).toMatch(/stop stirring/);
  });

  it('stops at clear whey, and wants a new look after a new portion', () => {
    const clear = log(...toAcid, [1, acid(10, 0)], [2, look('clear')]);
    expect(acidAdvice(stateOf(clear))?.kind).toBe('clear');
    expect(
      acidAdvice(
        stateOf([
          ...clear,
          { ...acid(1, 1), seq: clear.length, at: (clear.at(-1)?.at ?? 0) + MIN } as MakeEvent,
        ]),
      )?.kind,
    ).toBe('look');
  });
});

describe('ramp', () => {
  const at = (...readings: [number, number][]) =>
    stateOf(log(...toScald, ...readings.map(([m, c]) => [m, temp(c)] as [number, NewEvent])));

  it('says when it arrives at the pace of the last readings', () => {
    expect(rampAdvice(at())?.kind).toBe('no-reading');
    expect(rampAdvice(at([5, 20]))?.kind).toBe('one-reading');
    const advice = rampAdvice(at([5, 20], [10, 40]));
    expect(advice).toMatchObject({
      kind: 'arriving',
      perMin: 2,
      arrivesAt: BEGIN + (8 + 5 + 15 + 25) * MIN,
      pace: 'ahead',
    });
    expect(rampAdvice(at([5, 20], [10, 20.1]))?.kind).toBe('stalled');
    // 25 kJ left in a ceramic hob, into 8.24 kg of milk at 3.93 kJ/kg/K.
    expect(rampAdvice(at([5, 20], [10, 89.5]))).toMatchObject({
      kind: 'turn-off',
      coastsToC: expect.closeTo(89.5 + 25 / (8.24 * 3.93), 8),
    });
    expect(rampAdvice(at([5, 20], [10, 96]))).toMatchObject({ kind: 'over', byC: 6 });
  });

  it('sets the countdown of the moment', () => {
    const moment = momentOf(at([5, 20], [10, 40]), formatter(METRIC));
    expect(moment.endsAt).toBe(BEGIN + 53 * MIN);
    expect(moment.target).toBe('90\u00a0°C');
  });

  it('says nothing where nothing is to be reached', () => expect(rampAdvice(stateOf(log()))).toBeNull());
});

describe('looking back', () => {
  const whole = log(
    ...toAcid,
    [1, { type: 'acid', grams: 12, portion: 0 }],
    [2, { type: 'whey', look: 'clear' }],
    [1, done('acid')],
    [12, done('rest')],
    [60, done('drain')],
    [4, done('salt')],
    [3, { type: 'finished', weighedKg: 2 }],
    [120, { type: 'tasted', score: 4, text: 'Good.' }],
    [60, { type: 'tasted', score: 5, text: 'Better.' }],
  );

  it('lays what happened beside the plan', () => {
    const review = reviewOf(stateOf(whole));
    expect(review).toMatchObject({
      weighedKg: 2,
      acidGivenGrams: 12,
      score: 4.5,
      tookMin: expect.closeTo(8 + 5 + 55 + 1 + 2 + 1 + 12 + 60 + 4 + 3, 6),
    });
    expect(review.yieldRatio).toBeCloseTo(2 / planned.outcome.yieldKg, 5);
  });

  it('keeps the stages where they stood, and the rest as planned', () => {
    const half = stateOf(whole.slice(0, 7));
    const course = runCourse(half, coursesOf(planned), half.stageStartedAt + 3 * MIN);
    expect(course.stages.map((s) => s.state)).toEqual([
      'done',
      'done',
      'done',
      'done',
      'now',
      'coming',
      'coming',
      'coming',
    ]);
    const ends = course.stages.map((s) => s.startMin + s.durationMin);
    course.stages.slice(1).forEach((s, i) => {
      expect(s.startMin).toBeCloseTo(ends[i] as number, 6);
    });
    const late = runCourse(half, coursesOf(planned), half.stageStartedAt + 40 * MIN);
    expect(late.stages[4]?.durationMin).toBeCloseTo(40, 6);
    const minutes = course.temps.map(([m]) => m);
    expect([...minutes].sort((a, b) => a - b)).toEqual(minutes);
  });
});

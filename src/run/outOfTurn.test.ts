import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { formatter, METRIC } from '../core/units/format';
import { METHODS } from '../makes';
import { basic, planned as plannedOf } from '../plan/fixtures/briefs';
import { scaledBy } from '../plan/larger';
import { alarmsOf } from './alarms';
import { eventSchema, type MakeEvent, type NewEvent } from './events';
import { BEGIN, done, log, MIN, plan, started } from './fixtures/logs';
import { remedyFor } from './mishaps';
import { momentOf } from './moment';
import { objection } from './objection';
import { reviewOf } from './review';
import { acidGiven, isOver, type MakeState, stageAt, stageEndsAt, stateOf } from './state';

const toScald: [number, NewEvent][] = [
  [8, done('sanitise')],
  [5, done('measure')],
];

/** The alarm of the stage under way, if one comes. */
const stageAlarm = (state: MakeState) => alarmsOf('a', state).find((one) => one.about === 'stage');

describe('a pause', () => {
  const paused = stateOf(log(started(), ...toScald, [10, { type: 'paused' }]));
  it('lets the clock of the stage wait, and rings nothing meanwhile', () => {
    expect(stageAlarm(paused)).toBeUndefined();
    expect(momentOf(paused, formatter(METRIC))).toMatchObject({
      action: 'Paused',
      pausedAt: BEGIN + 23 * MIN,
      main: { event: { type: 'resumed' } },
    });
    const before = stageEndsAt(stateOf(log(started(), ...toScald)));
    const after = stateOf(log(started(), ...toScald, [10, { type: 'paused' }], [25, { type: 'resumed' }]));
    expect(stageEndsAt(after)).toBe(before + 25 * MIN);
    expect(stageAlarm(after)).toBeDefined();
  });

  it('holds back what moves the make on, and takes what is read or goes wrong', () => {
    expect(objection(paused, done('scald'))).toMatch(/paused/);
    expect(objection(paused, { type: 'acid', grams: 3, portion: 0 })).toMatch(/paused/);
    expect(objection(paused, { type: 'paused' })).toMatch(/already/);
    expect(objection(paused, { type: 'temperature', tempC: 40 })).toBeNull();
    expect(objection(paused, { type: 'abandoned', reason: '' })).toBeNull();
    expect(objection(stateOf(log(started())), { type: 'resumed' })).toMatch(/not paused/);
  });

  it('the next stage starts with a fresh clock', () => {
    const next = stateOf(
      log(started(), [1, { type: 'paused' }], [30, { type: 'resumed' }], [1, done('sanitise')]),
    );
    expect(next.pausedMs).toBe(0);
  });
});

describe('leaving a stage out', () => {
  it('goes on with the next and remembers it; a second tap and the last stage are refused; it can be undone', () => {
    const events = log(started(), [2, { type: 'skipped', stage: 'sanitise' }]);
    const state = stateOf(events);
    expect(stageAt(state).id).toBe('measure');
    expect(state.runs[0]).toMatchObject({ stage: 'sanitise', skipped: true });
    expect(objection(state, { type: 'skipped', stage: 'sanitise' })).toMatch(/behind you/);
    const back = stateOf([...events, { type: 'undone', target: 1, seq: 2, at: BEGIN + 3 * MIN }]);
    expect(stageAt(back).id).toBe('sanitise');
    const last = { ...state, index: plan.stages.length - 1 };
    expect(objection(last, { type: 'skipped', stage: stageAt(last).id })).toMatch(/last stage/);
  });
});

describe('a beginning in the middle', () => {
  it('stands at the stage it names, at the first where there is no such', () => {
    const middle = stateOf(log(started({ fromStage: 'drain' })));
    expect(stageAt(middle).id).toBe('drain');
    expect(middle.runs).toHaveLength(1);
    expect(stageEndsAt(middle)).toBeGreaterThan(BEGIN);
    expect(stageAt(stateOf(log(started({ fromStage: 'nowhere' })))).id).toBe('sanitise');
  });
});

describe('a reading put right', () => {
  const wrong = log(started(), ...toScald, [10, { type: 'temperature', tempC: 92 }]);
  const target = wrong.length - 1;
  const later = (...more: NewEvent[]) =>
    stateOf([
      ...wrong,
      ...more.map(
        (event, i) => ({ ...event, seq: wrong.length + i, at: BEGIN + (40 + i) * MIN }) as MakeEvent,
      ),
    ]);
  it('counts as if it had been noted so; the latest correction counts, and can be undone', () => {
    expect(later().readings[0]?.tempC).toBe(92);
    const one = later({ type: 'corrected', target, value: 29 });
    expect(one.readings).toMatchObject([{ tempC: 29, at: wrong[target]?.at }]);
    const two = later({ type: 'corrected', target, value: 29 }, { type: 'corrected', target, value: 28 });
    expect(two.readings[0]?.tempC).toBe(28);
    const undone = later({ type: 'corrected', target, value: 29 }, { type: 'undone', target: wrong.length });
    expect(undone.readings[0]?.tempC).toBe(92);
  });

  it('of a thermometer that is off stands as it was put right, with what it showed until it is corrected', () => {
    const shown = { tempC: 93.4, by: 'dial' };
    const read: NewEvent = { type: 'temperature', tempC: 92, shown };
    expect(later(read).readings.at(-1)).toMatchObject({ tempC: 92, shown });
    const again = later(read, { type: 'corrected', target: wrong.length, value: 90 }).readings.at(-1);
    expect(again?.tempC).toBe(90);
    expect(again).not.toHaveProperty('shown');
  });

  it('what cannot be is not believed, and what is no reading has nothing to put right', () => {
    expect(later({ type: 'corrected', target, value: 900 }).readings[0]?.tempC).toBe(92);
    expect(objection(later(), { type: 'corrected', target: 1, value: 3 })).toMatch(/no such reading/);
    expect(objection(later(), { type: 'corrected', target, value: 3 })).toBeNull();
  });

  it('works for pH and weights, and in a make that is over', () => {
    const over = log(
      started(),
      [5, { type: 'pH', pH: 6.6 }],
      [5, { type: 'weighed', kg: 12 }],
      [5, { type: 'finished', weighedKg: 1.2 }],
      [5, { type: 'corrected', target: 1, value: 6.5 }],
      [5, { type: 'corrected', target: 2, value: 1.2 }],
    );
    expect(stateOf(over).pHs[0]?.pH).toBe(6.5);
    expect(stateOf(over).weighings[0]?.kg).toBe(1.2);
  });
});

describe('a curd parted in two', () => {
  const half = scaledBy({ plan }, 0.5);
  if (!half) throw new Error('half of it can be planned');
  const split: NewEvent = { type: 'split', share: 0.5, otherId: 'other', ...half };
  it('goes on with the plan for its share, and what went in counts by its share', () => {
    const before: [number, NewEvent][] = [
      ...toScald,
      [50, done('scald')],
      [2, { type: 'acid', grams: 10, portion: 0 }],
    ];
    const parted = stateOf(log(started(), ...before, [3, split as NewEvent]));
    expect(parted.plan.predictions.yieldKg.likely).toBeCloseTo(plan.predictions.yieldKg.likely / 2, 2);
    expect(acidGiven(parted)).toBe(5);
    expect(reviewOf(parted).acidRatio).toBeCloseTo(
      reviewOf(stateOf(log(started(), ...before))).acidRatio as number,
      2,
    );
    expect(stageAt(parted).id).toBe('acid');
    expect(parted.parted?.otherId).toBe('other');
  });
});

describe('more milk than planned', () => {
  it('goes on by a plan for what there is, from the same stage, and can be undone', () => {
    const more = scaledBy({ plan }, 1.25);
    if (!more) throw new Error('10 L can be planned');
    const measured: [number, NewEvent][] = [
      [8, done('sanitise')],
      [2, { type: 'remeasured', litres: 10, plan: more.plan, parameters: more.parameters }],
    ];
    const state = stateOf(log(started(), ...measured));
    expect(stageAt(state).kind).toBe('measure');
    expect(state.plan.brief.milk.litres).toBeCloseTo(10, 9);
    const grams = (one: typeof plan) => one.doses.find((dose) => dose.id === 'acid')?.grams ?? 0;
    expect(grams(state.plan)).toBeCloseTo(1.25 * grams(plan), 3);
    expect(stateOf(log(started(), ...measured, [1, { type: 'undone', target: 2 }])).plan).toBe(plan);
    const elsewhere = { ...more.plan, stages: more.plan.stages.slice(1) };
    expect(objection(state, { type: 'remeasured', litres: 10, plan: elsewhere, parameters: {} })).toMatch(
      /another way/,
    );
  });
});

describe('two steps the wrong way round', () => {
  it('are answered by where the make stands, for every make at every stage', () => {
    for (const method of METHODS) {
      const made = plannedOf(basic(method.id));
      made.plan.stages.forEach((_, index) => {
        const state = { ...stateOf(log(started({ plan: made.plan, parameters: made.parameters }))), index };
        const remedy = remedyFor(state, 'out-of-order');
        expect(`${remedy.now} ${remedy.costs}`).not.toMatch(/undefined|NaN/);
        expect(remedy.discard).toBe(false);
      });
    }
  });

  it('calcium after the coagulant is left out', () => {
    const made = plannedOf(basic('squeaky-curds', {}, { calcium: true }));
    const swapped = made.plan.stages.findIndex((stage) => stage.kind === 'add-coagulant');
    const stages = [...made.plan.stages];
    const calcium = stages.findIndex((stage) => stage.kind === 'add-calcium');
    [stages[calcium], stages[swapped]] = [stages[swapped] as never, stages[calcium] as never];
    const state = {
      ...stateOf(log(started({ plan: { ...made.plan, stages }, parameters: made.parameters }))),
      index: swapped,
    };
    expect(remedyFor(state, 'out-of-order').now).toMatch(/leave the calcium out/);
  });
});

describe('a make on another device', () => {
  const handed = stateOf(log(started(), [3, { type: 'handed' }]));
  it('takes nothing here until it is received again', () => {
    for (const event of [done('sanitise'), { type: 'tasted', score: 3, text: '' }] as NewEvent[])
      expect(objection(handed, event)).toMatch(/Another device/);
    expect(stageAlarm(handed)).toBeUndefined();
    const back = stateOf(log(started(), [3, { type: 'handed' }], [9, { type: 'received' }]));
    expect(objection(back, done('sanitise'))).toBeNull();
    expect(objection(back, { type: 'received' })).toMatch(/already/);
  });
});

it('whatever happens in whatever order, the state stands at a stage and never throws', () => {
  const any: fc.Arbitrary<NewEvent> = fc.oneof(
    fc.constantFrom<NewEvent>(
      { type: 'paused' },
      { type: 'resumed' },
      { type: 'handed' },
      { type: 'received' },
      { type: 'finished', weighedKg: null },
    ),
    fc
      .constantFrom(...plan.stages.map((stage) => stage.id))
      .chain((stage) =>
        fc.constantFrom<NewEvent>(
          { type: 'done', stage },
          { type: 'skipped', stage },
          { type: 'back', from: stage },
        ),
      ),
    fc.double({ min: 0, max: 100, noNaN: true }).map((tempC): NewEvent => ({ type: 'temperature', tempC })),
    fc
      .tuple(fc.integer({ min: 1, max: 30 }), fc.double({ min: -1e6, max: 1e6, noNaN: true }))
      .map(([target, value]): NewEvent => ({ type: 'corrected', target, value })),
    fc.integer({ min: 1, max: 30 }).map((target): NewEvent => ({ type: 'undone', target })),
  );
  fc.assert(
    fc.property(fc.array(fc.tuple(fc.integer({ min: 0, max: 90 }), any), { maxLength: 30 }), (events) => {
      const all = log(started(), ...events);
      for (const event of all) eventSchema.parse(JSON.parse(JSON.stringify(event)));
      const state = stateOf(all);
      expect(plan.stages[state.index]).toBe(stageAt(state));
      expect(stageEndsAt(state)).toBeGreaterThanOrEqual(state.stageStartedAt);
      for (const { tempC } of state.readings) expect(tempC).toBeLessThanOrEqual(110);
      if (!isOver(state)) momentOf(state, formatter(METRIC));
    }),
  );
});

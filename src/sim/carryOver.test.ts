import { describe, expect, it } from 'vitest';
import { normal, seeded } from '../core/stats/random';
import { basic, planned } from '../plan/fixtures/briefs';
import { MODEL_VERSION } from '../plan/modelVersion';
import type { MakeEvent, NewEvent } from '../run/events';
import { carryOverFor, coastsOf } from '../run/pots';
import { rampAdvice } from '../run/rampAdvice';
import { type MakeState, stateOf } from '../run/state';
import { summaryOf } from '../run/summary';
import { type BenchPot, benchPot, readBench, stepBench } from './bench';

const STEP_MIN = 0.5;

/** Warms one pot on the bench to a make's first target as its ramp says, heat off when told, and on until it falls. */
function warming(pot: BenchPot, method: string, carryOverC: number) {
  const { plan, parameters } = planned(basic(method, { litres: pot.practice.pot.litres }));
  const log: MakeEvent[] = [];
  const note = (event: NewEvent, minute: number) =>
    log.push({ ...event, seq: log.length, at: minute * 60_000 } as MakeEvent);
  note(
    {
      type: 'started',
      name: 'warmed',
      milkName: '',
      plan,
      parameters,
      modelVersion: MODEL_VERSION,
      pot: { id: 'this', name: 'this pot', carryOverC },
    },
    0,
  );
  for (const stage of plan.stages) {
    if (['warm', 'scald', 'cook'].includes(stage.kind)) break;
    note({ type: 'done', stage: stage.id }, 0);
  }
  pot.practice.pot.tempC = 4;
  pot.practice.heatLeftKj = 0;
  pot.controls = { ...pot.controls, hob: 2, lid: false, ice: false };
  let off: number | null = null;
  let peak = 0;
  for (let minute = STEP_MIN; minute < 240; minute += STEP_MIN) {
    stepBench(pot, STEP_MIN);
    const reading = readBench(pot);
    if (reading) note({ type: 'temperature', tempC: reading.tempC }, minute);
    const advice = rampAdvice(stateOf(log));
    if (off === null && (advice?.kind === 'turn-off' || advice?.kind === 'over')) {
      note({ type: 'advised', about: 'warm turn-off', text: 'Turn the heat off now.' }, minute);
      pot.controls = { ...pot.controls, hob: 0 };
      off = pot.practice.pot.tempC;
    }
    peak = Math.max(peak, pot.practice.pot.tempC);
    if (off !== null && pot.practice.pot.tempC < peak - 0.15) break;
  }
  return { state: stateOf(log), coasted: peak - (off ?? 0) };
}

const seen = (state: MakeState) => summaryOf('warmed', state);

describe('a pot’s carry-over', () => {
  it('on 20 noisy pots is known to half a degree, as the median, after three makes on each', () => {
    const random = seeded(29);
    const errors = Array.from({ length: 20 }, (_, i) => {
      const litres = Math.round(3 + 14 * random());
      const pot = benchPot(litres, 100 + i);
      pot.practice.hidden.noiseC = 0.1 + 0.1 * Math.abs(normal(random));
      const states: MakeState[] = [];
      for (let make = 0; make < 3; make++)
        states.push(warming(pot, 'paneer', carryOverFor('this', litres, states.map(seen))).state);
      const told = carryOverFor('this', litres, states.map(seen));
      return Math.abs(told - warming(pot, 'paneer', told).coasted);
    }).sort((a, b) => a - b);
    expect(((errors[9] as number) + (errors[10] as number)) / 2).toBeLessThanOrEqual(0.5);
  });

  it('is the usual one until the pot has a make, and knows another batch size', () => {
    expect(carryOverFor('this', 8, [])).toBeCloseTo(carryOverFor('this', 4, []) / 2, 6);
    expect(carryOverFor('this', 8, [], 'gas')).toBeLessThan(carryOverFor('this', 8, [], 'solid plate'));
    const { state } = warming(benchPot(6, 4), 'paneer', 1);
    const [coast] = coastsOf(state);
    expect(carryOverFor('this', 6, [seen(state)])).toBeCloseTo(coast as number, 9);
    expect(carryOverFor('this', 12, [seen(state)])).toBeCloseTo((coast as number) / 2, 9);
    expect(carryOverFor('another', 6, [seen(state)])).toBe(carryOverFor('another', 6, []));
  });

  it('ends where the pot goes onto the heat again: a second warming is no coasting', () => {
    const still = benchPot(6, 4);
    still.practice.hidden.noiseC = 0;
    const { state } = warming(still, 'cultured-cottage', 1);
    const [coast] = coastsOf(state);
    const told = state.advice[0]?.at ?? 0;
    const hotter = [...state.readings, { seq: 9999, at: told + 8 * 60_000, tempC: 95 }];
    expect(coastsOf({ ...state, readings: hotter })[0]).toBeGreaterThan((coast as number) + 20);
    const cook = state.plan.stages.find((stage) => stage.kind === 'cook')?.id as string;
    const runs = [...state.runs, { stage: cook, startedAt: told + 7 * 60_000, endedAt: null }];
    expect(coastsOf({ ...state, readings: hotter, runs })[0]).toBeCloseTo(coast as number, 9);
  });

  it('says nothing of a warming nobody read after the heat went off', () => {
    const { state } = warming(benchPot(6, 4), 'paneer', 1);
    const told = state.advice[0]?.at ?? 0;
    expect(coastsOf({ ...state, readings: state.readings.filter((one) => one.at <= told) })).toEqual([]);
    expect(coastsOf({ ...state, advice: [] })).toEqual([]);
  });
});

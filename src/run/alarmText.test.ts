import { describe, expect, it } from 'vitest';
import { formatter, METRIC } from '../core/units/format';
import { METHODS } from '../makes';
import { basic, planned } from '../plan/fixtures/briefs';
import { MODEL_VERSION } from '../plan/modelVersion';
import { acidAdvice } from './acidAdvice';
import { type Alarm, alarmsOf } from './alarms';
import { alarmText } from './alarmText';
import type { MakeEvent, NewEvent } from './events';
import { at } from './fixtures/walked';
import { stateOf } from './state';

const START = 1_795_680_000_000;
const f = formatter(METRIC);

function begun(id: string, fromStage: string, rest: Parameters<typeof basic>[2] = {}) {
  const { plan, parameters } = planned(basic(id, {}, rest));
  const first: MakeEvent = {
    type: 'started',
    seq: 0,
    at: START,
    name: 'Thursday batch',
    milkName: '',
    plan,
    parameters,
    modelVersion: MODEL_VERSION,
    fromStage,
  };
  return stateOf([first]);
}
const alarm = (about: Alarm['about']): Alarm => ({
  key: 'k',
  makeId: 'm',
  name: 'Thursday batch',
  about,
  dueAt: START,
  until: Number.POSITIVE_INFINITY,
});

describe('an alarm says batch, what is due and what to do', () => {
  it('for every stage of every make that rings', () => {
    for (const method of METHODS)
      for (const stage of planned(basic(method.id)).plan.stages) {
        const state = begun(method.id, stage.id);
        for (const one of alarmsOf('m', state)) {
          const text = alarmText(one, state, f);
          expect(text).toMatch(/^Thursday batch: ./);
          expect(text).not.toMatch(/undefined|NaN|null/);
          expect(text.length).toBeLessThan(110);
        }
      }
  });

  it('a stage by its action and its button', () => {
    expect(alarmText(alarm('stage'), begun('whole-milk-ricotta', 'drain'), f)).toBe(
      'Thursday batch: drain, time is up. Drained?',
    );
  });

  it('what is to be looked at, poured or tried again by just that', () => {
    const ricotta = basic('whole-milk-ricotta');
    const first = begun('whole-milk-ricotta', 'acid');
    const grams = acidAdvice(first)?.kind === 'first' ? (acidAdvice(first) as { grams: number }).grams : 0;
    const poured: readonly [number, NewEvent] = [1, { type: 'acid', grams, portion: 0 }];
    const said = (...more: [number, NewEvent][]) =>
      alarmText(alarm('stage'), at(ricotta, 'acid', [poured, ...more]), f);
    expect(alarmText(alarm('stage'), first, f)).toBe(`Thursday batch: pour the acid, ${f.grams(grams)}.`);
    expect(said()).toBe('Thursday batch: part the curds and look at the whey.');
    expect(said([3, { type: 'whey', look: 'milky' }])).toMatch(
      /^Thursday batch: pour .+ more of the acid\.$/,
    );
    expect(said([3, { type: 'whey', look: 'clear' }])).toBe(
      'Thursday batch: the whey is clear, on to the rest.',
    );
    const set = at(basic('quick-stretched'), 'set', [[44, { type: 'tested', found: 'nearly' }]]);
    expect(alarmText(alarm('stage'), set, f)).toBe('Thursday batch: look at the set again.');
    const piece = at(basic('cultured-stretched'), 'test', [[5, { type: 'tested', found: 'short' }]]);
    expect(alarmText(alarm('stage'), piece, f)).toBe('Thursday batch: try a piece again.');
  });

  it('a turn by its number, a daily salting by its day', () => {
    expect(alarmText(alarm('turn'), begun('daily-salted', 'press'), f)).toBe(
      'Thursday batch: turn it, 1 of 3.',
    );
    const daily = begun('daily-salted', 'salt', { options: { finish: 'daily', saltDays: 6 } });
    expect(alarmText(alarm('turn'), daily, f)).toBe('Thursday batch: salt and turn it, 1 of 6.');
  });

  it('a boil-over first of all by what to do', () => {
    expect(alarmText(alarm('boil-over'), begun('paneer', 'scald'), f)).toMatch(/Turn it down, lid off/);
  });
});

import { describe, expect, it } from 'vitest';
import { turningMin } from '../core/acid/acids';
import { formatter, METRIC } from '../core/units/format';
import { basic } from '../plan/fixtures/briefs';
import { alarmsOf } from './alarms';
import { alarmText } from './alarmText';
import { expectedEnd } from './expect';
import { MIN } from './fixtures/logs';
import { at } from './fixtures/walked';
import { momentOf } from './moment';

const f = formatter(METRIC);
const lactone = { acid: { kind: 'gdl' } } as const;
const POURED_MIN = 9;
const poured = (method: string, acid: object) =>
  at(basic(method, {}, acid), 'acid', [[POURED_MIN, { type: 'acid', grams: 30, portion: 0 }]]);

describe('acid that turns slowly', () => {
  it('in a warm pot is let sour after it went in, however late that was, before anyone looks at the whey', () => {
    const state = poured('warm-acid-pot-cheese', lactone);
    const { action, steps, endsAt, wantsLook } = momentOf(state, f);
    const pouredAt = state.acid[0]?.at ?? 0;
    const planned = state.plan.stages[state.index];
    const turns = (planned?.durationMin.likely ?? 0) - (planned?.handsOnMin ?? 0);
    expect(turns).toBeGreaterThan(20);
    expect(turns).toBeLessThan(turningMin('gdl', 48));
    expect(endsAt).toBeCloseTo(pouredAt + turns * MIN, -3);
    expect(expectedEnd(state)).toBe(endsAt);
    expect(action).toBe('Let it sour');
    expect(steps[0]).toContain(`give it ${f.minutes(turns)} without stirring`);
    expect(wantsLook).toBe(true);
    const [alarm] = alarmsOf('m', state);
    expect(alarm && alarmText(alarm, state, f)).toBe('M: part the curds and look at the whey.');
  });

  it('in hot milk, and acid that is acid at once, are looked at after two minutes', () => {
    for (const [method, acid] of [
      ['whole-milk-ricotta', lactone],
      ['warm-acid-pot-cheese', { acid: { kind: 'citric' } }],
    ] as const) {
      const state = poured(method, acid);
      const { action, steps, endsAt } = momentOf(state, f);
      expect(action).toBe('Look');
      expect(endsAt).toBe((state.acid[0]?.at ?? 0) + 2 * MIN);
      expect(steps[0]).toContain('Give it 2 minutes');
    }
  });

  it('in cold milk is poured and let sour in one stage, and called when it should be there', () => {
    const state = at(basic('quick-stretched', { startC: 4 }, lactone), 'acid');
    expect(momentOf(state, f).action).toBe('Pour and wait');
    const planned = state.plan.stages[state.index]?.durationMin.likely ?? 0;
    expect(planned).toBeGreaterThan(600);
    const [alarm] = alarmsOf('m', state);
    expect(alarm?.dueAt).toBe(state.stageStartedAt + planned * MIN);
    expect(momentOf(at(basic('quick-stretched'), 'acid'), f).action).toBe('Pour acid');
  });
});

import { describe, expect, it } from 'vitest';
import { formatter, METRIC } from '../core/units/format';
import type { Brief } from '../plan/brief/schema';
import { basic, planned } from '../plan/fixtures/briefs';
import { MODEL_VERSION } from '../plan/modelVersion';
import { alarmsOf, ringing } from './alarms';
import type { MakeEvent } from './events';
import { momentOf } from './moment';
import { roundsOf } from './rounds';
import { stateOf } from './state';

const BEGIN = 1_795_680_000_000;
const H = 3_600_000;
const f = formatter(METRIC);

/** A make at the first stage of a kind, with so many rounds given, an hour apart. */
function at(brief: Brief, kind: string, given: number) {
  const { plan, parameters } = planned(brief);
  const stage = plan.stages.find((one) => one.kind === kind);
  const events: MakeEvent[] = [
    {
      type: 'started',
      seq: 0,
      at: BEGIN,
      name: 'White cheese',
      milkName: '',
      plan,
      parameters,
      modelVersion: MODEL_VERSION,
      ...(stage && { fromStage: stage.id }),
    },
    ...Array.from(
      { length: given },
      (_, turn): MakeEvent => ({ type: 'turned', turn, seq: turn + 1, at: BEGIN + (turn + 1) * H }),
    ),
  ];
  return stateOf(events);
}
const daily = basic('daily-salted', {}, { options: { finish: 'daily' } });
const loud = (state: ReturnType<typeof at>, hours: number) =>
  ringing(alarmsOf('a', state), new Set(), {}, BEGIN + hours * H).filter((alarm) => alarm.about === 'turn');

describe('what comes round again', () => {
  it('a salting each day: the first at once, then called each day, counted, and over after the last', () => {
    const days = Number(planned(daily).plan.brief.options?.saltDays);
    expect(days).toBeGreaterThan(2);
    const first = at(daily, 'salt', 0);
    expect(roundsOf(first)).toEqual({ what: 'salt', given: 0, wanted: days, dueAt: BEGIN });
    expect(loud(first, 1)).toEqual([]);
    const second = at(daily, 'salt', 1);
    expect(roundsOf(second)?.dueAt).toBe(BEGIN + 24 * H);
    expect([loud(second, 23.9).length, loud(second, 24).length]).toEqual([0, 1]);
    expect(momentOf(second, f)).toMatchObject({ endsAt: BEGIN + 24 * H, endsWhat: 'salt and turn it' });
    const last = at(daily, 'salt', days);
    expect(roundsOf(last)?.dueAt).toBeNull();
    expect(momentOf(last, f).endsAt).toBeGreaterThan(BEGIN + (days - 1) * 24 * H);
    expect(loud(last, 24 * 30)).toEqual([]);
  });

  it('turns that go in turn are called after the one wait and the other', () => {
    const brief = basic('squeaky-curds', {}, { options: { turns: 4, turnMin: 10, turnThenMin: 15 } });
    const dueMin = [0, 1, 2, 3].map(
      (given) => ((roundsOf(at(brief, 'slab', given))?.dueAt ?? 0) - BEGIN) / 60_000,
    );
    expect(dueMin).toEqual([10, 25, 35, 50]);
    expect(planned(brief).plan.stages.find((one) => one.kind === 'slab')?.durationMin.likely).toBe(50);
  });

  it('a press is turned at equal times within its hours', () => {
    const press = at(daily, 'press', 0);
    const hours = (press.plan.stages.find((stage) => stage.kind === 'press')?.durationMin.likely ?? 0) / 60;
    expect(roundsOf(press)).toMatchObject({ what: 'turn', wanted: 3 });
    expect(((roundsOf(press)?.dueAt ?? 0) - BEGIN) / H).toBeCloseTo(hours / 4, 6);
    expect(((roundsOf(at(daily, 'press', 2))?.dueAt ?? 0) - BEGIN) / H).toBeCloseTo((3 * hours) / 4, 6);
    expect(loud(press, hours / 4 + 0.01)).toHaveLength(1);
  });

  it('slabs are turned as often as their make says', () => {
    const curds = basic('squeaky-curds');
    const slab = at(curds, 'slab', 0);
    const { everyMin } = slab.parameters[
      slab.plan.stages.find((stage) => stage.kind === 'slab')?.id ?? ''
    ] as {
      everyMin: number;
    };
    expect(((roundsOf(slab)?.dueAt ?? 0) - BEGIN) / 60_000).toBeCloseTo(everyMin, 6);
  });

  it('one turn is no round, and a salting at once neither', () => {
    expect(roundsOf(at(basic('paneer'), 'press', 0))).toBeNull();
    expect(roundsOf(at(basic('squeaky-curds'), 'salt', 0))).toBeNull();
    expect(roundsOf(at(basic('paneer'), 'scald', 0))).toBeNull();
  });

  it('a pause moves the next, and rings nothing', () => {
    const press = at(daily, 'press', 0);
    const due = roundsOf(press)?.dueAt ?? 0;
    expect(roundsOf({ ...press, pausedMs: H })?.dueAt).toBe(due + H);
    expect(loud({ ...press, pausedAt: BEGIN + H }, 99)).toEqual([]);
  });
});

import { describe, expect, it } from 'vitest';
import { normal, seeded } from '../core/stats/random';
import { formatter, METRIC } from '../core/units/format';
import { METHODS } from '../makes';
import { coursesOf } from '../plan/course';
import { basic, planned } from '../plan/fixtures/briefs';
import { alarmsOf } from '../run/alarms';
import { boilsOverAt } from '../run/boilOver';
import { runHands } from '../run/clashes';
import { runCourse } from '../run/course';
import type { MakeEvent } from '../run/events';
import { expectedEnd, readyAt } from '../run/expect';
import { costsText, mishapsAt, remedyFor } from '../run/mishaps';
import { momentOf } from '../run/moment';
import { reviewOf } from '../run/review';
import { isOver, type MakeState, stageEndsAt, stateOf } from '../run/state';
import { warmSoFar } from '../run/warm';
import { enact } from './enact';
import { realBatch } from './quirks';

const START = Date.UTC(2026, 10, 26, 8, 0);
const f = formatter(METRIC);

/** A make as it really went for somebody: a milk, a pot and a hand of its own. */
function wentOn(id: string, seed: number): MakeEvent[] {
  const plan = planned(basic(id));
  const random = seeded(seed);
  const depart = realBatch({ milk: { pH: 0.03 }, pot: { power: 0.9, probeOffC: 0.4 } }, () => normal(random));
  return enact(plan, depart, `${id} ${seed}`, '', START).events;
}

/** Every state the make went through, with the moment it came to stand so. */
const through = (events: readonly MakeEvent[]): { state: MakeState; at: number }[] =>
  events.map((event, i) => ({ state: stateOf(events.slice(0, i + 1)), at: event.at }));

describe.each(METHODS.map((method) => method.id))('%s, at every moment of a real make', (id) => {
  const events = wentOn(id, 7);
  const states = through(events);

  it('says one thing to do, and when it ends', () => {
    for (const { state } of states) {
      if (isOver(state)) continue;
      const moment = momentOf(state, f);
      expect(`${moment.action} ${moment.target} ${moment.steps.join(' ')}`).not.toMatch(
        /undefined|NaN|Infinity/,
      );
      expect(Number.isFinite(moment.endsAt)).toBe(true);
      expect(moment.endsAt).toBeGreaterThanOrEqual(state.stageStartedAt);
      // Something can always be done: a button, a look, a test or a weight.
      expect(moment.main !== null || moment.wantsLook || moment.tests.length > 0 || moment.last).toBe(true);
    }
  });

  it('goes forward, one stage after the other, each begun where the last one ended', () => {
    const end = states.at(-1)?.state as MakeState;
    expect(isOver(end)).toBe(true);
    expect(end.runs.map((run) => run.stage)).toEqual(end.plan.stages.map((stage) => stage.id));
    end.runs.forEach((run, i) => {
      if (i > 0) expect(run.startedAt).toBe(end.runs[i - 1]?.endedAt);
    });
    let index = 0;
    for (const { state } of states) {
      expect(state.index).toBeGreaterThanOrEqual(index);
      index = state.index;
    }
  });

  it('knows when it will be ready, later than now and never in the past', () => {
    for (const { state, at } of states) {
      if (isOver(state)) continue;
      expect(readyAt(state, at)).toBeGreaterThanOrEqual(at);
      expect(expectedEnd(state)).toBeGreaterThan(START);
      expect(stageEndsAt(state)).toBeGreaterThanOrEqual(state.stageStartedAt);
    }
  });

  it('lies on its track without a gap, readings within it', () => {
    for (const { state, at } of states) {
      const course = runCourse(state, coursesOf(planned(state.plan.brief)), at);
      course.stages.forEach((stage, i) => {
        const before = course.stages[i - 1];
        if (before) expect(stage.startMin).toBeCloseTo(before.startMin + before.durationMin, 6);
        expect(stage.durationMin).toBeGreaterThanOrEqual(0);
      });
      const minutes = course.temps.map(([minute]) => minute);
      expect([...minutes].sort((a, b) => a - b)).toEqual(minutes);
      for (const [minute] of course.readings)
        expect(minute).toBeLessThanOrEqual((at - START) / 60_000 + 1e-6);
    }
  });

  it('rings at most for its stage and for the boil, and counts its warm time up only', () => {
    let warm = 0;
    for (const { state, at } of states) {
      const alarms = alarmsOf('make', state).filter((one) => one.about !== 'bell');
      if (!isOver(state)) expect(alarms.length).toBeLessThanOrEqual(2);
      expect(new Set(alarms.map((alarm) => alarm.key)).size).toBe(alarms.length);
      const boils = boilsOverAt(state);
      if (boils !== null) expect(Number.isFinite(boils)).toBe(true);
      const now = warmSoFar(state, at);
      expect(now).toBeGreaterThanOrEqual(0);
      if (!isOver(state) && state.readings.length === 0) {
        expect(now).toBeGreaterThanOrEqual(warm - 1);
        warm = now;
      }
      for (const hands of runHands(state, at)) expect(hands.to).toBeGreaterThan(hands.from);
    }
  });

  it('has an answer in numbers to whatever goes wrong, wherever it stands', () => {
    for (const { state } of states) {
      if (isOver(state)) continue;
      for (const id of mishapsAt(state)) {
        const remedy = remedyFor(state, id);
        expect(`${remedy.now} ${costsText(remedy, f)}`).not.toMatch(/undefined|NaN|Infinity|-\d/);
        expect(remedy.now.length).toBeGreaterThan(10);
      }
    }
  });

  it('ends in the book with what it weighed against what was planned', () => {
    const review = reviewOf(states.at(-1)?.state as MakeState);
    expect(review.weighedKg).toBeGreaterThan(0);
    expect(review.yieldRatio).toBeGreaterThan(0.5);
    expect(review.yieldRatio).toBeLessThan(1.8);
    expect(review.tookMin).toBeGreaterThan(0);
  });
});

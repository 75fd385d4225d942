import { describe, expect, it } from 'vitest';
import { formatter, METRIC } from '../core/units/format';
import { basic } from '../plan/fixtures/briefs';
import type { NewEvent } from './events';
import { MIN } from './fixtures/logs';
import { at } from './fixtures/walked';
import { coursesIn } from './frozen';
import { momentOf } from './moment';
import { sourAdvice } from './sourAdvice';
import { souringBy } from './souringBy';
import type { MakeState } from './state';
import { safetySoFar } from './warm';

const HOUR = 60 * MIN;
const THERE = /^It is (there|past its pH)/;
const setOf = (method: string) => {
  const standing = at(basic(method), 'set');
  const stage = standing.plan.stages[standing.index];
  if (!stage) throw new Error('it has a set');
  return { standing, min: stage.durationMin.likely };
};
const shareOf = (state: MakeState, now: number) => safetySoFar(state, now)?.souring?.share ?? Number.NaN;
/** A set that something was noted in, so many of its planned times after it began. */
const noted = (method: string, times: number, event: NewEvent) => {
  const { min } = setOf(method);
  const state = at(basic(method), 'set', [[times * min, event]]);
  return { state, now: state.stageStartedAt + times * min * MIN };
};

describe.each(['goat-lactic', 'sour-basket', 'cultured-cottage'])(
  '%s, which sets by its culture',
  (method) => {
    it('has soured in time however that was seen: read once when it is due, tested, or simply ended', () => {
      const { min } = setOf(method);
      const ended = at(basic(method), 'set', [[min, { type: 'done', stage: 'set' }]]);
      const share = shareOf(ended, ended.stageStartedAt);
      expect(share).toBeLessThan(0.85);
      const tested = noted(method, 1, { type: 'tested', found: 'sour and set' });
      expect(shareOf(tested.state, tested.now)).toBeCloseTo(share, 2);
      const pH = Number(ended.plan.brief.options?.setToPH ?? 4.55);
      const read = noted(method, 1, { type: 'pH', pH });
      expect(Math.abs(shareOf(read.state, read.now) - share)).toBeLessThan(0.08);
      for (const { state, now } of [tested, read])
        expect(souringBy(state, now)?.soured).toMatchObject({ inTime: true });
    });

    it('has taken too long where it was seen far too late, and is not known to be sour where a pH denies it', () => {
      const late = noted(method, 2.4, { type: 'tested', found: 'sour and set' });
      expect(souringBy(late.state, late.now)?.soured).toMatchObject({ inTime: false });
      const sweet = noted(method, 0.9, { type: 'pH', pH: 6.3 });
      expect(souringBy(sweet.state, sweet.now)).toMatchObject({ soured: null });
      expect(shareOf(sweet.state, sweet.now)).toBeGreaterThan(0.5);
    });

    it('is told that it is there by its pH, or that it came there too slowly, and never both', () => {
      const { standing } = setOf(method);
      const courses = coursesIn(standing);
      const pH = (courses && sourAdvice(standing, courses)?.toPH) ?? 0;
      const says = (times: number) =>
        momentOf(noted(method, times, { type: 'pH', pH }).state, formatter(METRIC)).steps;
      expect(says(1)[0]).toMatch(THERE);
      const late = says(2.4);
      expect(late[0]).toMatch(/too slowly to be safe: throw it out/);
      for (const line of late) expect(line).not.toMatch(THERE);
    });

    it('has soured in time though a pH was read on the way, or the milk’s before it, or a tap went back by mistake', () => {
      const { standing, min } = setOf(method);
      const stages = standing.plan.stages.map(({ id }) => id);
      const next = stages[standing.index + 1] ?? '';
      const share = (more: readonly (readonly [number, NewEvent])[]) => {
        const state = at(basic(method), 'set', more);
        return shareOf(state, state.stageStartedAt);
      };
      const ended = share([[min, { type: 'done', stage: 'set' }]]);
      const courses = coursesIn(standing);
      const planned = courses?.stages[standing.index]?.pHs ?? [];
      const [minute, pH] = planned.find(([, one]) => one < 6.3) ?? [0, 0];
      for (const last of [
        [[min, { type: 'done', stage: 'set' }]],
        [
          [min, { type: 'tested', found: 'sour and set' }],
          [min + 1, { type: 'done', stage: 'set' }],
        ],
      ] as const)
        expect(Math.abs(share([[minute, { type: 'pH', pH }], ...last]) - ended)).toBeLessThan(0.12);
      // Back to it, and on again a minute later.
      const tapped = share([
        [min, { type: 'done', stage: 'set' }],
        [min + 1, { type: 'back', from: next, resumes: true }],
        [min + 2, { type: 'done', stage: 'set' }],
      ]);
      expect(Math.abs(tapped - ended)).toBeLessThan(0.02);
    });

    it('is not taken for soured because it was left out, stepped back from, or gone on from far too soon', () => {
      const { standing, min } = setOf(method);
      const before = standing.plan.stages[standing.index - 1]?.id ?? '';
      const back = at(basic(method), 'set', [
        [1, { type: 'back', from: 'set', resumes: true }],
        [2, { type: 'done', stage: before }],
      ]);
      expect(souringBy(back, back.stageStartedAt + 0.5 * min * MIN)?.soured).toBeNull();
      const soon = at(basic(method), 'set', [[0.2 * min, { type: 'done', stage: 'set' }]]);
      expect(safetySoFar(soon, soon.stageStartedAt + HOUR)?.souring?.soursAfterH).toBeNull();
      const left = at(basic(method), 'set', [[1, { type: 'skipped', stage: 'set' }]]);
      expect(safetySoFar(left, left.stageStartedAt + HOUR)?.souring?.soursAfterH).toBeNull();
    });

    it('tells by when it has to be sour, later than it will be as planned, and the same while it waits', () => {
      const { standing } = setOf(method);
      const early = souringBy(standing, standing.stageStartedAt + HOUR);
      const later = souringBy(standing, standing.stageStartedAt + 5 * HOUR);
      if (!early?.byAt || !early.expectedAt || !later?.byAt) throw new Error('it sours in the warm');
      expect(early.soured).toBeNull();
      expect(early.expectedAt).toBeLessThan(early.byAt);
      expect(later.expectedAt).toBe(early.expectedAt);
      // It cools meanwhile, which gives it longer.
      expect(later.byAt).toBeGreaterThanOrEqual(early.byAt - MIN);
      // At that hour exactly all of it is used.
      expect(shareOf(standing, later.byAt)).toBeGreaterThan(0.9);
      expect(shareOf(standing, later.byAt)).toBeLessThan(1.001);
    });

    it('is expected later where a pH shows it slow', () => {
      const { standing, min } = setOf(method);
      const planned = souringBy(standing, standing.stageStartedAt)?.expectedAt ?? 0;
      const slow = noted(method, 0.5, { type: 'pH', pH: 6.4 });
      expect(souringBy(slow.state, slow.now)?.expectedAt).toBeGreaterThan(planned + 0.2 * min * MIN);
    });
  },
);

it('nothing is asked of a milk that no culture sours, nor of one that stands too cool', () => {
  const paneer = at(basic('paneer'), 'acid');
  expect(souringBy(paneer, paneer.stageStartedAt)).toBeNull();
  const cold = at(basic('goat-lactic'), 'set', [
    [10, { type: 'temperature', tempC: 14 }],
    [20, { type: 'temperature', tempC: 14 }],
    [30, { type: 'temperature', tempC: 14 }],
  ]);
  expect(souringBy(cold, cold.stageStartedAt + HOUR)?.byAt).toBeNull();
});

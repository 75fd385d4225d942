import { describe, expect, it } from 'vitest';
import { SOURED_PH } from '../core/safety/slowSouring';
import { formatter, METRIC } from '../core/units/format';
import { METHODS } from '../makes';
import { basic } from '../plan/fixtures/briefs';
import { wholeRuns } from './begun';
import { runCourse } from './course';
import { readyAt } from './expect';
import { MIN } from './fixtures/logs';
import { at } from './fixtures/walked';
import { coursesIn } from './frozen';
import { momentOf } from './moment';
import { sourAdvice } from './sourAdvice';
import { souringBy } from './souringBy';
import type { MakeState } from './state';
import { safetySoFar, warmSoFar } from './warm';

const HOUR = 60 * MIN;
const format = formatter(METRIC);

describe('a make begun in the middle', () => {
  /** The same make begun there, when the one that was walked came there. */
  const begunAt = (walked: MakeState, fromStage: string) => {
    const begins = walked.stageStartedAt;
    const runs = [{ stage: fromStage, startedAt: begins, endedAt: null }];
    return { ...walked, startedAt: begins, runs, readings: [], pHs: [] };
  };

  it.each(['goat-lactic', 'squeaky-curds', 'fresh-pressed', 'cultured-stretched'])(
    '%s counts what came before as planned: warm time and souring stand as in one that was walked on time',
    (method) => {
      for (const { id } of at(basic(method), 'sanitise').plan.stages.slice(1)) {
        const walked = at(basic(method), id);
        const middle = begunAt(walked, id);
        expect(wholeRuns(middle).map(({ stage }) => stage)).toEqual(walked.runs.map(({ stage }) => stage));
        const now = walked.stageStartedAt + 30 * MIN;
        expect(warmSoFar(middle, now)).toBeCloseTo(warmSoFar(walked, now), 3);
        const [a, b] = [safetySoFar(middle, now)?.souring, safetySoFar(walked, now)?.souring];
        expect(a?.share ?? 0).toBeCloseTo(b?.share ?? 0, 3);
        expect(a?.soursAfterH ?? 0).toBeCloseTo(b?.soursAfterH ?? 0, 3);
      }
    },
  );

  it.each(METHODS.map(({ id }) => id))(
    '%s says the same at each stage as one that was walked there on time',
    (id) => {
      for (const stage of at(basic(id), 'sanitise').plan.stages.slice(1)) {
        const walked = at(basic(id), stage.id);
        const middle = begunAt(walked, stage.id);
        expect(momentOf(middle, format)).toEqual(momentOf(walked, format));
        expect(readyAt(middle, middle.startedAt)).toBe(readyAt(walked, middle.startedAt));
      }
    },
  );

  it('has nothing on its track before the stage it was begun at, and that one where it began', () => {
    const walked = at(basic('squeaky-curds'), 'cook');
    const middle = begunAt(walked, 'cook');
    const courses = coursesIn(walked);
    if (!courses) throw new Error('it has its courses');
    const { stages } = runCourse(middle, courses, middle.startedAt + 5 * MIN);
    const now = stages.findIndex(({ state }) => state === 'now');
    expect(stages[now]).toMatchObject({ id: 'cook', startMin: 0 });
    for (const { durationMin, startMin } of stages.slice(0, now)) {
      expect(durationMin).toBe(0);
      expect(startMin).toBe(0);
    }
    expect(stages[now + 1]?.startMin).toBeCloseTo(stages[now]?.durationMin ?? 0, 6);
  });

  it('is answered by its pH as any other', () => {
    const walked = at(basic('goat-lactic'), 'set');
    const middle = begunAt(walked, 'set');
    const courses = coursesIn(walked);
    if (!courses) throw new Error('it has its courses');
    const reads = (hours: number, pH: number) => ({
      ...middle,
      pHs: [{ seq: 9, at: middle.startedAt + hours * HOUR, stage: 'set', pH }],
    });
    expect(sourAdvice(middle, courses)?.says).toBe('as planned');
    expect(sourAdvice(reads(10, 6.4), courses)?.says).toBe('behind');
    expect(sourAdvice(reads(14, 4.5), courses)?.says).toBe('there');
    expect(souringBy(reads(14, SOURED_PH + 0.4), middle.startedAt + 14 * HOUR)?.soured).toBeNull();
  });
});

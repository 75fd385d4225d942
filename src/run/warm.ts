import { SOURED_PH } from '../core/safety/slowSouring';
import { does, goalOf } from '../makes/asked';
import type { Courses } from '../plan/course';
import { culturedAt, type Lived, type Safety, safetyOf } from '../plan/safety';
import { wholeRuns } from './begun';
import { coursesIn } from './frozen';
import { comesTo, minuteOf, PACE } from './sourAdvice';
import { isOver, type MakeState, type StageRun } from './state';

const MIN_MS = 60_000;
/** So many readings in a stage stand for its course. */
const READ = 3;

/** A stage's planned temperatures over the time it really took; its readings instead where there are enough. */
export function tempsOf(
  state: MakeState,
  run: StageRun,
  end: number,
  planned: { durationMin: number; course: readonly (readonly [number, number])[] },
): [number, number][] {
  const read = state.readings.filter((one) => one.at >= run.startedAt && one.at <= end);
  if (read.length >= READ) return read.map(({ at, tempC }) => [at / MIN_MS, tempC]);
  const took = (end - run.startedAt) / MIN_MS;
  const likely = Math.max(0.1, planned.durationMin);
  const points: [number, number][] = [];
  for (const [minute, tempC] of planned.course) {
    const at = run.endedAt === null ? minute : (minute / likely) * took;
    if (at <= took + 1e-9) points.push([run.startedAt / MIN_MS + at, tempC]);
  }
  const last = points.at(-1);
  if (last && run.endedAt === null) points.push([end / MIN_MS, last[1]]);
  return points;
}

/** A pH it was seen to have come to, and when, ms. */
interface Seen {
  at: number;
  pH: number;
}

/** A stage of a make as it went: where it stands in the plan, and each time it ran. */
interface Went {
  index: number;
  runs: readonly StageRun[];
}

/**
 * What shows that a stage which goes to a pH has soured: its test passed, or it is behind. Where pHs were read in it before, only if by
 * those it would have come to pH 5.6 by then. Null where nothing does, or a later pH denies it.
 */
function seenSour(
  state: MakeState,
  courses: Courses,
  { index, runs }: Went,
  read: readonly Seen[],
  until: number,
): Seen | null {
  const stage = state.plan.stages[index];
  const goal = stage && goalOf(stage, state.parameters);
  const [first, last] = [runs[0], runs.at(-1)];
  if (!stage || goal?.is !== 'pH' || !first || !last) return null;
  const since = read.at(-1)?.at ?? first.startedAt;
  // Nobody needs a meter: what has set with clear whey on it and tastes cleanly sour has soured.
  const test = state.tests.find(
    ({ found, stage: where, at }) => found === 'sour and set' && where === stage.id && at >= since,
  );
  const at = test?.at ?? (index < state.index && !last.skipped ? last.endedAt : null);
  // No culture is so fast: somebody went on before it can have soured.
  const soonest = first.startedAt + ((courses.stages[index]?.durationMin ?? 0) / PACE.fastest) * MIN_MS;
  if (at === null || at > until || state.pHs.some((one) => one.at > at && one.pH > SOURED_PH)) return null;
  if (read.length === 0) return test || at >= soonest ? { at, pH: Math.min(goal.pH, SOURED_PH) } : null;
  const reachedAt = comesTo(state, courses, SOURED_PH);
  return reachedAt === null || reachedAt > at ? null : { at: Math.max(since, reachedAt), pH: SOURED_PH };
}

/** How its pH fell in a stage: as it was read or seen, and to the first of that along the planned fall, in the time it really took. */
function soursOf(state: MakeState, courses: Courses, went: Went, until: number): [number, number][] {
  const from = went.runs[0]?.startedAt ?? 0;
  const pHs = courses.stages[went.index]?.pHs ?? [];
  const read: Seen[] = state.pHs.filter(
    ({ at }) => at <= until && went.runs.some((run) => at >= run.startedAt && at <= (run.endedAt ?? until)),
  );
  const shown = seenSour(state, courses, went, read, until);
  const seen = shown ? [...read, shown] : read;
  const [first] = seen;
  const before = first ? pHs.filter(([, pH]) => pH > first.pH) : [];
  const times = first ? (first.at - from) / MIN_MS / Math.max(0.1, minuteOf(pHs, first.pH)) : 1;
  return [
    ...before.map(([minute, pH]): [number, number] => [from / MIN_MS + minute * times, pH]),
    ...seen.map(({ at, pH }): [number, number] => [at / MIN_MS, pH]),
  ];
}

/**
 * How a batch stands so far against slow souring and warm time, from what was logged: each stage's planned course laid over
 * the time it really took, readings in its place where there are any.
 */
export function safetySoFar(state: MakeState, now: number): Safety | null {
  const courses = coursesIn(state);
  if (!courses) return null;
  const { stages } = state.plan;
  const until = Math.min(now, isOver(state) ? (state.finishedAt ?? now) : now);
  const all = wholeRuns(state);
  const heats = stages.find((stage) => does(stage, 'heats-milk'));
  const begins = heats ? all.findIndex(({ stage }) => stage === heats.id) : 0;
  // Milk straight from the fridge is cold until it is warmed.
  const warm = begins < 0 ? [] : all.slice(begins);
  const lived = stages.map(({ id }, index): Lived | null => {
    const planned = courses.stages[index];
    const runs = warm.filter(
      (run) => run.stage === id && Math.min(run.endedAt ?? until, until) > run.startedAt,
    );
    if (!planned || runs.length === 0) return null;
    return {
      temps: runs.flatMap((run) => tempsOf(state, run, Math.min(run.endedAt ?? until, until), planned)),
      pHs: soursOf(state, courses, { index, runs }, until),
    };
  });
  return safetyOf(stages, state.parameters, lived, curdPHSoFar(state));
}

/** The curd's pH: the last one read, or what its plan says of it by now. */
export const curdPHSoFar = (state: MakeState): number => state.pHs.at(-1)?.pH ?? plannedPH(state);

/** The pH its plan says the curd has by now: that of the last souring stage behind it, or of the acid; its milk's before. */
function plannedPH(state: MakeState): number {
  const courses = coursesIn(state);
  const sour = courses?.stages.slice(0, state.index).flatMap((stage) => stage.pHs ?? []);
  return sour?.at(-1)?.[1] ?? courses?.acidToPH ?? courses?.milkPH ?? 7;
}

/** Minutes this batch has stood warm so far, between 5 and 60 °C, outside the pot's heat and its culture's care. */
export const warmSoFar = (state: MakeState, now: number): number => safetySoFar(state, now)?.warmMin ?? 0;

/** Whether a culture goes into it. */
export const isCultured = (state: MakeState): boolean => culturedAt(state.plan.stages, state.parameters) >= 0;

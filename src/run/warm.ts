import { SOURED_PH } from '../core/safety/slowSouring';
import { does, goalOf } from '../makes/asked';
import { culturedAt, type Lived, type Safety, safetyOf } from '../plan/safety';
import { wholeRuns } from './begun';
import { coursesIn } from './frozen';
import { minuteOf } from './sourAdvice';
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

/** Where nobody has a meter: a set that has passed its test has soured, and so has one that was ended; null where a pH denies it. */
function seenSour(state: MakeState, run: StageRun, end: number): Seen | null {
  const stage = state.plan.stages.find((one) => one.id === run.stage);
  const goal = stage && goalOf(stage, state.parameters);
  if (goal?.is !== 'pH') return null;
  const test = state.tests.find(
    ({ found, stage: where, at }) => found === 'sour and set' && where === run.stage && at <= end,
  );
  const seenAt = test?.at ?? run.endedAt;
  const last = state.pHs.at(-1);
  const denied = last !== undefined && last.pH > SOURED_PH && last.at >= (test?.at ?? 0);
  return seenAt === null || denied ? null : { at: seenAt, pH: Math.min(goal.pH, SOURED_PH) };
}

/** How its pH fell in a stage: as it was read or seen, and to the first of that along the planned fall, in the time it really took. */
function soursOf(
  state: MakeState,
  run: StageRun,
  end: number,
  { pHs = [] }: { pHs?: readonly (readonly [number, number])[] | undefined },
): [number, number][] {
  const read: Seen[] = state.pHs.filter(({ at }) => at >= run.startedAt && at <= end);
  const seen = read.length > 0 ? read : [seenSour(state, run, end)].filter((one) => one !== null);
  const [first] = seen;
  const before = first ? pHs.filter(([, pH]) => pH > first.pH) : [];
  const times = first ? (first.at - run.startedAt) / MIN_MS / Math.max(0.1, minuteOf(pHs, first.pH)) : 1;
  return [
    ...before.map(([minute, pH]): [number, number] => [run.startedAt / MIN_MS + minute * times, pH]),
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
  const runs = wholeRuns(state);
  const heats = stages.find((stage) => does(stage, 'heats-milk'));
  const begins = heats ? runs.findIndex(({ stage }) => stage === heats.id) : 0;
  const lived: (Lived | null)[] = stages.map(() => null);
  runs.forEach((run, i) => {
    // Milk straight from the fridge is cold until it is warmed.
    if (begins < 0 || i < begins) return;
    const index = stages.findIndex((stage) => stage.id === run.stage);
    const planned = courses.stages[index];
    const end = Math.min(run.endedAt ?? until, until);
    if (!planned || end <= run.startedAt) return;
    const before = lived[index];
    lived[index] = {
      temps: [...(before?.temps ?? []), ...tempsOf(state, run, end, planned)],
      pHs: [...(before?.pHs ?? []), ...soursOf(state, run, end, planned)],
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

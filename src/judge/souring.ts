import { advance, type Ferment, fermentPH, sourTo, startFerment } from '../core/culture/ferment';
import { goalOf } from '../makes/asked';
import { resolveBrief } from '../plan/brief/resolve';
import { bookOf } from '../plan/planOf';
import { NO_DEPARTURE, worldOf } from '../plan/world';
import { coursesIn } from '../run/frozen';
import { between, type Log, MIN_MS, type Read, wentInAt } from './log';

/** Hours of the model's clock between two looks at its pH. */
const STEP_H = 0.1;
const LONGEST_H = 72;
/** A pH tells of the culture's pace only from so much of a fall on. */
const FELT_FALL = 0.2;
const MS_PER_H = 60 * MIN_MS;

/** The pH its souring goes to, by the stage that ends at it. */
export function targetPH(log: Log): number | null {
  const { state } = log;
  for (const stage of state.plan.stages) {
    const goal = goalOf(stage, state.parameters);
    if (goal?.is === 'pH') return goal.pH;
  }
  return null;
}

/** A course at a minute, straight between its points. */
function at(course: readonly (readonly [number, number])[], minute: number): number | null {
  const next = course.findIndex(([m]) => m >= minute);
  if (next < 0) return course.at(-1)?.[1] ?? null;
  const [m1, c1] = course[next] as readonly [number, number];
  const [m0, c0] = course[Math.max(0, next - 1)] as readonly [number, number];
  return m1 === m0 ? c1 : c0 + ((c1 - c0) * (minute - m0)) / (m1 - m0);
}

/**
 * Temperature from the culture on, °C at an hour: as each stage was planned, moved by what was last read in it. Counted from the culture, so
 * that it hangs on no date, not even by its last digit.
 */
function heatFrom(log: Log, from: number): (hour: number) => number {
  const { state } = log;
  const courses = coursesIn(state);
  const setC = Number(log.options.setC ?? 30);
  const runs = state.runs.map((run) => {
    const index = state.plan.stages.findIndex(({ id }) => id === run.stage);
    const course = courses?.stages[index]?.course ?? [];
    const end = run.endedAt ?? Number.POSITIVE_INFINITY;
    const offs = between(state.readings, run.startedAt, end).map((read) => ({
      at: read.at - from,
      off: read.tempC - (at(course, (read.at - run.startedAt) / MIN_MS) ?? read.tempC),
    }));
    return { start: run.startedAt - from, course, offs };
  });
  return (hour) => {
    const when = hour * MS_PER_H;
    const run = runs.findLast(({ start }) => start <= when) ?? runs[0];
    const planned = run && at(run.course, (when - run.start) / MIN_MS);
    const off = run && (run.offs.findLast((one) => one.at <= when) ?? run.offs[0])?.off;
    return (planned ?? setC) + (off ?? 0);
  };
}

/** The planned milk and culture as the culture goes in; null where the plan cannot be reckoned. */
function fermentOf(log: Log): Ferment | null {
  const ready = resolveBrief(log.state.plan.brief, bookOf(log.state));
  const litres = log.state.plan.brief.milk.litres;
  if (!ready.ok || litres === undefined) return null;
  const world = worldOf(ready.value.brief, ready.value.method, litres, NO_DEPARTURE);
  return startFerment(world.buffer, world.cultures);
}

/** The last pH that was read of a souring, and what the model gives at that hour and the temperatures read; null without one. */
export function souredOff(log: Log): { read: Read; expectedPH: number; tookH: number } | null {
  const from = wentInAt(log, 'culture');
  const last = log.state.pHs.findLast((one) => from !== null && one.at > from);
  const ferment = last ? fermentOf(log) : null;
  if (from === null || !last || !ferment) return null;
  const tookH = (last.at - from) / MS_PER_H;
  if (tookH > LONGEST_H) return null;
  advance(ferment, heatFrom(log, from), 0, tookH, STEP_H);
  return {
    read: { value: last.pH, at: last.at, event: last.seq },
    expectedPH: fermentPH(ferment),
    tookH,
  };
}

/**
 * How fast the culture soured against what the model needs at the temperatures that were read: 1 as expected, 0.5 half as fast.
 * By the latest pH between a felt fall and the target; null without one, or without a culture.
 */
export function souringPace(log: Log): { pace: number; read: Read; expectedH: number; tookH: number } | null {
  const from = wentInAt(log, 'culture');
  const ferment = from === null ? null : fermentOf(log);
  if (from === null || ferment === null) return null;
  const first = fermentPH(ferment);
  const floor = targetPH(log) ?? 4.9;
  const read = log.state.pHs.findLast(
    (one) => one.at > from && one.pH <= first - FELT_FALL && one.pH >= floor - 0.02,
  );
  if (!read) return null;
  const tookH = (read.at - from) / MS_PER_H;
  const expectedH = sourTo(ferment, heatFrom(log, from), read.pH, LONGEST_H, STEP_H);
  if (!Number.isFinite(expectedH) || tookH <= 0) return null;
  return {
    pace: expectedH / tookH,
    read: { value: read.pH, at: read.at, event: read.seq },
    expectedH,
    tookH,
  };
}

/** Whether the pH fell at all after the culture went in. */
export function fell(log: Log): boolean {
  const from = wentInAt(log, 'culture');
  const after = log.state.pHs.filter((one) => from !== null && one.at > from);
  const first = log.state.pHs[0]?.pH ?? 6.6;
  return after.some((one) => one.pH <= first - FELT_FALL);
}

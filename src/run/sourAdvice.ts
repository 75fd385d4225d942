import { expOf, hypotOf, lnOf } from '../core/numeric/elementary';
import { clamp } from '../core/units/measures';
import { goalOf, takes } from '../makes/asked';
import type { Courses } from '../plan/course';
import type { PlanStage } from '../plan/schema';
import { heldIn, SHARPENED_FROM_MODEL, sharpened } from '../plan/sharpened';
import { wholeRuns } from './begun';
import { type MakeState, stageAt, stageEndsAt } from './state';

/** A culture's pace is believed between these, against the planned one. */
export const PACE = { slowest: 0.35, fastest: 2.5 } as const;
/** A meter, and the moment it is read at, tell the pace to so much, of its logarithm; a strip or a meter is read to so much pH. Judgement. */
export const PACE_SD = 0.05;
const PH_SD = 0.05;
/** A pH this far past its target is past it. */
const PAST_PH = 0.1;

export interface SourAdvice {
  /** The pH the stage goes to. */
  toPH: number;
  /** When it should be there, ms; as planned without a reading. */
  readyAt: number;
  /** The last reading, and what the plan says of that moment. */
  last: { pH: number; plannedPH: number } | null;
  /** Pace against the plan: 2 is twice as fast. */
  pace: number;
  says: 'as planned' | 'ahead' | 'behind' | 'there' | 'past';
}

/** The planned pH from the culture on: [minutes from the culture, pH], falling. */
function plannedCurve(state: MakeState, courses: Courses): { at: number; points: [number, number][] } | null {
  const stages = state.plan.stages;
  const culture = stages.findIndex((stage) => takes(stage, state.parameters, 'culture'));
  const added = stages[culture];
  if (!added) return null;
  const zero = added.startMin + added.durationMin.likely;
  const points: [number, number][] = [];
  stages.forEach((stage, i) => {
    for (const [minute, pH] of courses.stages[i]?.pHs ?? []) {
      const at = stage.startMin + minute - zero;
      if (at >= 0 && (points.length === 0 || pH <= (points.at(-1) as [number, number])[1] + 1e-9))
        points.push([at, pH]);
    }
  });
  const run = wholeRuns(state).findLast((one) => one.stage === added.id && one.endedAt !== null);
  return run?.endedAt && points.length > 1 ? { at: run.endedAt, points } : null;
}

/** Minute at which a falling curve reaches a pH; its last minute where it does not. */
export function minuteOf(points: readonly (readonly [number, number])[], pH: number): number {
  for (let i = 1; i < points.length; i++) {
    const [m1, p1] = points[i] as readonly [number, number];
    if (p1 > pH) continue;
    const [m0, p0] = points[i - 1] as readonly [number, number];
    return p0 === p1 ? m1 : m0 + ((m1 - m0) * (p0 - pH)) / (p0 - p1);
  }
  return points.at(-1)?.[0] ?? 0;
}

function pHAt(points: readonly [number, number][], minute: number): number {
  for (let i = 1; i < points.length; i++) {
    const [m1, p1] = points[i] as [number, number];
    if (m1 < minute) continue;
    const [m0, p0] = points[i - 1] as [number, number];
    return m1 === m0 ? p1 : p0 + ((p1 - p0) * (minute - m0)) / (m1 - m0);
  }
  return points.at(-1)?.[1] ?? 7;
}

/** How well a pH tells the pace where the curve is at a minute: near the start, where it is flat, hardly at all. */
function readingSd(points: readonly [number, number][], minute: number): number {
  const around = Math.max(1, minute * 0.1);
  const fall = pHAt(points, Math.max(0, minute - around)) - pHAt(points, minute + around);
  return hypotOf(PACE_SD, PH_SD / Math.max(1e-3, (fall / (2 * around)) * minute));
}

/** The pace of this batch against its plan after one reading of it. */
function paceAfter({ plan }: MakeState, read: number, sd: number): number {
  // Against the plan, which has what was learned in it already.
  const held = { mean: 0, sd: heldIn(plan, 'culture-pace').sd };
  return expOf(sharpened(held, { ln: lnOf(read), sd }).mean);
}

/** The pace of this make's culture against its plan by its last reading; null without one, or before there is something to read. */
export function paceSoFar(state: MakeState, courses: Courses): number | null {
  const curve = plannedCurve(state, courses);
  const reading = curve && state.pHs.findLast((one) => one.at > curve.at);
  if (!curve || !reading) return null;
  const reached = minuteOf(curve.points, reading.pH);
  const read = reached / Math.max(1, (reading.at - curve.at) / 60_000);
  return clamp(
    state.modelVersion < SHARPENED_FROM_MODEL || read <= 0
      ? read
      : paceAfter(state, read, readingSd(curve.points, reached)),
    PACE.slowest,
    PACE.fastest,
  );
}

/** When its culture brings it to a pH, ms: as planned from when that went in, or on from the last reading at the pace this shows; null without a culture. */
export function comesTo(state: MakeState, courses: Courses, pH: number): number | null {
  const curve = plannedCurve(state, courses);
  if (!curve) return null;
  const minute = minuteOf(curve.points, pH);
  const reading = state.pHs.findLast((one) => one.at > curve.at);
  if (!reading) return curve.at + minute * 60_000;
  const pace = paceSoFar(state, courses) ?? 1;
  return reading.at + ((minute - minuteOf(curve.points, reading.pH)) / pace) * 60_000;
}

/** Minutes a stage to come will take: one that ends at a pH, at the pace its culture has shown; the rest as planned. */
export function comingMin(state: MakeState, courses: Courses | null): (stage: PlanStage) => number {
  const pace = (state.modelVersion >= SHARPENED_FROM_MODEL && courses && paceSoFar(state, courses)) || 1;
  return (stage) => stage.durationMin.likely / (goalOf(stage, state.parameters)?.is === 'pH' ? pace : 1);
}

/**
 * When a souring stage will be at its pH: the planned curve, its time stretched so that it passes through the last
 * reading. Null for a stage that does not end at a pH.
 */
export function sourAdvice(state: MakeState, courses: Courses): SourAdvice | null {
  const stage = stageAt(state);
  const goal = goalOf(stage, state.parameters);
  if (goal?.is !== 'pH') return null;
  const toPH = goal.pH;
  const plannedEnd = stageEndsAt(state);
  const curve = plannedCurve(state, courses);
  const reading = curve && state.pHs.findLast((one) => one.at > curve.at);
  if (!curve || !reading) return { toPH, readyAt: plannedEnd, last: null, pace: 1, says: 'as planned' };
  const elapsed = (reading.at - curve.at) / 60_000;
  const plannedPH = pHAt(curve.points, elapsed);
  if (reading.pH <= toPH) {
    return {
      toPH,
      readyAt: reading.at,
      last: { pH: reading.pH, plannedPH },
      pace: 1,
      says: reading.pH < toPH - PAST_PH ? 'past' : 'there',
    };
  }
  const pace = paceSoFar(state, courses) ?? 1;
  const readyAt = comesTo(state, courses, toPH) ?? plannedEnd;
  const off = reading.pH - plannedPH;
  return {
    toPH,
    readyAt,
    last: { pH: reading.pH, plannedPH },
    pace,
    says: Math.abs(off) < 0.06 ? 'as planned' : off > 0 ? 'behind' : 'ahead',
  };
}

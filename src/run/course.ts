import { type Course, type Courses, courseOf } from '../plan/course';
import { comingMin } from './sourAdvice';
import type { MakeState } from './state';

/** A stage on the track of a running or finished make, minutes from its start. */
export interface CourseStage {
  index: number;
  id: string;
  startMin: number;
  durationMin: number;
  handsOnMin: number;
  state: 'done' | 'now' | 'coming';
}

export interface RunCourse extends Course {
  stages: CourseStage[];
  readings: [minute: number, tempC: number][];
  pHReadings: [minute: number, pH: number][];
}

/** More points than this a screen cannot show. */
const MOST_POINTS = 600;

/** At most so many points, the last one kept: a probe may have given thousands. */
function thinned(points: [number, number][]): [number, number][] {
  if (points.length <= MOST_POINTS) return points;
  const every = points.length / MOST_POINTS;
  const kept = Array.from(
    { length: MOST_POINTS },
    (_, i) => points[Math.floor(i * every)] as [number, number],
  );
  return [...kept, points.at(-1) as [number, number]];
}

/**
 * The plan laid over what happened: stages done stand where they stood, the one under way runs at least to now, the
 * rest follow as planned. `courses` are those of its plan.
 */
export function runCourse(state: MakeState, courses: Courses, now: number): RunCourse {
  const minuteOf = (at: number) => (at - state.startedAt) / 60_000;
  const over = state.finishedAt !== null || state.abandoned !== null;
  const stages: CourseStage[] = [];
  let at = 0;
  const takes = comingMin(state, courses);
  state.plan.stages.forEach((stage, index) => {
    const done = state.runs.filter((run) => run.stage === stage.id && run.endedAt !== null).at(-1);
    const isNow = !over && index === state.index;
    if (over && index > state.index) return;
    let start = at;
    let duration = index > state.index ? takes(stage) : stage.durationMin.likely;
    if (isNow) {
      start = minuteOf(state.stageStartedAt);
      duration = Math.max(duration, minuteOf(now) - start);
    } else if (index <= state.index && done?.endedAt) {
      start = minuteOf(done.startedAt);
      duration = (done.endedAt - done.startedAt) / 60_000;
    } else if (index < state.index) {
      duration = 0;
    }
    at = start + duration;
    stages.push({
      index,
      id: stage.id,
      startMin: start,
      durationMin: duration,
      handsOnMin: stage.handsOnMin * (duration / Math.max(stage.durationMin.likely, 0.1)),
      state: isNow ? 'now' : index < state.index || over ? 'done' : 'coming',
    });
  });
  const course = courseOf(state.plan, state.parameters, courses);
  const moved = (minute: number): number => {
    const index = state.plan.stages.findLastIndex((stage) => stage.startMin <= minute + 1e-6);
    const stage = state.plan.stages[index];
    const real = stages[index];
    if (!stage || !real) return minute;
    const share =
      stage.durationMin.likely > 0 ? Math.min(1, (minute - stage.startMin) / stage.durationMin.likely) : 0;
    return real.startMin + share * real.durationMin;
  };
  const inRange = <Rest extends number[]>(points: [number, ...Rest][]) =>
    points.map(([minute, ...rest]): [number, ...Rest] => [moved(minute), ...rest]);
  return {
    temps: inRange(course.temps),
    band: inRange(course.band),
    pHs: inRange(course.pHs),
    stages,
    readings: thinned(state.readings.map((reading) => [minuteOf(reading.at), reading.tempC])),
    pHReadings: state.pHs.map((reading) => [minuteOf(reading.at), reading.pH]),
  };
}

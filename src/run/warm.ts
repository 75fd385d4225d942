import { SAFE_PH, warmMinutes } from '../core/safety/warmTime';
import { does } from '../makes/asked';
import { coursesIn } from './frozen';
import { isOver, type MakeState } from './state';

/**
 * Minutes this batch has been warm so far, between 5 and 60 °C, from the first warming on: each stage's planned course laid
 * over the time it really took, readings in its place where there are any. Nothing counts once the curd is at pH 4.2.
 */
export function warmSoFar(state: MakeState, now: number): number {
  const courses = coursesIn(state);
  if (!courses) return 0;
  const series: [number, number][] = [];
  let heated = false;
  const sourAt = state.pHs.find((one) => one.pH <= SAFE_PH)?.at ?? Number.POSITIVE_INFINITY;
  const until = Math.min(now, sourAt, isOver(state) ? (state.finishedAt ?? now) : now);
  for (const run of state.runs) {
    const index = state.plan.stages.findIndex((stage) => stage.id === run.stage);
    const stage = state.plan.stages[index];
    const span = courses.stages[index];
    if (!stage || !span) continue;
    heated ||= does(stage, 'heats-milk');
    // Milk straight from the fridge is cold until it is warmed.
    if (!heated) continue;
    const end = Math.min(run.endedAt ?? until, until);
    if (end <= run.startedAt) continue;
    const read = state.readings.filter((one) => one.at >= run.startedAt && one.at <= end);
    if (read.length >= 3) {
      for (const { at, tempC } of read) series.push([at / 60_000, tempC]);
      continue;
    }
    const took = (end - run.startedAt) / 60_000;
    const likely = Math.max(0.1, span.durationMin);
    for (const [minute, tempC] of span.course) {
      const at = run.endedAt === null ? minute : (minute / likely) * took;
      if (at <= took + 1e-9) series.push([run.startedAt / 60_000 + at, tempC]);
    }
    const last = series.at(-1);
    if (last && run.endedAt === null) series.push([end / 60_000, last[1]]);
  }
  return warmMinutes(series.sort((a, b) => a[0] - b[0]));
}

import { lnOf } from '../../core/numeric/elementary';
import { between, MIN_MS, runsOf, that } from '../../judge/log';
import type { Evidence } from './evidence';

/** A warming tells of the hob only over such a rise, °C; and a thermometer is read to this. */
const RISE_C = 8;
const READ_C = 0.4;

/** Minute at which a rising course reaches a temperature; null where it does not. */
function minuteAt(course: readonly (readonly [number, number])[], tempC: number): number | null {
  for (let i = 1; i < course.length; i++) {
    const [m0, c0] = course[i - 1] as readonly [number, number];
    const [m1, c1] = course[i] as readonly [number, number];
    if (c0 <= tempC && tempC <= c1 && c1 > c0) return m0 + ((m1 - m0) * (tempC - c0)) / (c1 - c0);
  }
  return null;
}

/** What the hob gives this pot: minutes the plain model takes from the first reading to the last, over those it took. */
export const power: Evidence = ({ log, plain }) => {
  const heats = that('heats-milk');
  const index = plain.plan.stages.findIndex(heats);
  const span = plain.spans[index];
  const [run] = runsOf(log, heats);
  if (!span || !run || run.endedAt === null) return null;
  const top = Math.max(...span.course.map(([, tempC]) => tempC));
  const reads = between(log.state.readings, run.startedAt, run.endedAt).filter((one) => one.tempC <= top);
  const [first, last] = [reads[0], reads.at(-1)];
  if (!first || !last || last.tempC - first.tempC < RISE_C) return null;
  const [from, to] = [minuteAt(span.course, first.tempC), minuteAt(span.course, last.tempC)];
  const took = (last.at - first.at) / MIN_MS - (run.pausedMs ?? 0) / MIN_MS;
  if (from === null || to === null || to <= from || took <= 0) return null;
  return { ln: lnOf((to - from) / took), sd: (READ_C * Math.SQRT2) / (last.tempC - first.tempC) };
};

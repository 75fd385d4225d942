import { type ScaleLinear, scaleLinear, scaleTime } from 'd3-scale';
import { lnOf } from '../../core/numeric/elementary';

interface Piece {
  startMin: number;
  durationMin: number;
}

/** A stage up to this long is drawn at its full length; what is longer grows by its logarithm. */
const PLAIN_MIN = 60;
const PER_E_FOLD = 34;
/** Makes up to this long need no folding. */
export const FOLD_FROM_MIN = 10 * 60;

/** Drawn length of a stage when waits are folded, in minutes of an unfolded one. */
export const foldedLength = (minutes: number): number =>
  minutes <= PLAIN_MIN ? minutes : PLAIN_MIN + PER_E_FOLD * lnOf(minutes / PLAIN_MIN);

/**
 * Minutes of a make to pixels: even, or with long waits folded so that the hours at the pot keep their room. Straight
 * within each stage, so that a point within it lies where its share of the stage lies.
 */
export function trackScale(
  stages: readonly Piece[],
  total: number,
  range: readonly [number, number],
  folded: boolean,
): ScaleLinear<number, number> {
  if (!folded || stages.length === 0) return scaleLinear([0, total], [...range]);
  const stops = [0];
  const lengths = [0];
  let at = 0;
  let drawn = 0;
  const upTo = (minute: number) => {
    if (minute <= at + 1e-9) return;
    drawn += foldedLength(minute - at);
    at = minute;
    stops.push(at);
    lengths.push(drawn);
  };
  for (const stage of stages) {
    upTo(stage.startMin);
    upTo(stage.startMin + stage.durationMin);
  }
  upTo(total);
  const [from, to] = range;
  return scaleLinear(
    stops,
    lengths.map((length) => from + ((to - from) * length) / drawn),
  );
}

/** Where clock times stand on the axis: round ones on an even scale, beginnings of stages on a folded one. */
export function trackTicks(
  x: ScaleLinear<number, number>,
  stages: readonly Piece[],
  startMs: number,
  total: number,
  widthPx: number,
  folded: boolean,
): number[] {
  if (!folded) {
    return (
      scaleTime([startMs, startMs + total * 60_000], [0, 1])
        .ticks(Math.max(2, Math.floor(widthPx / 110)))
        // A clock without seconds would write what lies between two minutes twice.
        .filter((tick) => Number(tick) % 60_000 === 0)
        .map((tick) => (Number(tick) - startMs) / 60_000)
    );
  }
  const ticks: number[] = [];
  for (const { startMin } of [...stages, { startMin: total }]) {
    const last = ticks.at(-1);
    if (last === undefined || x(startMin) - x(last) > 96) ticks.push(startMin);
  }
  return ticks;
}

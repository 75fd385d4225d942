import { zoneClock } from '../../schedule/clock';
import type { Column } from '../../schedule/columns';
import { shapeOf } from '../../schedule/demand';
import { type Ready, readyWeek } from '../../schedule/week';
import { ownBreaks } from '../../schedule/whyNot';
import type { AskedWeek } from '../../store/ports';

/** The week made ready for looking at single makes in it, whatever is pinned. */
export function lookedAt({ zone, ...week }: AskedWeek): Ready {
  return readyWeek({
    ...week,
    wanted: week.wanted.map((wanted) => ({ ...wanted, pinned: undefined })),
    clock: zoneClock(zone),
  });
}

const place = (ready: Ready, id: string) => ready.week.wanted.findIndex((wanted) => wanted.id === id);

/** What a make would break of its own hours at a start, wall minutes; empty where nothing. */
export function breaksAt(ready: Ready, id: string, start: number): string {
  const i = place(ready, id);
  const demand = ready.demands[i];
  if (!demand) return '';
  const shape = shapeOf(demand, []);
  const startMin = ready.at(start);
  return ownBreaks(ready, i, { startMin, endMin: startMin + shape.totalMin, shape, earlyMin: 0 });
}

/** A start is looked for no further than this from where it was put, min. */
const REACH_MIN = 12 * 60;

/**
 * The nearest good start to where a make was put, wall minutes: in one direction where it was nudged, `towards` 1 later and -1 earlier.
 * Where none is near, the very start it was put to.
 */
export function snapped(ready: Ready, id: string, start: number, towards: -1 | 0 | 1 = 0): number {
  const i = place(ready, id);
  const wish = ready.task.wishes[i];
  if (!wish) return start;
  const wanted = ready.at(start);
  let best: Column | undefined;
  for (let k = 0; k < wish.columns.likely; k++) {
    const column = wish.columns.at(k);
    if (!column || (column.startMin - wanted) * towards < 0) continue;
    const off = Math.abs(column.startMin - wanted);
    if (off <= REACH_MIN && (!best || off < Math.abs(best.startMin - wanted))) best = column;
  }
  if (!best) return start;
  const { clock, from } = ready.week;
  return Math.round(clock.wall(clock.real(from) + best.startMin));
}

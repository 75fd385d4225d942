import type { Column } from '../../plan/placing/columns';
import { shapeOf } from '../../plan/placing/demand';
import { ownBreaks } from '../../schedule/ownHours';
import type { Ready } from '../../schedule/week';
import { clashesText } from '../../schedule/whyNot';
import type { Laid } from '../../schedule/wish';
import { readyAsked, saysOfAsked } from '../../store/askedWeek';
import type { AskedWeek } from '../../store/ports';

/** A week for looking at single makes in it: each free to move, beside what runs and what is pinned. */
export interface LookedAt {
  asked: AskedWeek;
  ready: Ready;
  stays: Laid;
}

export function lookedAt(asked: AskedWeek): LookedAt {
  const free = { ...asked, wanted: asked.wanted.map((wanted) => ({ ...wanted, pinned: undefined })) };
  return { asked, ready: readyAsked(free), stays: readyAsked(asked).task.wishes.map(({ fixed }) => fixed) };
}

const place = ({ ready }: LookedAt, id: string) => ready.week.wanted.findIndex((wanted) => wanted.id === id);

/** What a make would break at a start, wall minutes: of its own hours, and beside what stays; empty where nothing. */
export function breaksAt(looked: LookedAt, id: string, start: number): string {
  const { ready, stays, asked } = looked;
  const i = place(looked, id);
  const demand = ready.demands[i];
  if (!demand) return '';
  const shape = shapeOf(demand, []);
  const startMin = ready.at(start);
  const column = { startMin, endMin: startMin + shape.totalMin, shape, earlyMin: 0 };
  const others = stays.map((one, k) => (k === i ? null : one));
  return [ownBreaks(ready, i, column), clashesText(ready, others, i, column, saysOfAsked(asked))]
    .filter(Boolean)
    .join('; ');
}

/** A start is looked for no further than this from where it was put, min. */
const REACH_MIN = 12 * 60;

/**
 * The nearest good start to where a make was put, wall minutes: in one direction where it was nudged, `towards` 1 later and -1 earlier.
 * Where none is near, the very start it was put to.
 */
export function snapped(looked: LookedAt, id: string, start: number, towards: -1 | 0 | 1 = 0): number {
  const { ready, stays, asked } = looked;
  const i = place(looked, id);
  const wish = ready.task.wishes[i];
  if (!wish) return start;
  const wanted = ready.at(start);
  const others = stays.map((one, k) => (k === i ? null : one));
  const says = saysOfAsked(asked);
  const near: Column[] = [];
  for (let k = 0; k < wish.columns.likely; k++) {
    const column = wish.columns.at(k);
    if (!column || (column.startMin - wanted) * towards < 0) continue;
    if (Math.abs(column.startMin - wanted) <= REACH_MIN) near.push(column);
  }
  near.sort((a, b) => Math.abs(a.startMin - wanted) - Math.abs(b.startMin - wanted));
  const best = near.find((column) => clashesText(ready, others, i, column, says) === '');
  if (!best) return start;
  const { clock, from } = ready.week;
  return Math.round(clock.wall(clock.real(from) + best.startMin));
}

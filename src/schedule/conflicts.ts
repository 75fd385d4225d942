import type { Stretch } from '../plan/placing/demand';
import { type Placed, stretchesOf } from './room';
import type { Task, Wish } from './wish';

/** Things that more makes want at a moment than there are; or milk that more makes want than there is. */
export type Conflict =
  | { thing: number; at: number; wishes: readonly number[] }
  | { milk: number; wishes: readonly number[] };

const NEAR = 1e-6;

interface Use {
  from: number;
  to: number;
  wish: number;
}

/** So many makes that cannot all have a thing: those that are fixed first, since they will not give way; none where only such are. */
function among(busy: readonly Use[], capacity: number, fixed: (wish: number) => boolean): number[] {
  const free = busy.filter(({ wish }) => !fixed(wish));
  if (free.length === 0) return [];
  const held = busy.filter(({ wish }) => fixed(wish)).slice(0, capacity);
  return [...held, ...free.slice(-(capacity + 1 - held.length))].map(({ wish }) => wish);
}

/** Moments at which a thing is wanted by more makes than there are of it. */
function overused(
  uses: Use[],
  capacity: number,
  thing: number,
  fixed: (wish: number) => boolean,
  into: Conflict[],
  most: number,
): number {
  uses.sort((a, b) => a.from - b.from);
  let count = 0;
  let busy: Use[] = [];
  for (const use of uses) {
    busy = busy.filter((one) => one.to > use.from + NEAR);
    busy.push(use);
    if (busy.length <= capacity) continue;
    const wishes = among(busy, capacity, fixed);
    if (wishes.length === 0) continue;
    count += 1;
    if (into.length >= most) continue;
    // In the middle of what they share, so that whoever gives way goes well out of it.
    const until = Math.min(...busy.map((one) => one.to));
    into.push({
      thing,
      at: (use.from + until) / 2,
      wishes: busy.slice(-capacity - 1).map(({ wish }) => wish),
    });
  }
  return count;
}

/** Conflicts of makes as they are placed, at most so many of them, and how many there are. */
export function conflictsOf(
  { wishes, lots }: Pick<Task, 'wishes' | 'lots'>,
  capacity: readonly number[],
  laid: readonly (Placed | null)[],
  most: number,
): { found: Conflict[]; count: number } {
  const found: Conflict[] = [];
  let count = 0;
  capacity.forEach((many, thing) => {
    const uses: Use[] = [];
    laid.forEach((placed, wish) => {
      if (!placed) return;
      const { startMin } = placed.column;
      for (const [from, to] of stretchesOf(placed, thing) as readonly Stretch[])
        uses.push({ from: startMin + from, to: startMin + to, wish });
    });
    count += overused(uses, many, thing, (i) => (wishes[i] as Wish).fixed !== null, found, most);
  });
  lots.forEach((litres, milk) => {
    const who = laid.flatMap((placed, i) => (placed && (wishes[i] as Wish).lot === milk ? [i] : []));
    if (who.every((i) => (wishes[i] as Wish).fixed)) return;
    const wanted = who.reduce((sum, i) => sum + (wishes[i] as Wish).litres, 0);
    if (wanted <= litres + NEAR) return;
    count += 1;
    // Milk goes before everything else: whoever is left out for it changes the whole week.
    found.unshift({ milk, wishes: who });
  });
  return { found, count };
}

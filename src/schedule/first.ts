import type { Random } from '../core/stats/random';
import { capacities, type Placed, Room } from './room';
import { costLaid, costLeft, costOf, type Laid, milkEnough, type Task, type Wish } from './wish';

/** Ways of one make that are looked at for a place among the others. */
const LOOKS = 4000;

/** The best way a wish still has beside what stands; null where there is none within so many looks. */
function bestBeside(wish: Wish, room: Room, below: number): Placed | null {
  for (let i = 0; i < LOOKS; i++) {
    const column = wish.columns.at(i);
    if (!column) return null;
    const placed = room.fit(column, wish.pots);
    if (placed) return placed;
    if (costOf({ column, pot: null }) >= below) return null;
  }
  return null;
}

/** Puts wishes in one after another, each where it is best beside what stands. */
function putIn(task: Task, laid: (Placed | null)[], room: Room, order: readonly number[]): void {
  for (const i of order) {
    const wish = task.wishes[i] as Wish;
    if (!milkEnough(task, laid, wish)) continue;
    const placed = bestBeside(wish, room, costLeft(wish));
    if (!placed) continue;
    laid[i] = placed;
    room.change(placed, 1);
  }
}

/** A room with what is fixed in it, and where that stands. */
function begun(task: Task): { room: Room; laid: (Placed | null)[] } {
  const room = new Room(capacities(task.has), task.horizonMin);
  const laid = task.wishes.map(({ fixed }) => fixed);
  for (const placed of laid) if (placed) room.change(placed, 1);
  return { room, laid };
}

const shuffled = (all: readonly number[], random: Random): number[] => {
  const left = [...all];
  for (let i = left.length - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1));
    [left[i], left[j]] = [left[j] as number, left[i] as number];
  }
  return left;
};

/** Of so many wishes are taken out at once, and put in again. */
const OUT = [1, 2, 3, 4] as const;

/**
 * A good week at once: heaviest and tightest first, then taken out a few at a time and put in again while `more` says so; what is better
 * stays. `from` is a week to go on from.
 */
export function firstLaid(task: Task, random: Random, more: (rounds: number) => boolean, from?: Laid): Laid {
  const { room, laid } = begun(task);
  const free = task.wishes.flatMap(({ fixed }, i) => (fixed ? [] : [i]));
  const tight = new Map(free.map((i) => [i, (task.wishes[i] as Wish).columns.likely]));
  const order = [...free].sort(
    (a, b) =>
      (task.wishes[b] as Wish).weight - (task.wishes[a] as Wish).weight ||
      (tight.get(a) ?? 0) - (tight.get(b) ?? 0),
  );
  if (from)
    for (const i of free) {
      const was = from[i];
      const placed = was && room.fit(was.column, (task.wishes[i] as Wish).pots);
      if (!placed || !milkEnough(task, laid, task.wishes[i])) continue;
      laid[i] = placed;
      room.change(placed, 1);
    }
  putIn(
    task,
    laid,
    room,
    order.filter((i) => laid[i] === null),
  );
  let best = costLaid(task, laid);
  for (let round = 0; free.length > 1 && more(round); round++) {
    const many = OUT[round % OUT.length] as number;
    const out = shuffled(free, random).slice(0, Math.min(many, free.length));
    const left = free.filter((i) => laid[i] === null && !out.includes(i));
    const before = out.map((i) => laid[i] ?? null);
    for (const i of out) {
      const placed = laid[i];
      if (placed) room.change(placed, -1);
      laid[i] = null;
    }
    putIn(task, laid, room, shuffled([...out, ...left], random));
    const cost = costLaid(task, laid);
    if (cost <= best) {
      best = cost;
      continue;
    }
    for (const i of [...out, ...left]) {
      const placed = laid[i];
      if (placed) room.change(placed, -1);
      laid[i] = null;
    }
    out.forEach((i, k) => {
      const placed = before[k];
      if (!placed) return;
      laid[i] = placed;
      room.change(placed, 1);
    });
  }
  return laid;
}

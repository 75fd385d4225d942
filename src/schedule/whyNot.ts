import type { Column, Window } from '../plan/placing/columns';
import { type Demand, SHARED, shapeOf } from '../plan/placing/demand';
import { LOOKS, ownBreaks, type Says, wallAt, withoutOwn, wordsOf } from './ownHours';
import { capacities, FIRST_POT, FIRST_SHARED, HANDS, type Placed, Room, stretchesOf } from './room';
import type { Ready } from './week';
import type { Laid, Wish } from './wish';

/** Why a make has no place in the week, and where it comes nearest to one. */
export interface Why {
  because: string;
  nearest: { start: string; breaks: string };
}

/** A make that has what another wants, and the thing. */
interface Blocker {
  wish: number;
  thing: number;
}

const thingOf = (ready: Ready, thing: number, says: Says): string => {
  if (thing === HANDS) return 'hands';
  if (thing < FIRST_POT) return `the ${SHARED[thing - FIRST_SHARED]}`;
  const pot = ready.week.pots?.[thing - FIRST_POT];
  return pot ? `the pot ${says.name(pot.id)}` : 'the pot';
};

const blockersText = (ready: Ready, all: readonly Blocker[], says: Says): string =>
  wordsOf(
    all.map(
      ({ wish, thing }) => `${says.name(ready.task.wishes[wish]?.id ?? '')} (${thingOf(ready, thing, says)})`,
    ),
  );

/** Says of a way of making something which placed makes stand in its way: those that leave nothing of a thing at a moment it is wanted. */
function inTheWayOf(ready: Ready, laid: Laid): (placed: Placed) => Blocker[] {
  const things = capacities(ready.task.has).map((most, thing) => ({
    most,
    uses: laid.flatMap((other, wish) => {
      if (!other) return [];
      const one = { wish, thing };
      const { startMin } = other.column;
      return stretchesOf(other, thing).map(([from, to]) => ({
        one,
        from: startMin + from,
        to: startMin + to,
      }));
    }),
  }));
  return (placed) => {
    const found = new Set<Blocker>();
    things.forEach(({ most, uses }, thing) => {
      for (const [from, to] of stretchesOf(placed, thing)) {
        const [a, b] = [placed.column.startMin + from, placed.column.startMin + to];
        const meet = uses.filter((use) => use.from < b && use.to > a);
        if (meet.length < most) continue;
        for (const { from: begins } of meet) {
          const at = Math.max(a, begins);
          const then = meet.filter((use) => use.from <= at && use.to > at);
          if (then.length >= most) for (const { one } of then) found.add(one);
        }
      }
    });
    return [...found];
  };
}

/** What a make would share with makes that stay where they are, though there is not enough of it; empty where nothing. */
export function clashesText(ready: Ready, stays: Laid, i: number, column: Column, says: Says): string {
  const wish = ready.task.wishes[i];
  if (!wish) return '';
  const pots = wish.demand.pot ? wish.pots : [null];
  const inTheWay = inTheWayOf(ready, stays);
  const [least] = pots
    .map((pot) => inTheWay({ column, pot }))
    .sort((one, other) => one.length - other.length);
  return least && least.length > 0 ? `it wants the same as ${blockersText(ready, least, says)}` : '';
}

/** The fewest makes that are in the way of every way there is; taken greedily. */
function fewest(ways: readonly (readonly Blocker[])[]): Blocker[] {
  const left = [...ways];
  const chosen: Blocker[] = [];
  while (left.length > 0 && chosen.length < 6) {
    const counts = new Map<string, { one: Blocker; many: number }>();
    for (const way of left)
      for (const one of way) {
        const key = `${one.wish} ${one.thing}`;
        counts.set(key, { one, many: (counts.get(key)?.many ?? 0) + 1 });
      }
    const most = [...counts.values()].sort((a, b) => b.many - a.many)[0];
    if (!most) break;
    chosen.push(most.one);
    const { wish, thing } = most.one;
    for (let k = left.length - 1; k >= 0; k--)
      if ((left[k] as (typeof ways)[number]).some((one) => one.wish === wish && one.thing === thing))
        left.splice(k, 1);
  }
  return chosen;
}

/** A thing that a make uses and of which there is none; null where there is of everything. */
function nothingOf({ task }: Ready, { stages }: Demand): string | null {
  const most = capacities(task.has);
  return (
    SHARED.find((one, i) => most[FIRST_SHARED + i] === 0 && stages.some(({ uses }) => uses.includes(one))) ??
    null
  );
}

/** Why a wish is left, and the nearest start with what it breaks. */
export function becauseOf(ready: Ready, laid: Laid, i: number, says: Says): Why {
  const { task, week } = ready;
  const wish = task.wishes[i] as Wish;
  const demand = ready.demands[i] as Demand;
  if (demand.pot && week.pots && wish.pots.length === 0)
    return {
      because: `no pot holds its ${says.litres(demand.litres)}`,
      nearest: {
        start: wallAt(ready, (ready.windows[i] as Window).fromMin),
        breaks: 'it needs a larger pot',
      },
    };
  const lacks = nothingOf(ready, demand);
  if (lacks !== null)
    return {
      because: `there is no ${lacks} here`,
      nearest: {
        start: wallAt(ready, (ready.windows[i] as Window).fromMin),
        breaks: `it needs a ${lacks}`,
      },
    };
  if (wish.columns.at(0) === undefined) {
    const freed = withoutOwn(ready, i, says);
    if (!freed) {
      const column = { startMin: Math.max(0, (ready.windows[i] as Window).fromMin), earlyMin: 0 };
      const shape = shapeOf(demand, []);
      const whole = { ...column, shape, endMin: column.startMin + shape.totalMin };
      return {
        because: 'its own hours do not fit between when it may begin and when it has to be ready',
        nearest: { start: wallAt(ready, whole.startMin), breaks: ownBreaks(ready, i, whole) },
      };
    }
    return {
      because: `its own hours: ${wordsOf(freed.rules.map(({ says }) => says))}`,
      nearest: { start: wallAt(ready, freed.column.startMin), breaks: ownBreaks(ready, i, freed.column) },
    };
  }
  const lot = wish.lot === null ? undefined : week.milk[wish.lot];
  const taken = task.wishes.reduce(
    (sum, other, k) => sum + (laid[k] && other.lot === wish.lot && wish.lot !== null ? other.litres : 0),
    0,
  );
  const room = new Room(capacities(task.has), task.horizonMin);
  for (const placed of laid) if (placed) room.change(placed, 1);
  const inTheWay = inTheWayOf(ready, laid);
  const ways: Blocker[][] = [];
  let nearest: { column: Column; who: Blocker[] } | null = null;
  for (let k = 0; k < LOOKS; k++) {
    const column = wish.columns.at(k);
    if (!column) break;
    const free = room.fit(column, wish.pots);
    const pots = wish.demand.pot ? wish.pots : [null];
    const options = free ? [] : pots.map((pot) => inTheWay({ column, pot }));
    const who = options.sort((a, b) => a.length - b.length)[0] ?? [];
    if (who.length > 0) ways.push(who);
    if (!nearest || who.length < nearest.who.length) nearest = { column, who };
  }
  const start = wallAt(ready, nearest?.column.startMin ?? 0);
  if (lot && taken + wish.litres > lot.litres + 1e-6)
    return {
      because: `the milk ${says.name(lot.id)}: ${says.litres(taken + wish.litres - lot.litres)} too little of it beside the others`,
      nearest: {
        start,
        breaks: `more of ${says.name(lot.id)} than there is`,
      },
    };
  return {
    because: `in the way of every start: ${blockersText(ready, fewest(ways), says)}`,
    nearest: { start, breaks: `it wants the same as ${blockersText(ready, nearest?.who ?? [], says)}` },
  };
}

import { wallTimeOf } from '../core/units/wallTime';
import { type Column, Columns, type Window } from './columns';
import { type Demand, type Stretch, shapeOf } from './demand';
import { capacities, FIRST_POT, HANDS, type Placed, Room, stretchesOf } from './room';
import type { Ready } from './week';
import type { Laid, Wish } from './wish';

/** Why a make has no place in the week, and where it comes nearest to one. */
export interface Why {
  because: string;
  nearest: { start: string; breaks: string };
}

const LOOKS = 3000;
const NEVER = Number.POSITIVE_INFINITY;
const wordsOf = (all: readonly string[]): string =>
  all.length > 1 ? `${all.slice(0, -1).join(', ')} and ${all.at(-1)}` : (all[0] ?? '');

/** A rule of a make's own that may be let go, to see whether it is what stands in the way. */
interface Own {
  says: string;
  window?(window: Window): Window;
  awake?: true;
}

function ownRules({ week }: Ready, i: number): Own[] {
  const wanted = week.wanted[i];
  const lot = week.milk.find(({ id }) => id === wanted?.milk);
  return [
    ...(week.asleep || (week.away?.length ?? 0) > 0
      ? [{ says: 'somebody is wanted while you sleep or are away', awake: true as const }]
      : []),
    ...(wanted?.readyBy != null
      ? [{ says: 'it has to be ready too soon', window: (w: Window) => ({ ...w, readyByMin: NEVER }) }]
      : []),
    ...(wanted?.notBefore != null
      ? [{ says: 'it may not begin earlier', window: (w: Window) => ({ ...w, fromMin: 0 }) }]
      : []),
    ...(lot?.from != null
      ? [{ says: `its milk ${lot.id} comes too late`, window: (w: Window) => ({ ...w, fromMin: 0 }) }]
      : []),
    ...(lot?.useBy != null
      ? [
          {
            says: `its milk ${lot.id} does not keep so long`,
            window: (w: Window) => ({ ...w, warmByMin: NEVER }),
          },
        ]
      : []),
  ];
}

/** The fewest of its own rules without which it has a way, and the best way then; null where none helps. */
function withoutOwn(ready: Ready, i: number): { rules: Own[]; column: Column } | null {
  const demand = ready.demands[i] as Demand;
  const window = ready.windows[i] as Window;
  const rules = ownRules(ready, i);
  const sets = [
    ...rules.map((one) => [one]),
    ...rules.flatMap((a, k) => rules.slice(k + 1).map((b) => [a, b])),
  ];
  for (const set of sets) {
    const freed = set.reduce((w, rule) => rule.window?.(w) ?? w, window);
    const awake = set.some((rule) => rule.awake);
    const columns = new Columns(demand, freed, awake ? ready.awake : ready.blocked);
    const column = awake ? leastAsleep(ready, columns) : (nearestEnd(columns, window) ?? undefined);
    if (column) return { rules: set, column };
  }
  return null;
}

/** Of the ways of a make, the one with the fewest minutes of hands while nobody is there. */
function leastAsleep({ spells }: Ready, columns: Columns): Column | undefined {
  let best: Column | undefined;
  let least = NEVER;
  for (let k = 0; k < LOOKS; k++) {
    const column = columns.at(k);
    if (!column || column.shape.awayMin > 0) break;
    const minutes = overlap(column.startMin, column.shape.hands, spells);
    if (minutes < least) [best, least] = [column, minutes];
  }
  return best ?? columns.at(0);
}

/** The way that is ready soonest. */
function nearestEnd(columns: Columns, window: Window): Column | undefined {
  let best: Column | undefined;
  for (let k = 0; k < LOOKS; k++) {
    const column = columns.at(k);
    if (!column || (best && column.shape.awayMin > best.shape.awayMin)) break;
    if (!best || late(column, window) < late(best, window)) best = column;
  }
  return best;
}
/** Minutes by which a way misses its own hours. */
const late = ({ startMin, endMin, shape }: Column, { fromMin, readyByMin, warmByMin }: Window): number =>
  Math.max(0, endMin - readyByMin) +
  Math.max(0, startMin + shape.warmsMin - warmByMin) +
  Math.max(0, fromMin - startMin);

const overlap = (at: number, stretches: readonly Stretch[], spells: readonly Stretch[]): number =>
  stretches.reduce(
    (sum, [from, to]) =>
      sum +
      spells.reduce((inner, [a, b]) => inner + Math.max(0, Math.min(b, at + to) - Math.max(a, at + from)), 0),
    0,
  );

const hoursOf = (minutes: number): string => {
  const whole = Math.round(minutes);
  return whole < 60 ? `${whole} min` : `${Math.floor(whole / 60)} h${whole % 60 ? ` ${whole % 60} min` : ''}`;
};

/** A real minute of the week on the wall. */
const wallAt = ({ week }: Ready, minute: number): string =>
  wallTimeOf(week.clock.wall(week.clock.real(week.from) + minute));

/** What a way breaks of its own hours, in words. */
export function ownBreaks(ready: Ready, i: number, column: Column): string {
  const window = ready.windows[i] as Window;
  const { shape, startMin, endMin } = column;
  const demand = ready.demands[i] as Demand;
  const asleep = ready.demands[i]
    ? demand.stages.flatMap((stage, k) => {
        const at = startMin + (shape.stages[k]?.startMin ?? 0);
        const minutes = overlap(at, stage.hands, ready.spells);
        return minutes > 0
          ? [`“${stage.title}” wants hands at ${wallAt(ready, at).slice(11)}, when nobody is there`]
          : [];
      })
    : [];
  return wordsOf([
    ...asleep.slice(0, 2),
    ...(asleep.length > 2 ? [`${asleep.length - 2} more such`] : []),
    ...(endMin > window.readyByMin ? [`it is ready ${hoursOf(endMin - window.readyByMin)} too late`] : []),
    ...(startMin < window.fromMin ? [`it begins ${hoursOf(window.fromMin - startMin)} too early`] : []),
    ...(startMin + shape.warmsMin > window.warmByMin
      ? [`its milk is ${hoursOf(startMin + shape.warmsMin - window.warmByMin)} past its day`]
      : []),
  ]);
}

const named = (ready: Ready, thing: number): string =>
  thing === HANDS
    ? 'hands'
    : thing === 1
      ? 'a ring'
      : thing === 2
        ? 'the press'
        : `the pot ${ready.week.pots?.[thing - FIRST_POT]?.id ?? ''}`.trim();

/** Which placed makes stand in the way of a way of making something, and with what. */
function inTheWay(ready: Ready, laid: Laid, placed: Placed): { wish: number; thing: number }[] {
  const capacity = capacities(ready.task.has);
  const found: { wish: number; thing: number }[] = [];
  capacity.forEach((_, thing) => {
    for (const [from, to] of stretchesOf(placed, thing)) {
      const [a, b] = [placed.column.startMin + from, placed.column.startMin + to];
      laid.forEach((other, wish) => {
        if (!other || found.some((one) => one.wish === wish && one.thing === thing)) return;
        const meets = stretchesOf(other, thing).some(
          ([c, d]) => other.column.startMin + c < b && other.column.startMin + d > a,
        );
        if (meets) found.push({ wish, thing });
      });
    }
  });
  return found;
}

/** The fewest makes that are in the way of every way there is; taken greedily. */
function fewest(
  ways: readonly (readonly { wish: number; thing: number }[])[],
): { wish: number; thing: number }[] {
  const left = [...ways];
  const chosen: { wish: number; thing: number }[] = [];
  while (left.length > 0 && chosen.length < 6) {
    const counts = new Map<string, { one: { wish: number; thing: number }; many: number }>();
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

/** Why a wish is left, and the nearest start with what it breaks. */
export function becauseOf(ready: Ready, laid: Laid, i: number): Why {
  const { task, week } = ready;
  const wish = task.wishes[i] as Wish;
  const demand = ready.demands[i] as Demand;
  if (demand.pot && week.pots && wish.pots.length === 0)
    return {
      because: `no pot holds its ${demand.litres} L`,
      nearest: {
        start: wallAt(ready, (ready.windows[i] as Window).fromMin),
        breaks: 'it needs a larger pot',
      },
    };
  if (wish.columns.at(0) === undefined) {
    const freed = withoutOwn(ready, i);
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
  const ways: { wish: number; thing: number }[][] = [];
  let nearest: { column: Column; who: { wish: number; thing: number }[] } | null = null;
  for (let k = 0; k < LOOKS; k++) {
    const column = wish.columns.at(k);
    if (!column) break;
    const free = room.fit(column, wish.pots);
    const pots = wish.demand.pot ? wish.pots : [null];
    const options = free ? [] : pots.map((pot) => inTheWay(ready, laid, { column, pot }));
    const who = options.sort((a, b) => a.length - b.length)[0] ?? [];
    if (who.length > 0) ways.push(who);
    if (!nearest || who.length < nearest.who.length) nearest = { column, who };
  }
  const start = wallAt(ready, nearest?.column.startMin ?? 0);
  if (lot && taken + wish.litres > lot.litres + 1e-6)
    return {
      because: `the milk ${lot.id}: ${Math.round(10 * (taken + wish.litres - lot.litres)) / 10} L too little of it beside the others`,
      nearest: {
        start,
        breaks: `more of ${lot.id} than there is`,
      },
    };
  const say = (all: readonly { wish: number; thing: number }[]) =>
    wordsOf(
      all.map(({ wish: other, thing }) => `${task.wishes[other]?.id ?? 'another'} (${named(ready, thing)})`),
    );
  return {
    because: `in the way of every start: ${say(fewest(ways))}`,
    nearest: { start, breaks: `the same as ${say(nearest?.who ?? [])}` },
  };
}

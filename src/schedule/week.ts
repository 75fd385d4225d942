import { seeded } from '../core/stats/random';
import { blockedBetween } from '../core/units/blocked';
import type { Method } from '../makes/method';
import { Blocked, Columns, type Window } from '../plan/placing/columns';
import { type Demand, demandOf, type Stretch, shapeOf } from '../plan/placing/demand';
import type { Plan } from '../plan/schema';
import type { WeekClock } from './clock';
import { firstLaid } from './first';
import { provedLaid } from './prove';
import type { Has, Placed } from './room';
import type { Solver } from './solver';
import type { Laid, Task, Wish } from './wish';

/** A make somebody wants in a week: by its plan, its milk, and when. Wall minutes. */
export interface Wanted {
  id: string;
  plan: Plan;
  /** Its make, where it is not one of the product's. */
  method?: Method | undefined;
  /** The lot of milk it is of; null for one that takes none of them. */
  milk: string | null;
  notBefore: number | null;
  readyBy: number | null;
  weight: number;
  /** Where it has to stand: steps of the grid by stage, and its pot. */
  pinned?: { start: number; steps?: readonly number[]; pot: string | null } | undefined;
}

/** A make that runs: what it still wants, from a real minute on, and the pot it is in. */
export interface Running {
  id: string;
  demand: Demand;
  fromMin: number;
  pot: string | null;
}

/** Lots of milk: when they come and until when they keep, wall minutes. */
export interface Lot {
  id: string;
  litres: number;
  from: number | null;
  useBy: number | null;
}

/** A week as it is to be laid. What is not said of pots, rings or presses does not count. */
export interface Week {
  /** Its first moment, wall minutes. */
  from: number;
  days: number;
  clock: WeekClock;
  hands: number;
  asleep?: { from: string; to: string } | undefined;
  away?: readonly { from: string; to: string }[] | undefined;
  pots?: readonly { id: string; litres: number }[] | undefined;
  rings?: number | undefined;
  presses?: number | undefined;
  milk: readonly Lot[];
  wanted: readonly Wanted[];
  running?: readonly Running[] | undefined;
}

const DAY_MIN = 1440;
/** Hours of a make that can stand nowhere. */
const NEVER: Window = { fromMin: 0, toMin: 0, warmByMin: 0, readyByMin: 0 };
const PLENTY = 250;

/** The week as a task: minutes count from its first moment, really gone by. */
export interface Ready {
  week: Week;
  task: Task;
  demands: readonly Demand[];
  windows: readonly Window[];
  blocked: Blocked;
  /** The same, were somebody always there. */
  awake: Blocked;
  spells: readonly Stretch[];
  /** Real minutes from the week's start, of a wall minute. */
  at(wallMin: number): number;
}

/** The smallest pots first that hold a make with room above it; where none does, those that hold its milk. */
function potsFor(demand: Demand, pots: readonly { litres: number }[]): number[] {
  const holding = (litres: number) =>
    pots
      .map(({ litres: holds }, i) => ({ holds, i }))
      .filter(({ holds }) => holds >= litres - 1e-9)
      .sort((a, b) => a.holds - b.holds || a.i - b.i)
      .map(({ i }) => i);
  const roomy = holding(demand.potLitres);
  return roomy.length > 0 ? roomy : holding(demand.litres);
}

/** When a make may stand by its own hours. */
export function windowOf(week: Week, at: (wallMin: number) => number, wanted: Wanted): Window {
  const lot = week.milk.find(({ id }) => id === wanted.milk);
  const from = Math.max(week.from, wanted.notBefore ?? week.from, lot?.from ?? week.from);
  return {
    fromMin: at(from),
    toMin: at(week.from + week.days * DAY_MIN),
    warmByMin: lot?.useBy == null ? Number.POSITIVE_INFINITY : at(lot.useBy),
    readyByMin: wanted.readyBy === null ? Number.POSITIVE_INFINITY : at(wanted.readyBy),
  };
}

/** How long a make may be at most, min. */
const longest = ({ stages }: Demand): number =>
  stages.reduce((sum, { likelyMin, moreSteps }) => sum + likelyMin + 5 * moreSteps, 0);

const placedAt = (demand: Demand, startMin: number, steps: readonly number[], pot: number | null): Placed => {
  const shape = shapeOf(demand, steps);
  return { column: { startMin, endMin: startMin + shape.totalMin, shape, earlyMin: 0 }, pot };
};

/** Whether two placed makes want the same pot at once. */
function meetInPot(a: Placed, b: Placed): boolean {
  const [one, other] = [a.column.shape.pot, b.column.shape.pot];
  if (a.pot === null || a.pot !== b.pot || !one || !other) return false;
  const [p, q] = [a.column.startMin, b.column.startMin];
  return p + one[0] < q + other[1] && q + other[0] < p + one[1];
}

/** A week made ready to be laid: what each make wants, when it may stand, what there is. */
export function readyWeek(week: Week): Ready {
  const start = week.clock.real(week.from);
  const at = (wallMin: number) => week.clock.real(wallMin) - start;
  const demands = week.wanted.map((one) => demandOf(one.id, one));
  const running = week.running ?? [];
  const end = Math.max(
    week.days * DAY_MIN + Math.max(0, ...demands.map(longest)),
    ...running.map(({ demand, fromMin }) => fromMin - start + longest(demand)),
  );
  const horizonMin = Math.ceil(end) + DAY_MIN;
  const spells = blockedBetween(week, week.from - DAY_MIN, week.from + horizonMin).map(
    ([from, to]): Stretch => [at(from), at(to)],
  );
  const blocked = new Blocked(spells, horizonMin);
  const pots = week.pots ?? [];
  const has: Has = {
    hands: week.hands,
    rings: week.rings ?? PLENTY,
    presses: week.presses ?? PLENTY,
    pots: week.pots ? pots.map(({ litres }) => litres) : week.wanted.map(() => Number.POSITIVE_INFINITY),
  };
  const windows = week.wanted.map((wanted) => windowOf(week, at, wanted));
  const potPlace = (id: string | null): number | null => {
    const place = pots.findIndex((pot) => pot.id === id);
    return place < 0 ? null : place;
  };
  const runs = running.map(({ demand, fromMin, pot }) =>
    placedAt(demand, fromMin - start, [], potPlace(pot)),
  );
  /** What stays where it is: makes that run, then those that are pinned. */
  const stays = [...runs];
  const wishes = week.wanted.map((wanted, i): Wish => {
    const demand = demands[i] as Demand;
    // Where no pots are said, each make has its own.
    const fits = week.pots ? potsFor(demand, pots) : [i];
    const lot = week.milk.findIndex(({ id }) => id === wanted.milk);
    const holds = demand.pot === null || fits.length > 0;
    const fixed = wanted.pinned ? pinnedAt(wanted.pinned, demand, fits) : null;
    if (fixed) stays.push(fixed);
    return {
      id: wanted.id,
      weight: wanted.weight,
      demand,
      columns: new Columns(demand, holds ? (windows[i] as Window) : NEVER, blocked),
      pots: fits,
      lot: lot < 0 ? null : lot,
      litres: demand.litres,
      fixed,
    };
  });
  /** A pinned make, in the pot it was pinned to, or the first that is free then. */
  function pinnedAt(
    { start, steps = [], pot }: NonNullable<Wanted['pinned']>,
    demand: Demand,
    fits: readonly number[],
  ): Placed {
    const placed = (place: number | null) => placedAt(demand, at(start), steps, place);
    if (!demand.pot) return placed(null);
    const free = fits.find((place) => !stays.some((other) => meetInPot(other, placed(place))));
    return placed(potPlace(pot) ?? free ?? fits[0] ?? null);
  }
  running.forEach(({ id, demand }, i) => {
    wishes.push({
      id,
      weight: 0,
      demand,
      columns: new Columns(demand, NEVER, blocked),
      pots: [],
      lot: null,
      litres: 0,
      fixed: runs[i] as Placed,
    });
  });
  const task = { wishes, has, lots: week.milk.map(({ litres }) => litres), horizonMin };
  return { week, task, demands, windows, blocked, awake: new Blocked([], horizonMin), spells, at };
}

/** Rounds of taking out and putting in again for a first week, and for one that is mended while it is dragged. */
const FIRST_ROUNDS = 40;
/** Rounds more before a proof: the better the week it begins with, the less there is to prove. */
const MORE_ROUNDS = 600;

/** A good week at once; `from` is one to go on from. */
export const goodWeek = ({ task }: Ready, from?: Laid, rounds = FIRST_ROUNDS): Laid =>
  firstLaid(task, seeded(1), (round) => round < rounds, from);

/** The best week, proved while there are seconds left; what could not be proved is the good one. */
export const bestWeek = (
  { task }: Ready,
  good: Laid,
  solver: Solver,
  leftS: () => number,
): { laid: Laid; proved: boolean } =>
  provedLaid(
    task,
    firstLaid(task, seeded(2), (round) => round < MORE_ROUNDS && leftS() > 0, good),
    solver,
    leftS,
  );

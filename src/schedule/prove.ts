import type { Column } from '../plan/placing/columns';
import { GRID_MIN } from '../plan/placing/demand';
import type { Choice } from './cliques';
import { conflictsOf } from './conflicts';
import { capacities, type Placed } from './room';
import { AT_HAND, type Search, searched } from './search';
import type { Row, Solver } from './solver';
import { AWAY, costLaid, costLeft, costOf, type Laid, type Task, type Wish } from './wish';

/** Choices that one search may weigh; with more it is not proved. */
const MOST_CHOICES = 12_000;
const NEAR = 1e-6;
/** Conflicts that are looked at before makes are put together. */
const MOST_CONFLICTS = 200;
/** Weights nearer than this are the same: of two makes that cannot both stand, the app tells which was wished first by as much. */
const ALIKE = 1e-4;

/** The least a wish can cost by itself. */
function leastOf(wish: Wish): number {
  if (wish.fixed) return 0;
  const first = wish.columns.at(0);
  return first ? Math.min(costOf({ column: first, pot: null }), costLeft(wish)) : costLeft(wish);
}

/** Each way of a wish that costs at most so much, in each pot that holds it; as far as there are seconds left. */
function choicesOf(
  wish: Wish,
  place: number,
  most: number,
  mayBeLeft: boolean,
  leftS: () => number,
): Choice[] {
  if (wish.fixed) return [{ wish: place, placed: wish.fixed, cost: 0 }];
  const found: Choice[] = [];
  for (let i = 0; found.length <= MOST_CHOICES && leftS() > 0; i++) {
    const column: Column | undefined = wish.columns.at(i);
    const cost = column ? costOf({ column, pot: null }) : Number.POSITIVE_INFINITY;
    if (!column || cost > most + NEAR) break;
    if (!column.shape.pot) found.push({ wish: place, placed: { column, pot: null }, cost });
    else for (const pot of wish.pots) found.push({ wish: place, placed: { column, pot }, cost });
  }
  if (mayBeLeft) found.push({ wish: place, placed: null, cost: costLeft(wish) });
  return found;
}

/** The weight that has to be left for want of milk, at the least; of this one too, where it is to be kept. */
function leftForMilk({ wishes, lots }: Pick<Task, 'wishes' | 'lots'>): number {
  return lots.reduce((sum, litres, lot) => {
    const of = wishes.filter((wish) => wish.lot === lot && !wish.fixed);
    const fixed = wishes.reduce((all, wish) => all + (wish.lot === lot && wish.fixed ? wish.litres : 0), 0);
    // By weight and then by thirst: a knapsack of a dozen things at most.
    let best = Number.POSITIVE_INFINITY;
    const walk = (i: number, left: number, dropped: number) => {
      if (dropped >= best) return;
      const wish = of[i];
      if (!wish) {
        best = dropped;
        return;
      }
      if (wish.litres <= left + NEAR) walk(i + 1, left - wish.litres, dropped);
      walk(i + 1, left, dropped + costLeft(wish));
    };
    walk(0, litres - fixed, 0);
    return sum + (Number.isFinite(best) ? best : 0);
  }, 0);
}

/** What is proved of a few makes together: the best of them; null where it could not be proved. */
function bestTogether(
  task: Task,
  members: readonly number[],
  given: Laid,
  solver: Solver,
  leftS: () => number,
): (Placed | null)[] | null {
  const wishes = members.map((i) => task.wishes[i] as Wish);
  const part = { wishes, lots: task.lots };
  const capacity = capacities(task.has);
  const own = members.map((i) => given[i] ?? null);
  const least = wishes.map(leastOf);
  const dry = leftForMilk(part);
  const bound = least.reduce((sum, one) => sum + one, 0) + dry;
  const most = costLaid(part, own);
  if (most <= bound + NEAR) return own;
  const gap = most - bound;
  const thirsty = new Set(
    wishes.flatMap((wish, i) =>
      wish.lot !== null &&
      wishes.reduce((sum, one) => sum + (one.lot === wish.lot ? one.litres : 0), 0) >
        (task.lots[wish.lot] as number) + NEAR
        ? [i]
        : [],
    ),
  );
  const choices = wishes.flatMap((wish, i) => {
    const atMost = (least[i] as number) + gap;
    return choicesOf(wish, i, atMost, thirsty.has(i) || costLeft(wish) <= atMost + NEAR, leftS);
  });
  if (leftS() <= 0 || choices.length > MOST_CHOICES || wishes.some(({ columns }) => columns.missed))
    return null;
  const search = { part, choices, capacity, solver, leftS };
  const ownOf = (value: (choice: Choice) => number): number =>
    own.reduce(
      (sum, placed, i) =>
        sum + value({ wish: i, placed, cost: placed ? costOf(placed) : costLeft(wishes[i] as Wish) }),
      0,
    );
  const weightOf = ({ wish, placed }: Choice) => (placed ? 0 : (wishes[wish] as Wish).weight);
  // What has to be left comes first, by itself: beside it minutes would be too small to count, or too large.
  const ownLeft = ownOf(weightOf);
  const left = leastLeft(search, weightOf, ownLeft);
  if (left === null) return null;
  const mayBeLeft = choices.flatMap((choice, k) => (weightOf(choice) > 0 ? [k] : []));
  const noMoreLeft: Row = {
    columns: mayBeLeft,
    of: mayBeLeft.map((k) => weightOf(choices[k] as Choice)),
    is: '<=',
    sum: left + ALIKE / 2,
  };
  const minutes = minutesFor(wishes, choices, least);
  const ownMinutes = ownLeft <= noMoreLeft.sum ? ownOf(minutes) : Number.POSITIVE_INFINITY;
  const found = searched(search, minutes, ownMinutes, mayBeLeft.length > 0 ? [noMoreLeft] : []);
  if (found === null || found === AT_HAND) return found && own;
  const laid: (Placed | null)[] = wishes.map(() => null);
  choices.forEach(({ wish, placed }, i) => {
    if ((found[i] as number) > 0.5) laid[wish] = placed;
  });
  return laid;
}

/** The least weight that has to be left, where so much of it is left at hand; null where that is not proved in time. */
function leastLeft(search: Search, weightOf: (choice: Choice) => number, atHand: number): number | null {
  if (atHand === 0) return 0;
  const found = searched(search, (choice) => weightOf(choice) / ALIKE, atHand / ALIKE, []);
  if (found === null || found === AT_HAND) return found && atHand;
  return search.choices.reduce((sum, one, k) => sum + weightOf(one) * (found[k] as number), 0);
}

/**
 * Minutes in the size a linear program can hold, against the least of each wish: minutes early as they are, a step away more than all of
 * them together. What is left costs nothing here.
 */
function minutesFor(
  wishes: readonly Wish[],
  choices: readonly Choice[],
  least: readonly number[],
): (choice: Choice) => number {
  const away = (cost: number) => Math.floor((cost + 0.5) / AWAY);
  const early = (cost: number) => cost - away(cost) * AWAY;
  const step =
    1 +
    wishes.reduce((sum, _, i) => {
      const all = choices.filter(({ wish, placed }) => wish === i && placed).map(({ cost }) => early(cost));
      return sum + (all.length > 0 ? Math.max(...all) - Math.min(...all) : 0);
    }, 0);
  return ({ wish, placed, cost }) => {
    if (!placed || (cost === 0 && (wishes[wish] as Wish).fixed)) return 0;
    const from = least[wish] as number;
    return ((away(cost) - away(from)) / GRID_MIN) * step + early(cost) - early(from);
  };
}

/**
 * Proves the best week, as long as there are seconds left: makes that are not in each other's way are laid apart, and put together only as
 * far as they are. What could not be proved in that time comes back as it was given.
 */
export function provedLaid(
  task: Task,
  given: Laid,
  solver: Solver,
  leftS: () => number,
): { laid: Laid; proved: boolean } {
  const capacity = capacities(task.has);
  let groups: { members: number[]; laid: (Placed | null)[] }[] = task.wishes.map((wish, i) => {
    const column = wish.columns.at(0);
    const best = wish.fixed ?? (column && { column, pot: column.shape.pot ? (wish.pots[0] ?? null) : null });
    return { members: [i], laid: [best && (wish.fixed || costOf(best) < costLeft(wish)) ? best : null] };
  });
  for (;;) {
    const laid: (Placed | null)[] = task.wishes.map(() => null);
    for (const { members, laid: own } of groups)
      members.forEach((i, k) => {
        laid[i] = own[k] ?? null;
      });
    const { found } = conflictsOf(task, capacity, laid, MOST_CONFLICTS);
    if (found.length === 0) return { laid, proved: true };
    // Whoever is in the way of one another, directly or by others, is laid together.
    for (const conflict of found) {
      const involved = groups.filter(({ members }) => members.some((i) => conflict.wishes.includes(i)));
      const members = involved.flatMap((group) => group.members).sort((a, b) => a - b);
      groups = [...groups.filter((group) => !involved.includes(group)), { members, laid: [] }];
    }
    for (const group of groups) {
      if (group.laid.length > 0) continue;
      const together = bestTogether(task, group.members, given, solver, leftS);
      if (!together) return { laid: given, proved: false };
      group.laid = together;
    }
  }
}

import type { Column } from '../plan/placing/columns';
import { GRID_MIN } from '../plan/placing/demand';
import { brokenCliques, type Choice, Exclusions } from './cliques';
import { conflictsOf } from './conflicts';
import { capacities, type Placed, stretchesOf } from './room';
import type { Row, Solved, Solver } from './solver';
import { AWAY, costLaid, costLeft, costOf, type Laid, type Task, type Wish } from './wish';

/** Choices that one search may weigh; with more it is not proved. */
const MOST_CHOICES = 12_000;
/** Turns of adding what a solution breaks. */
const MOST_TURNS = 60;
const NEAR = 1e-6;
/** Conflicts that are looked at before makes are put together. */
const MOST_CONFLICTS = 200;
/** A moment is over-used from so much on. */
const OVER = 1e-4;
/** Moments that are added at once, for each thing. */
const AT_ONCE = 24;
/** Costs nearer than this are the same, min. */
const SAME = 0.02;

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

/** Where choices, taken so far each, want more of a thing than there is: the fullest moment of each run of them. */
function brokenRows(
  choices: readonly Choice[],
  values: ArrayLike<number>,
  capacity: readonly number[],
  known: Set<string>,
): Row[] {
  const rows: Row[] = [];
  capacity.forEach((most, thing) => {
    const used: { at: number; by: number }[] = [];
    choices.forEach(({ placed }, i) => {
      const value = values[i] as number;
      if (!placed || value < OVER) return;
      for (const [from, to] of stretchesOf(placed, thing))
        used.push(
          { at: placed.column.startMin + from, by: value },
          { at: placed.column.startMin + to - NEAR, by: -value },
        );
    });
    used.sort((a, b) => a.at - b.at || a.by - b.by);
    const over: { at: number; sum: number }[] = [];
    let sum = 0;
    let peak: { at: number; sum: number } | null = null;
    used.forEach(({ at, by }, i) => {
      sum += by;
      if (by > 0 && sum > most + OVER && sum > (peak?.sum ?? 0))
        peak = { at: (at + (used[i + 1]?.at ?? at)) / 2, sum };
      if (by < 0 && peak) {
        over.push(peak);
        peak = null;
      }
    });
    over.sort((a, b) => b.sum - a.sum);
    for (const { at } of over.slice(0, AT_ONCE)) {
      const columns = choices.flatMap(({ placed }, i) =>
        placed &&
        stretchesOf(placed, thing).some(
          ([from, to]) => at >= placed.column.startMin + from && at < placed.column.startMin + to,
        )
          ? [i]
          : [],
      );
      const key = `${thing} ${columns.join()}`;
      if (known.has(key)) continue;
      known.add(key);
      rows.push({ columns, is: '<=', sum: most });
    }
  });
  return rows;
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
  const scaled = scaleFor(wishes, choices, least);
  const scaleOfOwn = own.reduce(
    (sum, placed, i) =>
      sum + scaled({ wish: i, placed, cost: placed ? costOf(placed) : costLeft(wishes[i] as Wish) }),
    0,
  );

  const held = solver(choices.map(scaled));
  try {
    held.add([...oneEach(wishes, choices), ...milkRows(part, choices)]);
    const known = new Set<string>();
    const exclusions = new Exclusions(choices, capacity);
    const gone = new Uint8Array(choices.length);
    // What costs more than is left between the loosest and the given week is in no better one.
    const drop = ({ cost, reduced }: Solved) => {
      const worth = scaleOfOwn - cost;
      const dropped = choices.flatMap((_, i) =>
        !gone[i] && (reduced[i] as number) > worth + OVER ? [i] : [],
      );
      for (const i of dropped) gone[i] = 1;
      held.drop(dropped);
    };
    const solve = (whole: boolean): Solved | null => {
      for (let turn = 0; turn < MOST_TURNS; turn++) {
        if (leftS() <= 0) return null;
        const solved = held.solve(whole, leftS());
        if (!solved) return null;
        // Nothing can be better than what is known already.
        if (solved.cost >= scaleOfOwn - SAME) return solved;
        if (!whole) drop(solved);
        const broken = [
          ...brokenRows(choices, solved.values, capacity, known),
          ...(whole ? [] : brokenCliques(choices, solved.values, exclusions, gone, known)),
        ];
        if (broken.length === 0) return solved;
        held.add(broken);
      }
      return null;
    };
    const loose = solve(false);
    if (!loose) return null;
    if (loose.cost >= scaleOfOwn - SAME) return own;
    const best = solve(true);
    if (!best) return null;
    if (best.cost >= scaleOfOwn - SAME) return own;
    const laid: (Placed | null)[] = wishes.map(() => null);
    choices.forEach(({ wish, placed }, i) => {
      if ((best.values[i] as number) > 0.5) laid[wish] = placed;
    });
    return laid;
  } finally {
    held.end();
  }
}

/** Each wish has one of its choices. */
const oneEach = (wishes: readonly Wish[], choices: readonly Choice[]): Row[] =>
  wishes.map((_, i) => ({
    columns: choices.flatMap(({ wish }, k) => (wish === i ? [k] : [])),
    is: '=',
    sum: 1,
  }));

/** No more milk of a lot than there is. */
const milkRows = ({ wishes, lots }: Pick<Task, 'wishes' | 'lots'>, choices: readonly Choice[]): Row[] =>
  lots.flatMap((litres, lot): Row[] => {
    const columns = choices.flatMap(({ wish, placed }, k) =>
      placed && (wishes[wish] as Wish).lot === lot ? [k] : [],
    );
    const of = columns.map((k) => (wishes[(choices[k] as Choice).wish] as Wish).litres);
    return columns.length > 0 ? [{ columns, of, is: '<=', sum: litres }] : [];
  });

/**
 * Costs in the size a linear program can hold, against the least of each wish: minutes early as they are, a step away more than all of
 * them together, and what is left more than all steps.
 */
function scaleFor(
  wishes: readonly Wish[],
  choices: readonly Choice[],
  least: readonly number[],
): (choice: Choice) => number {
  const away = (cost: number) => Math.floor((cost + 0.5) / AWAY);
  const early = (cost: number) => cost - away(cost) * AWAY;
  const perWish = (of: (choice: Choice) => number) =>
    wishes.reduce((sum, _, i) => {
      const all = choices.filter(({ wish, placed }) => wish === i && placed).map(of);
      return sum + (all.length > 0 ? Math.max(...all) - Math.min(...all) : 0);
    }, 0);
  const step = perWish(({ cost }) => early(cost)) + 1;
  const left = step * (perWish(({ cost }) => away(cost)) / GRID_MIN + 1);
  return ({ wish, placed, cost }) => {
    if (!placed) return (wishes[wish] as Wish).weight * left;
    if (cost === 0 && (wishes[wish] as Wish).fixed) return 0;
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

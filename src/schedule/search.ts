import { brokenCliques, type Choice, Exclusions } from './cliques';
import { stretchesOf } from './room';
import type { Row, Solved, Solver } from './solver';
import type { Task, Wish } from './wish';

const NEAR = 1e-6;
/** Turns of adding what a solution breaks. */
const MOST_TURNS = 60;
/** A moment is over-used from so much on. */
const OVER = 1e-4;
/** Moments that are added at once, for each thing. */
const AT_ONCE = 24;
/** Costs nearer than this are the same, min. */
const SAME = 0.02;
/** Nothing is better than what is at hand. */
export const AT_HAND = 'at-hand';

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

/** What a search has to go by. */
export interface Search {
  part: Pick<Task, 'wishes' | 'lots'>;
  choices: readonly Choice[];
  capacity: readonly number[];
  solver: Solver;
  leftS: () => number;
}

/** Which choices are best at these costs, a value of nought or one each; `AT_HAND` where nothing beats the cost at hand; null where that is not proved in time. */
export function searched(
  { part, choices, capacity, solver, leftS }: Search,
  costOfChoice: (choice: Choice) => number,
  atHand: number,
  more: readonly Row[],
): ArrayLike<number> | typeof AT_HAND | null {
  const held = solver(choices.map(costOfChoice));
  try {
    held.add([...oneEach(part.wishes, choices), ...milkRows(part, choices), ...more]);
    const known = new Set<string>();
    const exclusions = new Exclusions(choices, capacity);
    const gone = new Uint8Array(choices.length);
    // What costs more than is left between the loosest and the given week is in no better one.
    const drop = ({ cost, reduced }: Solved) => {
      const worth = atHand - cost;
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
        if (solved.cost >= atHand - SAME) return solved;
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
    if (loose.cost >= atHand - SAME) return AT_HAND;
    const best = solve(true);
    if (!best) return null;
    return best.cost >= atHand - SAME ? AT_HAND : best.values;
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

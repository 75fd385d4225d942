import { roundTo } from '../core/units/numbers';
import { wallTimeOf } from '../core/units/wallTime';
import { type Column, Columns, type Window } from '../plan/placing/columns';
import type { Demand, Stretch } from '../plan/placing/demand';
import type { Ready } from './week';

/** How things are called, and amounts said: by the maker's names and units, or as a file has them. */
export interface Says {
  name(id: string): string;
  litres(litres: number): string;
}
export const AS_WRITTEN: Says = { name: (id) => id, litres: (litres) => `${roundTo(litres, 1)} L` };

/** Ways of a make that are looked at for a reason. */
export const LOOKS = 3000;
const NEVER = Number.POSITIVE_INFINITY;
/** A list as one says it. */
export const wordsOf = (all: readonly string[]): string =>
  all.length > 1 ? `${all.slice(0, -1).join(', ')} and ${all.at(-1)}` : (all[0] ?? '');

/** A rule of a make's own that may be let go, to see whether it is what stands in the way. */
interface Own {
  says: string;
  window?(window: Window): Window;
  awake?: true;
}

function ownRules({ week }: Ready, i: number, says: Says): Own[] {
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
      ? [
          {
            says: `its milk ${says.name(lot.id)} comes too late`,
            window: (w: Window) => ({ ...w, fromMin: 0 }),
          },
        ]
      : []),
    ...(lot?.useBy != null
      ? [
          {
            says: `its milk ${says.name(lot.id)} does not keep so long`,
            window: (w: Window) => ({ ...w, warmByMin: NEVER }),
          },
        ]
      : []),
  ];
}

/** The fewest of its own rules without which it has a way, and the best way then; null where none helps. */
export function withoutOwn(ready: Ready, i: number, says: Says): { rules: Own[]; column: Column } | null {
  const demand = ready.demands[i] as Demand;
  const window = ready.windows[i] as Window;
  const rules = ownRules(ready, i, says);
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
export const wallAt = ({ week }: Ready, minute: number): string =>
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

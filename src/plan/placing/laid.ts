import { type Blocked as Absent, blockedBetween } from '../../core/units/blocked';
import { roundTo } from '../../core/units/numbers';
import { wallTimeOf } from '../../core/units/wallTime';
import type { Brief } from '../brief/schema';
import type { Planned } from '../planned';
import type { Plan } from '../schema';
import { Blocked, type Column, Columns } from './columns';
import { type Demand, demandOf, GRID_MIN, handsIn } from './demand';

/** How far before the last start that would do one is looked for, min. */
const LOOK_BACK_MIN = 36 * 60;
/** What a minute it is ready too soon counts against a minute away from its likely durations. Common practice: fresh is better, rushed is worse. */
export const EARLY_MIN = 0.2;
const MOST_LOOKED_AT = 5000;
/** Where nothing fits, starts are looked at so far apart, min. */
const LOOK_EVERY_MIN = 15;
const NEAR = 1e-6;

/** A plan laid from a start, wall minutes: how much longer or shorter each stage is, and for how long hands are wanted when nobody is there. */
export interface LaidPlan {
  startMin: number;
  waits: readonly number[];
  blockedMin: number;
  readyMin: number;
  /** How long before it need be it is ready, min. */
  earlyMin: number;
}

/** When a make is to be ready, or to begin, wall minutes; and when nobody is there. */
export interface Hours extends Absent {
  by: number | null;
  begin: number | null;
}

const minutesOf = ({ stages }: Demand, of: 'less' | 'likely' | 'more'): number =>
  stages.reduce(
    (sum, { likelyMin, lessSteps, moreSteps }) =>
      sum + likelyMin + (of === 'less' ? -lessSteps : of === 'more' ? moreSteps : 0) * GRID_MIN,
    0,
  );

type Spells = readonly (readonly [number, number])[];

/** For how long hands are wanted when nobody is there, min. */
const wantedIn = (hands: Spells, at: number, spells: Spells): number =>
  hands.reduce(
    (sum, [from, to]) =>
      sum +
      spells.reduce((inner, [a, b]) => inner + Math.max(0, Math.min(at + to, b) - Math.max(at + from, a)), 0),
    0,
  );

/** From a start where nothing fits wholly: what can wait waits until somebody is there for what comes next. */
function asNear({ stages }: Demand, startMin: number, spells: Spells): Omit<LaidPlan, 'earlyMin'> {
  let at = startMin;
  let blockedMin = 0;
  const waits = stages.map(({ likelyMin, moreSteps, hands }, i) => {
    blockedMin += wantedIn(hands, at, spells);
    const ends = at + likelyMin;
    const next = stages[i + 1]?.hands ?? [];
    const until =
      wantedIn(next, ends, spells) > 0 ? spells.find(([a, b]) => a <= ends + 1 && b > ends)?.[1] : undefined;
    const wait = until !== undefined && until - ends <= moreSteps * GRID_MIN ? until - ends : 0;
    at = ends + wait;
    return wait;
  });
  return { startMin, waits, blockedMin, readyMin: at };
}

/** Of the ways of a make the one nearest to its likely durations and freshest, both together; undefined where there is none. */
function bestWay(ways: Columns): Column | undefined {
  let best: Column | undefined;
  const cost = ({ shape, earlyMin }: Column) => shape.awayMin + earlyMin * EARLY_MIN;
  for (let i = 0; i < MOST_LOOKED_AT; i++) {
    const way = ways.at(i);
    // They come by how far they are from likely: no later one can be better.
    if (!way || (best && way.shape.awayMin >= cost(best))) break;
    if (!best || cost(way) < cost(best)) best = way;
  }
  return best;
}

/**
 * A plan round the hours of its kitchen, by the ways the week is laid of: the nearest to its likely durations at which nobody is wanted
 * who is not there, and of those the freshest; where there is none, the start at which hands are wanted for the fewest such minutes. Null
 * where it cannot be ready in time at all.
 */
export function laidRound(planned: Planned, { by, begin, ...absent }: Hours): LaidPlan | null {
  const demand = demandOf('', planned);
  const [least, likely, most] = [
    minutesOf(demand, 'less'),
    minutesOf(demand, 'likely'),
    minutesOf(demand, 'more'),
  ];
  // The grid goes through the start from which it would be ready on the minute.
  const latest = by === null ? (begin as number) : by - likely;
  const from = by === null ? latest : latest - LOOK_BACK_MIN;
  const to = by === null ? latest : latest + Math.floor((likely - least) / GRID_MIN + NEAR) * GRID_MIN;
  const spells = blockedBetween(absent, from, to + most + 1440);
  const within = spells.map(([a, b]): [number, number] => [a - from, b - from]);
  const window = {
    fromMin: 0,
    toMin: to - from + 1,
    warmByMin: Number.POSITIVE_INFINITY,
    readyByMin: by === null ? Number.POSITIVE_INFINITY : by - from,
  };
  const ways = new Columns(demand, window, new Blocked(within, Math.ceil(to - from + most)));
  const way = bestWay(ways);
  if (way) {
    return {
      startMin: from + way.startMin,
      waits: demand.stages.map((_, i) => (way.shape.steps[i] ?? 0) * GRID_MIN),
      blockedMin: 0,
      readyMin: from + way.endMin,
      earlyMin: way.earlyMin,
    };
  }
  let nearest: LaidPlan | null = null;
  for (let startMin = latest; startMin >= from - NEAR; startMin -= LOOK_EVERY_MIN) {
    const laid = asNear(demand, startMin, spells);
    if (by !== null && laid.readyMin > by + NEAR) continue;
    // Of two as near, the fresher.
    if (nearest && laid.blockedMin >= nearest.blockedMin) continue;
    nearest = { ...laid, earlyMin: by === null ? 0 : by - laid.readyMin };
  }
  return nearest;
}

/** A plan with stages longer or shorter than likely: their times, its ready time and its hours follow. */
export function drawnOut(planned: Planned, laid: LaidPlan, brief: Brief, told: Plan['cautions']): Planned {
  let at = 0;
  const lasts = (i: number, likely: number) => likely + (laid.waits[i] ?? 0);
  const stages = planned.plan.stages.map((stage, i) => {
    const { low, likely, high } = stage.durationMin;
    const now = lasts(i, likely);
    const placed = {
      ...stage,
      hands: handsIn({ hands: stage.hands ?? [], likelyMin: likely }, now).map(
        ([from, to]): [number, number] => [roundTo(from, 3), roundTo(to, 3)],
      ),
      startMin: roundTo(at, 3),
      durationMin: {
        low: roundTo(Math.min(low, now), 3),
        likely: roundTo(now, 3),
        high: roundTo(Math.max(high, now), 3),
      },
    };
    at += now;
    return placed;
  });
  const extra = laid.waits.reduce((sum, wait) => sum + wait, 0);
  const { start: _start, readyBy: _readyBy, ...rest } = planned.plan.brief;
  return {
    ...planned,
    spans: planned.spans.map((span, i) => {
      const now = lasts(i, span.durationMin);
      const last = span.course.at(-1);
      if (now === span.durationMin || !last) return span;
      const kept = span.course.filter(([minute]) => minute < now);
      const ends = now < span.durationMin ? (kept.at(-1) ?? last)[1] : last[1];
      return { ...span, durationMin: now, course: [...kept, [now, ends] as const] };
    }),
    plan: {
      ...planned.plan,
      brief: {
        ...rest,
        start: brief.readyBy === undefined ? brief.start : wallTimeOf(laid.startMin),
      } as Plan['brief'],
      readyAt: wallTimeOf(laid.readyMin),
      stages,
      predictions: {
        ...planned.plan.predictions,
        totalHours: roundTo(planned.plan.predictions.totalHours + extra / 60, 4),
      },
      cautions: [...planned.plan.cautions, ...told],
    },
  };
}

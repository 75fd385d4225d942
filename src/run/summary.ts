import { methodIn } from '../plan/planOf';
import type { MakeState } from './makeState';
import type { FindingId } from './noted';
import { coastsOf } from './pots';
import { reviewOf } from './review';
import { goodsUsed, milksUsed, type Uses } from './shelf';
import { tastingsAt } from './taste';

/** A make in one line: what the book lists, sorts and compares, and what it gives away as a table. */
export interface Summary {
  id: string;
  name: string;
  method: string;
  title: string;
  family: string;
  milk: string;
  /** Lots of what went in, as on their labels. */
  lots: readonly string[];
  startedAt: number;
  /** Null while it runs; a make that was given up is over too. */
  endedAt: number | null;
  abandoned: boolean;
  litres: number;
  plannedKg: number;
  weighedKg: number | null;
  /** Weighed over planned. */
  yieldShare: number | null;
  /** Weighed cheese of a hundred litres of milk, kg. */
  kgPer100L: number | null;
  score: number | null;
  found: readonly FindingId[];
  /** What was written at its tastings. */
  tasted: readonly string[];
  handsMin: number;
  /** Hands for each weighed kilogram, min. */
  handsMinPerKg: number | null;
  /** Of the weighed kilogram, in the maker's currency; null without prices. */
  costPerKg: number | null;
  mishaps: number;
  /** What it used, of goods in g and of lots of milk in L. */
  goods: Uses;
  milks: Uses;
  /** The pot it was made in, and how far that coasted each time, °C in one litre. */
  pot: { id: string; degreeLitres: readonly number[] } | null;
  /** When it is to be tasted again, ms on the wall clock. */
  tasteAt: readonly number[];
}

/** Which reckoning a kept summary is of: raised when what a summary says is changed. */
export const SUMMARY_VERSION = 1;

/** What a make comes to in one line. */
export function summaryOf(id: string, state: MakeState): Summary {
  const review = reviewOf(state);
  const { plan } = state;
  const method = methodIn(state);
  const ran = new Set(state.runs.filter((run) => !run.skipped).map((run) => run.stage));
  const handsMin = plan.stages.reduce((sum, stage) => sum + (ran.has(stage.id) ? stage.handsOnMin : 0), 0);
  const kg = state.weighedKg;
  const { costPerKg, yieldKg } = plan.predictions;
  const litres = plan.brief.milk.litres ?? 0;
  return {
    id,
    name: state.name,
    method: plan.method,
    title: method?.title ?? plan.method,
    family: method?.family ?? '',
    milk: state.milkName,
    lots: [...new Set(state.taken.map(({ lot }) => lot).filter(Boolean))],
    startedAt: state.startedAt,
    endedAt: state.finishedAt ?? state.abandoned?.at ?? null,
    abandoned: state.abandoned !== null,
    litres,
    plannedKg: review.plannedKg.likely,
    weighedKg: kg,
    yieldShare: review.yieldRatio,
    kgPer100L: kg === null || litres <= 0 ? null : (100 * kg) / litres,
    score: review.score,
    found: [...new Set(state.tastings.flatMap((tasting) => tasting.found))],
    tasted: state.tastings.map(({ text }) => text).filter(Boolean),
    handsMin,
    handsMinPerKg: kg === null || kg <= 0 ? null : handsMin / kg,
    costPerKg: costPerKg === null || kg === null || kg <= 0 ? null : (costPerKg * yieldKg.likely) / kg,
    mishaps: state.mishaps.length,
    goods: goodsUsed(state),
    milks: milksUsed(state),
    pot: state.pot && {
      id: state.pot.id,
      degreeLitres: coastsOf(state).map((coast) => coast * (litres || 1)),
    },
    tasteAt: tastingsAt(state),
  };
}

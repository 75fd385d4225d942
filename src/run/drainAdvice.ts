import { BAGS, type Bag, bagAfter, bagHours, paceBy } from '../core/curd/bag';
import { expOf, lnOf } from '../core/numeric/elementary';
import { saltGrams } from '../core/salt/dry';
import { goalOf, standsCOf } from '../makes/asked';
import type { Resolved } from '../plan/brief/resolved';
import { methodIn } from '../plan/planOf';
import { heldIn, SHARPENED_FROM_MODEL, sharpened } from '../plan/sharpened';
import { NO_DEPARTURE, pailOf } from '../plan/world';
import { type MakeState, stageAt } from './state';

/** A weighing tells the pace of a bag to so much, of its logarithm. Judgement. */
export const WEIGHED_SD = 0.05;
/** From this model on a bag ends by the moisture in its non-fat substance; a make begun before keeps its figures. */
const NON_FAT_FROM_MODEL = 4;

export interface DrainAdvice {
  /** When it holds the wanted moisture, ms. */
  readyAt: number;
  /** Moisture at the last weighing, %. */
  moisturePct: number;
  /** What it should weigh then, kg. */
  goalKg: number;
  wantedPct: number;
}

/**
 * How the bag goes on from its weighing, and the hours it has hung by its own clock: what was weighed stands; its pace is what was held
 * of it, sharpened by the weight.
 */
function goesOn(state: MakeState, bag: Bag, weighed: readonly [hour: number, kg: number]): [Bag, number] {
  const longer = state.modelVersion < SHARPENED_FROM_MODEL ? null : paceBy(bag, weighed);
  if (longer === null) return [bag, weighed[0]];
  const { mean } = sharpened(heldIn(state.plan, 'drain-pace'), { ln: -lnOf(longer), sd: WEIGHED_SD });
  const pace = expOf(-mean);
  return [{ ...bag, pace, weighed: [] }, (weighed[0] * pace) / longer];
}

/**
 * What one weighing of a bag says: its moisture now, and the new time to the wanted one. Null without a weighing, or for a
 * drain that is no bag. A weight is that of all the bags together.
 */
export function drainAdvice(state: MakeState): DrainAdvice | null {
  const stage = stageAt(state);
  const goal = goalOf(stage, state.parameters);
  const method = methodIn(state);
  if (goal?.is !== 'bag-moisture' || !method?.bag) return null;
  const weighing = state.weighings.findLast((one) => one.stage === stage.id && one.at > state.stageStartedAt);
  if (!weighing) return null;
  const brief = state.plan.brief as Resolved;
  const milk = pailOf(brief, method, brief.milk.litres ?? 1, NO_DEPARTURE);
  const bagKg = Math.min(Number(brief.options.bagKg ?? milk.massKg), milk.massKg);
  const perBag = bagKg / milk.massKg;
  const hours = (weighing.at - state.stageStartedAt) / 3_600_000;
  const weighed: [number, number] = [Math.max(0.01, hours), weighing.kg * perBag];
  const bag: Bag = {
    composition: milk.composition,
    milkKg: bagKg,
    tempC: standsCOf(stage, state.parameters) ?? brief.roomC,
    style:
      (state.modelVersion ?? 0) < NON_FAT_FROM_MODEL
        ? { ...BAGS[method.bag], milkFatPct: null }
        : BAGS[method.bag],
    weighed: [weighed],
  };
  const [goes, hung] = goesOn(state, bag, weighed);
  const whole = bagHours(goes, goal.percent);
  return {
    readyAt: weighing.at + (Math.min(whole, 72) - hung) * 3_600_000,
    moisturePct: bagAfter(bag, hours).moisturePct,
    goalKg: bagAfter(goes, whole).kgLeft / perBag,
    wantedPct: goal.percent,
  };
}

/** Salt for what really came out, g, from the last weighing before or in a salting stage; null without one. */
export function saltForWeight(state: MakeState): { kg: number; grams: number } | null {
  const stage = stageAt(state);
  const goal = goalOf(stage, state.parameters);
  const weighing = state.weighings.at(-1);
  // Salt in hand goes in as it is, whatever it weighs.
  if (goal?.is !== 'salt' || !weighing || state.plan.brief.salt?.given) return null;
  return { kg: weighing.kg, grams: saltGrams(weighing.kg, goal.percent) };
}

import type { Composition } from '../milk/composition';
import { expOf, lnOf, powOf } from '../numeric/elementary';
import { findRoot } from '../numeric/root';
import { curdAt, keptDry, nonFatMoisture, richSlows, usualMilk } from './nonFat';
import { CURD_STYLES } from './styles';

/** How one style of curd drains in a bag. */
export interface BagStyle {
  fat: number;
  casein: number;
  /** Share of the whey protein that stays: set by the heat the milk had. */
  wheyProtein: number;
  solutes: number;
  /** Mass in the bag at the start, as a share of the milk. */
  startShare: number;
  /** Fat of its usual milk, %; null where its end is told of this very milk, as makes begun before model 4 had it. */
  milkFatPct: number | null;
  /** Moisture that milk ends at if it hangs for good, %. */
  endMoisturePct: number;
}

/** Common practice; the end moistures fitted, those of basket and cream cheese to their styles. Skyr's milk has been scalded, so most of its whey protein stays. */
export const BAGS = {
  'goat-lactic': {
    fat: 0.95,
    casein: 0.96,
    wheyProtein: 0.03,
    solutes: 0.05,
    startShare: 0.75,
    endMoisturePct: 62,
    milkFatPct: CURD_STYLES['goat-lactic'].milkFatPct,
  },
  'sour-basket': {
    fat: 0.95,
    casein: 0.96,
    wheyProtein: 0.03,
    solutes: 0.06,
    startShare: 0.75,
    endMoisturePct: 60,
    milkFatPct: CURD_STYLES['sour-basket'].milkFatPct,
  },
  skyr: {
    fat: 0.95,
    casein: 0.96,
    wheyProtein: 0.7,
    solutes: 0.05,
    startShare: 0.95,
    endMoisturePct: 76,
    milkFatPct: CURD_STYLES.skyr.milkFatPct,
  },
  'soft-cream': {
    fat: 0.97,
    casein: 0.97,
    wheyProtein: 0.03,
    solutes: 0.05,
    startShare: 0.8,
    endMoisturePct: 49,
    milkFatPct: CURD_STYLES['cream-cheese'].milkFatPct,
  },
} as const satisfies Record<string, BagStyle>;
export type BagName = keyof typeof BAGS;
export const BAG_NAMES = Object.keys(BAGS) as BagName[];

export interface Bag {
  composition: Composition;
  milkKg: number;
  tempC: number;
  style: BagStyle;
  /** How long this cloth and curd take against the usual ones: 1.2 is a fifth longer. */
  pace?: number;
  /** Weighings of the bag, [hour, kg]; the last one solves τ anew. */
  weighed?: readonly (readonly [hour: number, kg: number])[];
}

const EXPONENT = 0.7;

/**
 * How much longer whey takes to leave curd than at 20 °C: exp(0.0255 (20 − T)). Fitted; whey's own viscosity does the same.
 *
 * @example coldSlows(4) // 1.5
 */
export const coldSlows = (tempC: number): number => expOf(0.0255 * (20 - tempC));

/** τ by mass and temperature, h: 5 (m/4)^(2/3), longer for cold and for rich milk. Fitted. */
const usualTau = (milkKg: number, tempC: number) => 5 * powOf(milkKg / 4, 2 / 3) * coldSlows(tempC);

/** Dry matter and fat the bag keeps, and where it ends: at the same moisture in the non-fat substance as its usual milk. */
function endOf({ composition, style }: Pick<Bag, 'composition' | 'style'>) {
  const kept = keptDry(composition, style, style.solutes);
  const usual = style.milkFatPct === null ? kept : keptDry(usualMilk(style.milkFatPct), style, style.solutes);
  const nonFat = nonFatMoisture(usual, style.endMoisturePct);
  return { kept, ...curdAt(kept, nonFat) };
}

function curveOf(bag: Bag) {
  const {
    kept: { dry },
    share: end,
  } = endOf(bag);
  const start = Math.max(bag.style.startShare, end);
  let tau = usualTau(bag.milkKg, bag.tempC) * (bag.pace ?? 1);
  if (bag.style.milkFatPct !== null) tau *= richSlows(bag.composition.fatPct);
  const last = bag.weighed?.at(-1);
  if (last) {
    const left = (last[1] / bag.milkKg - end) / (start - end);
    // A weight outside the curve's own range says nothing about its pace.
    if (left > 0 && left < 1 && last[0] > 0) tau = last[0] / powOf(-lnOf(left), 1 / EXPONENT);
  }
  return { dry, end, start, tau };
}

/** How long it takes by one weighing against `pace` 1; null for a weight outside the curve's own range. */
export function paceBy(bag: Bag, weighing: readonly [hour: number, kg: number]): number | null {
  const usual = curveOf({ ...bag, pace: 1, weighed: [] }).tau;
  const read = curveOf({ ...bag, pace: 1, weighed: [weighing] }).tau;
  return read === usual ? null : read / usual;
}

/** What is left in the bag after `hours`, kg, and its moisture, %. */
export function bagAfter(bag: Bag, hours: number): { kgLeft: number; moisturePct: number } {
  const { dry, end, start, tau } = curveOf(bag);
  const share = end + (start - end) * expOf(-powOf(hours / tau, EXPONENT));
  return { kgLeft: share * bag.milkKg, moisturePct: (100 * (1 - dry / share)) / (1 + bag.style.solutes) };
}

/** Hours in the bag to a moisture; Infinity at or below where it ends. */
export function bagHours(bag: Bag, moisturePct: number): number {
  if (moisturePct <= endOf(bag).moisturePct) return Number.POSITIVE_INFINITY;
  if (bagAfter(bag, 0).moisturePct <= moisturePct) return 0;
  let high = 1;
  while (bagAfter(bag, high).moisturePct > moisturePct) high *= 2;
  return findRoot((hours) => bagAfter(bag, hours).moisturePct - moisturePct, 0, high, 1e-6);
}

import type { Composition } from '../milk/composition';

/** Minerals that stay bound to the casein, as a share of its mass. Source: from memory. */
export const BOUND_MINERALS = 0.07;
/** Share of the denatured whey protein that the curd holds. Source: from memory. */
export const DENATURED_RETAINED = 0.95;

/** What the curd keeps, as shares of what the milk brought. */
export interface Retention {
  fat: number;
  casein: number;
  wheyProtein: number;
}

/** How a cheese turns out. */
export interface CurdStyle {
  moisturePct: number;
  /** Solutes per mass of moisture. */
  solutes: number;
}

/** Dry matter retained per mass of milk: F Rf + C Rc × 1.07 + W Rw. */
export const retainedDryMatter = (milk: Composition, keep: Retention): number =>
  (milk.fatPct * keep.fat +
    milk.caseinPct * keep.casein * (1 + BOUND_MINERALS) +
    milk.wheyProteinPct * keep.wheyProtein) /
  100;

/**
 * Cheese per mass of milk: D / (1 − M (1 + s) − salt), all mass fractions; `saltShare` is salt in the finished cheese.
 */
export const yieldPerMilk = (dryMatter: number, style: CurdStyle, saltShare: number): number =>
  dryMatter / (1 - (style.moisturePct / 100) * (1 + style.solutes) - saltShare);

/** Fat in dry matter of the finished cheese, %. */
export const fatInDryMatterPct = (fatKg: number, cheeseKg: number, moisturePct: number): number =>
  (100 * fatKg) / (cheeseKg * (1 - moisturePct / 100));

/**
 * Van Slyke and Price's cheddar yield, kg per 100 kg of milk: ((0.93 F + C − 0.1) × 1.09) / (1 − M), M a mass
 * fraction. 3.5 % fat, 2.48 % casein, 37 % moisture gives 9.75.
 */
export const vanSlykePriceKg = (fatPct: number, caseinPct: number, moisturePct: number): number =>
  ((0.93 * fatPct + caseinPct - 0.1) * 1.09) / (1 - moisturePct / 100);

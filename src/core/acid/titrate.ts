import { Infeasible } from '../faults/fault';
import { powOf } from '../numeric/elementary';
import { findRoot } from '../numeric/root';
import { ACIDS, type AcidProduct, acidPerUnit, isLiquidAcid } from './acids';
import { type Binding, type Buffer, bindingOf, boundBy } from './buffer';

/** A titration never ends lower than this: below it the groups listed no longer describe milk. */
const LOWEST_PH = 3.6;
/** Where a mixture is acid with some milk in it, and no pH is told any more. */
const NO_MILK_PH = 1;
/** More liquid than this share of the milk leaves it too thin to set; common practice. */
const MOST_LIQUID_PER_LITRE = 0.15;

/** An acid ready to be added to one litre of milk. */
export interface Titrant {
  product: AcidProduct;
  binding: Binding;
  protons: number;
  /** mol of acid per g or mL of product. */
  molPerUnit: number;
  /** Litres that one g or mL of product brings in, its dilution water included. */
  litresPerUnit: number;
}

/** Prepares an acid. `strength` scales its acid content; `diluted` counts the water it is diluted in. */
export function titrantOf(product: AcidProduct, { strength = 1, diluted = true } = {}): Titrant {
  const facts = ACIDS[product.kind];
  const own = isLiquidAcid(product.kind) ? 0.001 : 0;
  return {
    product,
    binding: bindingOf(facts.pKa),
    protons: facts.pKa.length,
    molPerUnit: (acidPerUnit(product) * strength) / facts.gramsPerMol,
    litresPerUnit: own + (diluted ? facts.diluteRatio / 1000 : 0),
  };
}

/**
 * Strong acid (mol per litre of milk) that takes `milk` from its own pH to `pH`: the difference in bound protons
 * plus the free ones.
 */
export const strongAcidDemand = (milk: Buffer, pH: number): number =>
  milk.boundAt(pH) - milk.boundAt(milk.pH0) + powOf(10, -pH) - powOf(10, -milk.pH0);

/**
 * Amount of product (g of a solid, mL of a liquid) per litre of milk that brings it to `pH` (as at 25 °C).
 * Direct: every molecule gives the protons it does not hold at that pH; the volume it brings in is counted.
 * Throws Infeasible where the acid cannot get there.
 */
export function amountForPH(milk: Buffer, acid: Titrant, pH: number): number {
  if (pH >= milk.pH0) return 0;
  const h = powOf(10, -pH);
  const demand = strongAcidDemand(milk, pH);
  const given = acid.molPerUnit * (acid.protons - boundBy(acid.binding, h)) - h * acid.litresPerUnit;
  const amount = given > 0 ? demand / given : Number.POSITIVE_INFINITY;
  const ownLitres = isLiquidAcid(acid.product.kind) ? amount / 1000 : 0;
  if (pH < LOWEST_PH || ownLitres > MOST_LIQUID_PER_LITRE) {
    const facts = ACIDS[acid.product.kind];
    throw new Infeasible({
      path: 'acid',
      problem:
        Number.isFinite(ownLitres) && pH >= LOWEST_PH
          ? `${facts.name} of this strength would take ${Math.round(ownLitres * 1000)} mL per litre to reach pH ${pH.toFixed(2)}, more than milk can take and still set`
          : `${facts.name} cannot bring this milk to pH ${pH.toFixed(2)}`,
      remedy: 'use a stronger acid, citric acid, or a hotter set, which needs less',
    });
  }
  return amount;
}

/**
 * pH (as at 25 °C) of one litre of milk after `amount` (g or mL per litre) of the product; residual below 1e-6 pH,
 * falling steadily with the amount. Throws Infeasible where it is so much that no milk is left to speak of.
 */
export function pHAfter(milk: Buffer, acid: Titrant, amount: number): number {
  if (amount <= 0) return milk.pH0;
  const mol = acid.molPerUnit * amount;
  const litres = 1 + acid.litresPerUnit * amount;
  const start = milk.boundAt(milk.pH0) + powOf(10, -milk.pH0);
  const surplus = (pH: number) => {
    const h = powOf(10, -pH);
    return milk.boundAt(pH) + h * litres - start - mol * (acid.protons - boundBy(acid.binding, h));
  };
  if (surplus(NO_MILK_PH) < 0)
    throw new Infeasible({
      path: 'acid',
      problem: `is so much that this milk would go below pH ${NO_MILK_PH}`,
      remedy: 'give less, or say how much milk it goes into',
    });
  return findRoot(surplus, NO_MILK_PH, milk.pH0, 1e-8);
}

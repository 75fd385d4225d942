import { Infeasible } from '../core/faults/fault';
import { blend, creamBatch } from '../core/milk/blend';
import { compositionOf, type MilkBatch, milkBatch } from '../core/milk/composition';
import { massesPouredIn, massToCaseinToFat, massToFat } from '../core/milk/standardise';
import type { KnownMilk } from './milk';

/** Fat of the cream a kitchen buys, and what a separator leaves in skimmed milk, %. Common practice. */
export const SHOP_CREAM_PCT = 36;
export const SKIM_PCT = 0.05;

/** Cream or skim of a milk, as one keeps it on the shelf. Nobody knows its price. */
export function creamOf(of: KnownMilk, id: string, name: string, fatPct: number): KnownMilk {
  const { caseinPct, wheyProteinPct } = creamBatch(of.species, 1, fatPct).composition;
  return { ...of, id, name, fatPct, proteinPct: caseinPct + wheyProteinPct, pricePerLitre: null };
}

/** So much of a milk, poured to others. */
export interface Pour {
  milk: KnownMilk;
  litres: number;
}

export const batchOf = ({ milk, litres }: Pour): MilkBatch =>
  milkBatch(litres, compositionOf(milk.species, milk.fatPct, milk.proteinPct));

/** A mean of what is known of each, by litres; null where nothing is. */
function meanOf(pours: readonly Pour[], of: (milk: KnownMilk) => number | null): number | null {
  const known = pours.flatMap(({ milk, litres }) => {
    const value = of(milk);
    return value === null ? [] : [{ value, litres }];
  });
  const litres = known.reduce((sum, one) => sum + one.litres, 0);
  return litres > 0 ? known.reduce((sum, one) => sum + one.value * one.litres, 0) / litres : null;
}

/**
 * What milks poured together are: parts and litres add up, heat and pH are means by litres (milks hold back acid much alike, judgement),
 * and what most of it is, it is. A drop of raw milk makes raw milk of it. Its price is known where every one is.
 */
export function pouredTogether(pours: readonly Pour[]): { milk: KnownMilk; batch: MilkBatch } {
  const batch = blend(pours.map(batchOf));
  const most = pours.reduce((a, b) => (b.litres > a.litres ? b : a)).milk;
  const homogenised =
    pours.reduce((sum, { milk, litres }) => sum + (milk.homogenised ? litres : -litres), 0) > 0;
  const { fatPct, caseinPct, wheyProteinPct } = batch.composition;
  const round = (value: number | null) => (value === null ? null : Math.round(value * 100) / 100);
  return {
    batch,
    milk: {
      ...most,
      treatment: pours.some(({ milk }) => milk.treatment === 'raw') ? 'raw' : most.treatment,
      homogenised,
      fatPct,
      proteinPct: caseinPct + wheyProteinPct,
      startC: round(meanOf(pours, (milk) => milk.startC)) ?? most.startC,
      pH: round(meanOf(pours, (milk) => milk.pH)),
      pricePerLitre: pours.some(({ milk }) => milk.pricePerLitre === null)
        ? null
        : round(meanOf(pours, (milk) => milk.pricePerLitre)),
    },
  };
}

/** What the whole is to come to; what is left out follows. */
export interface Asked {
  fatPct?: number | undefined;
  caseinToFat?: number | undefined;
}

/**
 * Litres of each, so that the whole comes to what is asked. One figure is reached by the first that is poured in and can reach it, the
 * others staying as they are; for both figures all that is poured into the first milk moves, to the nearest there is. Throws Infeasible.
 */
export function pouredTo(pours: readonly Pour[], { fatPct, caseinToFat }: Asked): number[] {
  const litres = pours.map((one) => one.litres);
  const one = pours.map(({ milk }) => batchOf({ milk, litres: 1 }));
  const [first, ...others] = pours.map(batchOf);
  if (!first || (fatPct === undefined && caseinToFat === undefined)) return litres;
  if (fatPct !== undefined && caseinToFat !== undefined && others.length > 1) {
    const masses = massesPouredIn(first, one.slice(1), { fatPct, caseinToFat });
    return [pours[0]?.litres ?? 0, ...masses.map((kg, i) => kg / (one[i + 1]?.densityKgPerL ?? 1))];
  }
  let refused: unknown = null;
  for (const [i, pour] of one.entries()) {
    const rest = pours.filter((other, at) => at !== i && other.litres > 0).map(batchOf);
    if (i === 0 || rest.length === 0) continue;
    try {
      const kg =
        fatPct !== undefined
          ? massToFat(blend(rest), pour, fatPct)
          : massToCaseinToFat(blend(rest), pour, caseinToFat as number);
      return litres.map((was, at) => (at === i ? kg / pour.densityKgPerL : was));
    } catch (error) {
      if (!(error instanceof Infeasible)) throw error;
      refused ??= error;
    }
  }
  if (refused) throw refused;
  return litres;
}

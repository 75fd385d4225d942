import { type Composition, compositionOf } from '../milk/composition';
import { expOf } from '../numeric/elementary';
import { type Retention, retainedDryMatter, yieldPerMilk } from './balance';
import type { StyleFacts } from './styles';

/** What a curd keeps of each kg of milk, kg, and what is dissolved in each kg of its moisture. */
export interface KeptDry {
  dry: number;
  fat: number;
  solutes: number;
}

/** Water that leaves a curd for each mass of salt that goes in; some solutes go along. From memory (Guinee and Fox). */
export const WATER_PER_SALT = 2;

/** Plain cow's milk: 3.7 % fat, 3.2 % true protein. */
const PLAIN = { fatPct: 3.7, proteinPct: 3.2 } as const;

/** Cow's milk of `fatPct`, its protein thinned by the cream in it: what a moisture is told for. */
export const usualMilk = (fatPct: number): Composition =>
  compositionOf('cow', fatPct, (PLAIN.proteinPct * (100 - fatPct)) / (100 - PLAIN.fatPct));

/** What a milk leaves in a curd that keeps so much of it. */
export const keptDry = (milk: Composition, keep: Retention, solutes: number): KeptDry => ({
  dry: retainedDryMatter(milk, keep),
  fat: (milk.fatPct * keep.fat) / 100,
  solutes,
});

/** Moisture in the non-fat substance of a curd of `moisturePct`, as a share: M / (1 − F); `saltShare` of the curd is salt. */
export function nonFatMoisture({ dry, fat, solutes }: KeptDry, moisturePct: number, saltShare = 0): number {
  const share = yieldPerMilk(dry, { moisturePct, solutes }, saltShare);
  return moisturePct / 100 / (1 - fat / share);
}

/** A curd, kg for each kg of milk, and its water. */
export interface CurdShare {
  share: number;
  moisturePct: number;
}

/**
 * The curd whose non-fat substance holds a share `m` of moisture: Y = (D − m f (1 + s)) / (1 − m (1 + s) − salt) of the
 * milk's mass, M = m (1 − f / Y). Source: mass balance.
 *
 * @example curdAt({ dry: 0.06, fat: 0.032, solutes: 0.05 }, 0.7) // { share: 0.138, moisturePct: 53.7 }
 */
export function curdAt({ dry, fat, solutes }: KeptDry, m: number, saltShare = 0): CurdShare {
  const share = (dry - m * fat * (1 + solutes)) / (1 - m * (1 + solutes) - saltShare);
  return { share, moisturePct: 100 * m * (1 - fat / share) };
}

/** A salted curd before its salt: twice the salt's mass in water, and what is dissolved in it, is back in. */
export function unsalted(curd: CurdShare, saltShare: number, solutes: number): CurdShare {
  const salt = saltShare * curd.share;
  const gone = WATER_PER_SALT * salt;
  const share = curd.share - salt + gone * (1 + solutes);
  return { share, moisturePct: (curd.share * curd.moisturePct + 100 * gone) / share };
}

/** A style as it is told, salted as usual, for its usual milk. */
export interface PlainCurd {
  moisturePct: number;
  /** Moisture in the non-fat substance, a share: what the style holds constant whatever the milk. */
  nonFat: number;
  /** Its usual salt, a share of the cheese. */
  salt: number;
  kept: KeptDry;
}

export function plainCurd(style: StyleFacts): PlainCurd {
  const kept = keptDry(usualMilk(style.milkFatPct), style, style.solutes);
  const salt = style.saltPct / 100;
  return {
    moisturePct: style.moisturePct,
    nonFat: nonFatMoisture(kept, style.moisturePct, salt),
    salt,
    kept,
  };
}

/**
 * Moisture a curd must have before it is salted with `saltPct` of its weight, so that it ends at `moisturePct`: salt takes
 * twice its mass in water along.
 *
 * @example moistureBeforeSalt(77, 1, 0.05) // 78.1
 */
export function moistureBeforeSalt(moisturePct: number, saltPct: number, solutes: number): number {
  const salt = saltPct / 100;
  const left = 1 + salt - WATER_PER_SALT * salt * (1 + solutes);
  return moisturePct * left + 100 * WATER_PER_SALT * salt;
}

/** Slower draining for each point of fat over plain milk's. From memory. */
const PER_FAT_POINT = 0.05;

/** How much longer a rich curd takes to drain than a plain one: exp(0.05 (fat % − 3.7)). */
export const richSlows = (fatPct: number): number => expOf(PER_FAT_POINT * (fatPct - PLAIN.fatPct));

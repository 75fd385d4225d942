import {
  BOUND_MINERALS,
  DENATURED_RETAINED,
  type Retention,
  retainedDryMatter,
  yieldPerMilk,
} from '../../core/curd/balance';
import { workedPoints } from '../../core/curd/syneresis';
import { denaturedShare } from '../../core/heat/denaturation';
import { clamp } from '../../core/units/measures';
import type { PotState, World } from '../grammar';

/** Moisture the curd would have, %: as its drain left it, or its style's by the work on it. */
const wantedMoisturePct = (world: World, pot: PotState): number =>
  clamp(
    (pot.moisturePct ?? world.style.moisturePct) -
      workedPoints(world.style.usual, pot.work) +
      world.off.moisturePct,
    30,
    92,
  );

/** What the curd keeps of the milk's fat, casein and whey protein, shares. */
export const keptBy = (world: World, pot: PotState): Retention => ({
  fat: clamp((pot.fatKept ?? world.style.fat) + world.off.fat, 0.5, 0.995),
  casein: clamp(world.style.casein + world.off.casein, 0.5, 0.995),
  wheyProtein: clamp(denaturedShare(pot.heat) * DENATURED_RETAINED * world.off.wheyProtein, 0, 0.95),
});

/** The curd as it stands. */
export interface Curd {
  kg: number;
  moisturePct: number;
  /** Whether it would hold more water, or more of what is dissolved in it, than there is: then no whey leaves it. */
  wheyless: boolean;
}

/**
 * The curd as it stands; `saltShare` of it is salt. It never holds more than there is: where its style would, all the
 * water, or as much as its dissolved matter reaches for, is in it.
 */
export function curdOf(world: World, pot: PotState, saltShare = 0): Curd {
  const { massKg, composition } = world.milk;
  const { solutes } = world.style;
  const keep = keptBy(world, pot);
  const moisturePct = wantedMoisturePct(world, pot);
  const dryKg = massKg * retainedDryMatter(composition, keep);
  const bound = composition.caseinPct * keep.casein * BOUND_MINERALS;
  const dissolvedKg =
    (massKg *
      (composition.wheyProteinPct * (1 - keep.wheyProtein) +
        composition.lactosePct +
        Math.max(0, composition.ashPct - bound))) /
    100;
  // Acid brought its water into the pot; what has evaporated is not reckoned.
  const waterKg = (massKg * composition.waterPct) / 100 + Math.max(0, pot.kg - massKg);
  const mostKg = Math.min(waterKg, dissolvedKg / solutes);
  const moist = moisturePct / 100;
  const loose = 1 - moist * (1 + solutes) - saltShare;
  const kg = yieldPerMilk(dryKg, { moisturePct, solutes }, saltShare);
  if (loose > 0 && kg * moist <= mostKg) return { kg, moisturePct, wheyless: false };
  const all = (dryKg + mostKg * (1 + solutes)) / (1 - saltShare);
  return { kg: all, moisturePct: (100 * mostKg) / all, wheyless: true };
}

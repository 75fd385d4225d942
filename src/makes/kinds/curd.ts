import {
  BOUND_MINERALS,
  DENATURED_RETAINED,
  type Retention,
  retainedDryMatter,
} from '../../core/curd/balance';
import { type CurdShare, curdAt, type KeptDry, nonFatMoisture, unsalted } from '../../core/curd/nonFat';
import { workedPoints } from '../../core/curd/syneresis';
import { denaturedShare } from '../../core/heat/denaturation';
import { salted } from '../../core/salt/taken';
import { clamp } from '../../core/units/measures';
import type { PotState, World } from '../grammar';

/** Wetter than this nothing holds together, share of the non-fat substance. */
const MOST_NON_FAT = 0.93;

/**
 * The curd before its salt, by the moisture in its non-fat substance: as its drain left it, or its style's by the work on it,
 * which is told of it salted as usual; points are told of its usual milk.
 */
function drained({ plain, style, off }: World, pot: PotState, own: KeptDry): CurdShare {
  const points = off.moisturePct - workedPoints(style.usual, pot.work);
  const salt = pot.nonFat === null ? plain.salt : 0;
  const told = pot.nonFat === null ? plain.moisturePct : curdAt(plain.kept, pot.nonFat).moisturePct;
  const nonFat = nonFatMoisture(plain.kept, clamp(told + points, 30, 92), salt);
  return unsalted(curdAt(own, Math.min(MOST_NON_FAT, nonFat), salt), salt, style.solutes);
}

/** What the curd keeps of the milk's fat, casein and whey protein, shares. */
export const keptBy = (world: World, pot: PotState): Retention => ({
  fat: clamp((pot.fatKept ?? world.style.fat) + world.off.fat, 0.5, 0.995),
  casein: clamp(world.style.casein + world.off.casein, 0.5, 0.995),
  wheyProtein: clamp(
    denaturedShare(pot.caught ?? pot.heat) * DENATURED_RETAINED * world.off.wheyProtein,
    0,
    0.95,
  ),
});

/** The curd as it stands. */
export interface Curd {
  kg: number;
  moisturePct: number;
  waterKg: number;
  saltKg: number;
  /** Whether it would hold more water, or more of what is dissolved in it, than there is: then no whey leaves it. */
  wheyless: boolean;
}

/**
 * The curd as it stands, with the salt that is in it. It never holds more than there is: where its style would, all the
 * water, or as much as its dissolved matter reaches for, is in it.
 */
export function curdOf(world: World, pot: PotState): Curd {
  const { massKg, composition } = world.milk;
  const { solutes } = world.style;
  const keep = keptBy(world, pot);
  const dry = retainedDryMatter(composition, keep);
  const own = { dry, fat: (composition.fatPct * keep.fat) / 100, solutes };
  const plain = drained(world, pot, own);
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
  const kg = massKg * plain.share;
  const water = (kg * plain.moisturePct) / 100;
  const wheyless = !(plain.share > 0 && water <= mostKg);
  const curd = wheyless
    ? { kg: massKg * dry + mostKg * (1 + solutes), waterKg: mostKg, saltKg: 0 }
    : { kg, waterKg: water, saltKg: 0 };
  const now = salted(curd, pot.saltKg, solutes);
  return { ...now, moisturePct: (100 * now.waterKg) / now.kg, wheyless };
}

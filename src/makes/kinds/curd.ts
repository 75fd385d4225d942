import { DENATURED_RETAINED, type Retention, retainedDryMatter, yieldPerMilk } from '../../core/curd/balance';
import { workedPoints } from '../../core/curd/syneresis';
import { denaturedShare } from '../../core/heat/denaturation';
import { clamp } from '../../core/units/measures';
import type { PotState, World } from '../grammar';

/** Moisture the curd has now, %: as its drain left it, or its style's by the work on it. */
export const curdMoisturePct = (world: World, pot: PotState): number =>
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

/** Mass of the curd as it stands, kg; `saltShare` of it is salt. */
export const curdKg = (world: World, pot: PotState, saltShare = 0): number =>
  world.milk.massKg *
  yieldPerMilk(
    retainedDryMatter(world.milk.composition, keptBy(world, pot)),
    { moisturePct: curdMoisturePct(world, pot), solutes: world.style.solutes },
    saltShare,
  );

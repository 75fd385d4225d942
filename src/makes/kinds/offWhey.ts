import { intoCurd, LACTOSE_OFF_WHEY_G } from '../../core/culture/curd';
import type { PotState, World } from '../grammar';
import { curdOf, keptBy } from './curd';

/** Curd sourer than this has soured in its whey, and only its own acidity ends it. */
const SOURED_IN_WHEY_PH = 5;
/** Water for each mass of dry matter in curd just off its whey: 53 % moisture, some of which it gives up as it sours. From memory. */
const WATER_PER_DRY = 1.15;
/** Grid of a curd's pH curve where many worlds are drawn, pH. */
const COARSE_PH = 0.06;

/**
 * The whey leaves the curd for the first time: its pH then is the whey's, heat from now on catches no more whey protein,
 * and a sweet curd goes on souring by what lactose its moisture holds.
 */
export function offWhey(world: World, pot: PotState) {
  if (pot.wheyPH !== null) return;
  pot.wheyPH = pot.pH;
  pot.caught = pot.heat;
  if (!pot.ferment || pot.pH <= SOURED_IN_WHEY_PH) return;
  const { kg, waterKg } = curdOf(world, pot);
  pot.ferment = intoCurd(
    pot.ferment,
    {
      milk: world.milk,
      freshPH: world.buffer.pH0,
      caseinKept: keptBy(world, pot).casein,
      moistureKgPerL: Math.max(waterKg, (kg - waterKg) * WATER_PER_DRY) / world.milk.litres,
      lactoseG: LACTOSE_OFF_WHEY_G,
    },
    world.likely ? undefined : COARSE_PH,
  );
}

/** Salt that is in the curd slows what sours it. */
export function saltSlows(world: World, pot: PotState) {
  if (!pot.ferment) return;
  const { saltKg, waterKg } = curdOf(world, pot);
  pot.ferment = { ...pot.ferment, saltPerWater: saltKg / waterKg };
}

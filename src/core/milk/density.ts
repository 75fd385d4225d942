/** Density of milk fat, solids-not-fat and water at 20 °C, kg/L. Source: from memory. */
const FAT = 0.93;
const SOLIDS_NOT_FAT = 1.608;
const WATER = 0.998;

/** Density of milk whose composition does not matter, kg/L. Source: from memory. */
export const USUAL_MILK_KG_PER_L = 1.03;

/**
 * Density at 20 °C, kg/L: volumes of fat, solids-not-fat and water add up.
 * Whole cow's milk comes out between 1.028 and 1.034.
 */
export function densityKgPerL(milk: { fatPct: number; waterPct: number }): number {
  const fat = milk.fatPct / 100;
  const water = milk.waterPct / 100;
  return 1 / (fat / FAT + (1 - fat - water) / SOLIDS_NOT_FAT + water / WATER);
}

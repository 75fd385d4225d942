/** Saturated brine at 20 °C, % w/w. Source: from memory. */
export const SATURATED_PCT_WW = 26.4;

/** Density of water at 20 °C, kg/L. Source: from memory. */
const WATER_KG_PER_L = 0.9982;
/** Rise of density per mass fraction of salt, and its square: fitted to handbook densities of brine at 20 °C, from memory. */
const LINEAR = 0.7;
const SQUARE = 0.25;

/** Density of brine at 20 °C, kg/L; 26.4 % w/w is about 1.20. */
export function brineDensityKgPerL(pctWw: number): number {
  const w = pctWw / 100;
  return WATER_KG_PER_L + LINEAR * w + SQUARE * w * w;
}

/** A brine said in every way people say it. */
export interface BrineStrength {
  /** g of salt per 100 g of brine. */
  percentWw: number;
  /** g of salt per 100 mL of finished brine at 20 °C. */
  percentWv: number;
  gramsPerLitreWater: number;
  densityKgPerL: number;
}

/** The brine of so much salt in so much water. 10 parts of water to 1 of salt by mass is 9.1 % w/w. */
export function brineOf(waterLitres: number, saltGrams: number): BrineStrength {
  const waterGrams = waterLitres * WATER_KG_PER_L * 1000;
  const percentWw = (100 * saltGrams) / (waterGrams + saltGrams);
  const densityKgPerL = brineDensityKgPerL(percentWw);
  return {
    percentWw,
    percentWv: percentWw * densityKgPerL,
    gramsPerLitreWater: saltGrams / waterLitres,
    densityKgPerL,
  };
}

/** Salt to add to a brine of `litres` so that it comes back from `nowPctWw` to `wantedPctWw`, g. */
export function topUpGrams(litres: number, nowPctWw: number, wantedPctWw: number): number {
  const grams = litres * brineDensityKgPerL(nowPctWw) * 1000;
  return Math.max(0, (grams * (wantedPctWw - nowPctWw)) / (100 - wantedPctWw));
}

/** Salt that makes a brine of `pctWw` of so much water, g. */
export const brineSaltGrams = (waterKg: number, pctWw: number): number =>
  (waterKg * 1000 * pctWw) / (100 - pctWw);

/**
 * Conversions between the units inside (kg, L, °C, min, mol/L, kPa) and the ones people read.
 * Exact by definition unless marked.
 */

/** US liquid gallon: 231 cubic inches of 25.4 mm (NIST SP 811). */
export const LITRES_PER_US_GALLON = 3.785411784;
/** US liquid quart. */
export const LITRES_PER_US_QUART = LITRES_PER_US_GALLON / 4;
/** US customary cup: a sixteenth of a gallon. */
export const ML_PER_CUP = (LITRES_PER_US_GALLON / 16) * 1000;
/** US tablespoon: a sixteenth of a cup. */
export const ML_PER_TABLESPOON = ML_PER_CUP / 16;
/** US teaspoon: a third of a tablespoon, 4.93 mL. */
export const ML_PER_TEASPOON = ML_PER_TABLESPOON / 3;
/** Avoirdupois ounce (NIST SP 811). */
export const GRAMS_PER_OUNCE = 28.349523125;
/** Avoirdupois pound. */
export const KG_PER_POUND = (GRAMS_PER_OUNCE * 16) / 1000;
export const FEET_PER_METRE = 1 / 0.3048;
/** International inch. */
export const MM_PER_INCH = 25.4;
/** Standard gravity, m/s² (NIST SP 330). */
export const GRAVITY = 9.80665;
const KELVIN_AT_0C = 273.15;

/** °C to °F. */
export const fahrenheitOf = (tempC: number): number => (tempC * 9) / 5 + 32;
/** °F to °C. */
export const celsiusOf = (tempF: number): number => ((tempF - 32) * 5) / 9;
/** °C to K. */
export const kelvinOf = (tempC: number): number => tempC + KELVIN_AT_0C;

/** Keeps `value` between `low` and `high`, both included. */
export const clamp = (value: number, low: number, high: number): number =>
  Math.min(high, Math.max(low, value));

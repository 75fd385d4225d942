import type { Species, Treatment } from '../milk/species';
import { expOf } from '../numeric/elementary';
import { clamp } from '../units/measures';

/** What a milk and its additions are to a coagulant. */
export interface Clotting {
  species: Species;
  treatment: Treatment;
  /** IMCU per litre of milk. */
  imcuPerLitre: number;
  tempC: number;
  pH: number;
  /** Calcium added, mmol/L. */
  calciumMmolPerLitre: number;
}

/** Flocculation of 65 IMCU/L in raw cow's milk at 32 °C and pH 6.60, min. Fitted. */
const REFERENCE = { minutes: 12, imcuPerLitre: 65, tempC: 32, pH: 6.6 } as const;

/** Below this pH the enzyme gains no more. From memory. */
const LOWEST_PH = 5.4;

/** Temperature factor on the flocculation time; the enzyme dies above 44 °C. Fitted; calf-type chymosin. */
function heatFactor(tempC: number): number {
  if (tempC < 18) return expOf(-0.105 * (tempC - REFERENCE.tempC)) * expOf(0.35 * (18 - tempC));
  const rising = expOf(-0.105 * (Math.min(tempC, 40) - REFERENCE.tempC));
  return tempC <= 44 ? rising : rising * expOf(0.25 * (tempC - 44));
}

const acidFactor = (pH: number) => expOf(-1.45 * (REFERENCE.pH - Math.max(pH, LOWEST_PH)));
const calciumFactor = (mmolPerLitre: number) => 1 / (1 + 0.16 * mmolPerLitre);

/** Heat ties whey protein to the casein; boiled and ultra-heated milk does not set at all. From memory. */
const TREATMENT_FACTOR: Partial<Record<Treatment, number>> = {
  raw: 1,
  pasteurised: 1.1,
  'high-pasteurised': 1.5,
};
const SPECIES_FACTOR: Record<Species, number> = { cow: 1, goat: 0.85, sheep: 0.65, buffalo: 0.8 };

/** Milk whose curd stays weak and wet, so that calcium goes in: highly heated or homogenised. Common practice. */
export const setsWeakly = ({
  treatment,
  homogenised,
}: {
  treatment: Treatment;
  homogenised: boolean;
}): boolean => treatment === 'high-pasteurised' || homogenised;

/** Whether a coagulant sets this milk at all. */
export const setsWithCoagulant = (treatment: Treatment): boolean => TREATMENT_FACTOR[treatment] !== undefined;

/**
 * Flocculation time, min: 12.0 × (65 / E) × fT × fpH × fCa × ftreat × fsp. Calf-type chymosin; others differ. Infinity for
 * milk that does not set. Worked example: raw cow's milk, 65 IMCU/L, 32 °C, pH 6.60 gives 12.0.
 */
export function flocculationMin(c: Clotting): number {
  const treated = TREATMENT_FACTOR[c.treatment];
  if (treated === undefined) return Number.POSITIVE_INFINITY;
  return (
    REFERENCE.minutes *
    (REFERENCE.imcuPerLitre / c.imcuPerLitre) *
    heatFactor(c.tempC) *
    acidFactor(c.pH) *
    calciumFactor(c.calciumMmolPerLitre) *
    treated *
    SPECIES_FACTOR[c.species]
  );
}

/** Time to cut over flocculation time: 3 by default, 3.5 for homogenised milk, 2 to 4 by make. Common practice. */
export const usualMultiplier = (homogenised: boolean): number => (homogenised ? 3.5 : 3);

/** IMCU per litre that flocculates this milk in the given time, min. */
export const imcuForFlocculation = (c: Omit<Clotting, 'imcuPerLitre'>, minutes: number): number =>
  flocculationMin({ ...c, imcuPerLitre: 1 }) / minutes;

/**
 * Time to a clean cut while temperature and pH change, min: the rate is integrated, and it is done when the integral of
 * dt / t reaches 1. `courseAt` gives temperature and pH at a minute from the dose. Infinity beyond a week.
 */
export function cutMinutesAlong(
  c: Clotting,
  multiplier: number,
  courseAt: (minute: number) => { tempC: number; pH: number },
): number {
  const whole = multiplier * flocculationMin({ ...c, tempC: REFERENCE.tempC, pH: REFERENCE.pH });
  const rateAt = (minute: number) => {
    const { tempC, pH } = courseAt(minute);
    return 1 / (whole * heatFactor(tempC) * acidFactor(pH));
  };
  let done = 0;
  let minute = 0;
  let rate = rateAt(0);
  while (minute < 7 * 1440) {
    const step = clamp(0.025 / rate, 0.05, 15);
    const next = rateAt(minute + step);
    const share = ((rate + next) / 2) * step;
    if (done + share >= 1) return minute + (step * (1 - done)) / share;
    done += share;
    minute += step;
    rate = next;
  }
  return Number.POSITIVE_INFINITY;
}

/** Calcium chloride, 0.02 %, is the most to add: mmol/L anhydrous and as dihydrate. From memory. */
export const MOST_CALCIUM_MMOL_PER_L = 1.8;

import { expOf, lnOf, powOf } from '../numeric/elementary';
/**
 * Draining of hot acid curd through cloth: moisture falls from that of wet curd towards a floor,
 * M(t) = floor + (wet − floor) exp(−(t / τ)^0.7), with τ growing as the ⅔ power of the milk's mass (a bigger bag has a
 * longer way out). The exponents are those of bag draining; wet, floor and τ are fitted to common practice: spoonable
 * in a quarter of an hour, 72 % in about three quarters of an hour at 4 kg of milk, firm overnight.
 */
export interface DrainCurve {
  wetPct: number;
  floorPct: number;
  /** τ at 4 kg of milk, min. */
  tauMin: number;
}

const EXPONENT = 0.7;
const AT_KG = 4;

const tauOf = (curve: DrainCurve, milkKg: number) => curve.tauMin * powOf(milkKg / AT_KG, 2 / 3);

/** Moisture after `minutes`, %. */
export const drainedMoisturePct = (curve: DrainCurve, milkKg: number, minutes: number): number =>
  curve.floorPct +
  (curve.wetPct - curve.floorPct) * expOf(-powOf(Math.max(0, minutes) / tauOf(curve, milkKg), EXPONENT));

/** Minutes to a moisture; Infinity at or below the floor, 0 at or above that of wet curd. */
export function drainMinutes(curve: DrainCurve, milkKg: number, moisturePct: number): number {
  if (moisturePct >= curve.wetPct) return 0;
  if (moisturePct <= curve.floorPct) return Number.POSITIVE_INFINITY;
  const share = (moisturePct - curve.floorPct) / (curve.wetPct - curve.floorPct);
  return tauOf(curve, milkKg) * powOf(-lnOf(share), 1 / EXPONENT);
}

import { cbrtOf, expOf, lnOf, powOf } from '../numeric/elementary';
import { SPECIFIC_HEAT, type Substance } from './mixing';

/** Overall heat loss, W/m²K. Source: from memory. */
export const LOSS_W_PER_M2K = {
  uncoveredNowAndThen: 15,
  lidded: 10,
  towel: 6,
  blanket: 3,
  insulatedBox: 1,
} as const;

/**
 * Heat a middling hob gives a pot of `MIDDLING.litres`, kW. Fitted: 3.8 L of milk reaches 49 °C from the fridge in
 * 20 to 25 min (common practice).
 */
const MIDDLING = { litres: 3.8, kW: 0.53 } as const;

/** A pot on its heat. */
export interface Pot {
  /** m c, kJ/K. */
  capacity: number;
  /** U A, kW/K. */
  lossKwPerK: number;
  powerKw: number;
}

/** Surface of a pot as tall as it is wide that `litres` fill to four fifths, m²; the base, which sits on the heat, left out. */
export function potSurfaceM2(litres: number): number {
  const diameter = cbrtOf((4 * (litres / 0.8) * 1e-3) / Math.PI);
  return Math.PI * diameter * diameter * (0.8 + 0.25);
}

/**
 * A pot of `litres` (mass `kg`) on heat that suits its size: bigger pots get bigger burners, in proportion to their
 * base, so a warming takes longer by about the cube root of the volume. Common practice, fitted at 3.8 L.
 */
export function potOf(
  litres: number,
  kg: number,
  what: Substance = 'milk',
  lossW: number = LOSS_W_PER_M2K.uncoveredNowAndThen,
): Pot {
  return {
    capacity: kg * SPECIFIC_HEAT[what],
    lossKwPerK: (lossW * potSurfaceM2(litres)) / 1000,
    powerKw: MIDDLING.kW * powOf(litres / MIDDLING.litres, 2 / 3),
  };
}

/**
 * Minutes for the lumped pot m c dT/dt = P − U A (T − room) to go from `fromC` to `toC` at `powerKw` (default: the
 * pot's own); Infinity when it never gets there.
 */
export function minutesTo(
  pot: Pot,
  fromC: number,
  toC: number,
  roomC: number,
  powerKw = pot.powerKw,
): number {
  if (fromC === toC) return 0;
  const settlesC = roomC + powerKw / pot.lossKwPerK;
  const ratio = (toC - settlesC) / (fromC - settlesC);
  if (!(ratio > 0 && ratio < 1)) return Number.POSITIVE_INFINITY;
  return (-lnOf(ratio) * pot.capacity) / pot.lossKwPerK / 60;
}

/** Temperature of the lumped pot `minutes` on, °C; `powerKw` 0 is a pot off the heat. */
export function tempAfter(
  pot: Pot,
  fromC: number,
  minutes: number,
  roomC: number,
  powerKw = pot.powerKw,
): number {
  const settlesC = roomC + powerKw / pot.lossKwPerK;
  return settlesC + (fromC - settlesC) * expOf((-minutes * 60 * pot.lossKwPerK) / pot.capacity);
}

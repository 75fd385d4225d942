import { expOf } from '../../core/numeric/elementary';
/** Water with ice round a pot, °C, and the heat of its stirred wall, W/m²K, as the sink bath's stirred one. From memory. */
export const ICE_C = 1;
export const ICE_W_PER_M2K = 250;
/** A hob that is off has given two thirds of what it held after this, min. Common practice. */
const HEAT_LEFT_MIN = 1.5;

/** A hob, what it still gives when it is off, and what of that is left, kJ. */
export interface Afterglow {
  on: boolean;
  holdsKj: number;
  leftKj: number;
}

/** What a hob that is off still gives over some minutes, kW, and what it has left then, kJ; one that is on holds its fill. */
export function afterglow(
  { on, holdsKj, leftKj }: Afterglow,
  minutes: number,
): { kW: number; leftKj: number } {
  if (on) return { kW: 0, leftKj: holdsKj };
  if (leftKj === 0 || minutes <= 0) return { kW: 0, leftKj };
  const given = leftKj * (1 - expOf(-minutes / HEAT_LEFT_MIN));
  return { kW: given / (minutes * 60), leftKj: leftKj - given };
}

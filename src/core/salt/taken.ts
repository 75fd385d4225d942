import { WATER_PER_SALT } from '../curd/nonFat';

/** A cheese on the scale: its mass, its moisture and its salt, kg. */
export interface Salted {
  kg: number;
  waterKg: number;
  saltKg: number;
}

/** At most this share of a curd's water leaves with salt: what is bound stays. From memory. */
const MOST_OF_WATER = 0.8;

/**
 * A curd after `saltKg` of salt has gone in: twice that mass of water leaves it, and what is dissolved in that water.
 * `solutes` per mass of moisture. By hand or in brine, it is the same. Source: Guinee and Fox, from memory.
 *
 * @example salted({ kg: 1, waterKg: 0.5, saltKg: 0 }, 0.02, 0.05) // { kg: 0.978, waterKg: 0.46, saltKg: 0.02 }
 */
export function salted(curd: Salted, saltKg: number, solutes: number): Salted {
  const waterKg = Math.min(WATER_PER_SALT * saltKg, MOST_OF_WATER * curd.waterKg);
  return {
    kg: curd.kg + saltKg - waterKg * (1 + solutes),
    waterKg: curd.waterKg - waterKg,
    saltKg: curd.saltKg + saltKg,
  };
}

/**
 * Salt that must go in for a finished cheese of `percent` salt, kg; nought where there is enough already.
 *
 * @example saltToReach({ kg: 1, waterKg: 0.5, saltKg: 0 }, 2, 0.05) // 0.0192
 */
export function saltToReach(curd: Salted, percent: number, solutes: number): number {
  const share = percent / 100;
  return Math.max(0, (share * curd.kg - curd.saltKg) / (1 - share * (1 - WATER_PER_SALT * (1 + solutes))));
}

/** Salt in moisture, % by mass of the water. */
export const saltInMoisturePct = ({ saltKg, waterKg }: Salted): number =>
  waterKg > 0 ? (100 * saltKg) / waterKg : 0;

/** Share of the salt strewn that stays in curd pressed or drained after it: 50 to 80 %. From memory. */
export const KEPT_WHEN_PRESSED = 0.65;

/**
 * Salt left in a curd that was salted and then pressed or drained, % of the curd's weight as it was strewn.
 *
 * @example saltKeptPct(2, true) // 1.3
 */
export const saltKeptPct = (strewnPct: number, pressedAfter: boolean): number =>
  strewnPct * (pressedAfter ? KEPT_WHEN_PRESSED : 1);

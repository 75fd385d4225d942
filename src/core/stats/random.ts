import { cosOfTurn, lnOf } from '../numeric/elementary';
/** A stream of uniform numbers in [0, 1). */
export type Random = () => number;

/** A small seeded generator (mulberry32; Ettinger, public domain): the same seed gives the same stream everywhere. */
export function seeded(seed: number): Random {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** A standard normal number by Box and Muller (1958), one of the pair. */
export const normal = (random: Random): number => Math.sqrt(-2 * lnOf(1 - random())) * cosOfTurn(random());

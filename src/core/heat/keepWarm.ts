import { LOSS_W_PER_M2K, potOf, tempAfter } from './pot';

/** How a pot may be kept warm, from most to least lossy. */
export const WRAPS = ['lidded', 'towel', 'blanket', 'insulatedBox'] as const;
export type Wrap = (typeof WRAPS)[number];

/** Temperature of `litres` (mass `kg`) kept under a wrap for `minutes`, °C: the lumped pot off the heat. */
export const keptC = (
  litres: number,
  kg: number,
  wrap: Wrap,
  fromC: number,
  roomC: number,
  minutes: number,
): number => tempAfter(potOf(litres, kg, 'milk', LOSS_W_PER_M2K[wrap]), fromC, minutes, roomC, 0);

/** The lightest wrap that keeps the milk within `mostC` of its start over `minutes`; null where none does and it has to be rewarmed. */
export function wrapFor(
  litres: number,
  kg: number,
  fromC: number,
  roomC: number,
  minutes: number,
  mostC: number,
): Wrap | null {
  return (
    WRAPS.find((wrap) => Math.abs(fromC - keptC(litres, kg, wrap, fromC, roomC, minutes)) <= mostC) ?? null
  );
}

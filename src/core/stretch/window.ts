/** How a curd came to stretch: soured by a culture, or by acid poured in. */
export type Soured = 'cultured' | 'direct';

/** pH in which curd stretches. Source: common practice and from memory. */
export const STRETCH_PH: Record<Soured, readonly [low: number, high: number]> = {
  cultured: [5.0, 5.3],
  direct: [5.5, 5.7],
};

/** Core temperature in which curd stretches, °C: below it tears, above it loses fat. Source: common practice and from memory. */
export const STRETCH_CORE_C = [57, 63] as const;

/** The core a stretch aims at, °C: the middle of its window. */
export const AIMED_CORE_C = (STRETCH_CORE_C[0] + STRETCH_CORE_C[1]) / 2;

/** Where a curd stands against its window. */
export function stretchAt(pH: number, soured: Soured): 'not yet' | 'stretches' | 'past' {
  const [low, high] = STRETCH_PH[soured];
  return pH > high ? 'not yet' : pH >= low ? 'stretches' : 'past';
}

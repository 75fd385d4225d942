/** Density of whey at 20 °C, kg/L. Source: from memory. */
export const WHEY_DENSITY_KG_PER_L = 1.025;

export const WHEY_KINDS = ['acid', 'middling', 'sweet'] as const;
export type WheyKind = (typeof WHEY_KINDS)[number];

/** Kind of whey by its pH: acid below 5.2, middling to 6.0, sweet above. Common practice. */
export const wheyKindOf = (pH: number): WheyKind => (pH < 5.2 ? 'acid' : pH <= 6 ? 'middling' : 'sweet');

/** How long whey keeps: sweet, for a second cooking; in the cold, to drink, to bake or as a brine; frozen. Common practice. */
export const WHEY_KEEPS = { sweetHours: 12, coldDays: 7, frozenMonths: 3 } as const;

/**
 * Share of the denatured protein that a second cooking gathers: all of it from sweet whey, falling to next to nothing
 * from acid whey. Common practice; straight between.
 */
export const gatheredShare = (pH: number): number =>
  Math.min(1, Math.max(0.1, 0.1 + (0.9 * (pH - 5.2)) / 0.8));

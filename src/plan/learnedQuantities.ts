/** What finished makes teach of a milk, a product, a pot, a make: factors against the plain model, more than 1 for more of it or faster. */
export const LEARNED_QUANTITIES = [
  'acid-need',
  'coagulant-strength',
  'culture-pace',
  'power',
  'drain-pace',
  'yield',
] as const;
export type LearnedQuantity = (typeof LEARNED_QUANTITIES)[number];

/** How far one owner strays from its group, the group from others, and a single batch: of the natural logarithm. */
export interface Strays {
  own: number;
  /** Of all makes of a kitchen, or of all lots of one product. */
  group: number;
  batch: number;
}

/** What is held of a quantity before any make. Fitted on simulated kitchens with steady quirks. */
export const STRAYS: Readonly<Record<LearnedQuantity, Strays>> = {
  'acid-need': { own: 0.08, group: 0, batch: 0.03 },
  'coagulant-strength': { own: 0.15, group: 0.2, batch: 0.08 },
  'culture-pace': { own: 0.13, group: 0.15, batch: 0.08 },
  power: { own: 0.17, group: 0, batch: 0.06 },
  'drain-pace': { own: 0.08, group: 0.2, batch: 0.11 },
  yield: { own: 0.04, group: 0.05, batch: 0.012 },
};

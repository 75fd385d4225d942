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

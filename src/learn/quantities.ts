import { BATCH_SD, LEARNED_QUANTITIES, type LearnedQuantity } from '../plan/belief';

/** Whose a quantity is. */
export const LEARNED_OF = ['milk', 'coagulant', 'culture', 'pot', 'method'] as const;
export type LearnedOf = (typeof LEARNED_OF)[number];

/** What is held of a quantity before any make: all of natural logarithms, in standard deviations. */
export interface Prior {
  of: LearnedOf;
  /** How far one owner strays from its kind, and the whole kitchen from others. */
  own: number;
  kitchen: number;
  /** How far a single batch strays. */
  batch: number;
  /** Half of what is forgotten is forgotten after so many days; this share of it stays for good. Null for what does not change. */
  forgets: { days: number; stays: number } | null;
  /** From which change on anybody would feel it. */
  felt: number;
}

/** Priors, fitted on simulated kitchens with steady quirks. */
const PRIOR: Readonly<Record<LearnedQuantity, Omit<Prior, 'batch'>>> = {
  'acid-need': { of: 'milk', own: 0.08, kitchen: 0, forgets: { days: 120, stays: 0.4 }, felt: 0.03 },
  'coagulant-strength': {
    of: 'coagulant',
    own: 0.25,
    kitchen: 0,
    forgets: { days: 200, stays: 0.6 },
    felt: 0.1,
  },
  'culture-pace': { of: 'culture', own: 0.2, kitchen: 0, forgets: { days: 120, stays: 0.4 }, felt: 0.1 },
  power: { of: 'pot', own: 0.17, kitchen: 0, forgets: null, felt: 0.1 },
  'drain-pace': { of: 'method', own: 0.08, kitchen: 0.2, forgets: null, felt: 0.1 },
  yield: { of: 'method', own: 0.04, kitchen: 0.05, forgets: null, felt: 0.03 },
};

export const priorOf = (quantity: LearnedQuantity): Prior => ({
  ...PRIOR[quantity],
  batch: BATCH_SD[quantity],
});
export { LEARNED_QUANTITIES, type LearnedQuantity };

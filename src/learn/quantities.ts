import { LEARNED_QUANTITIES, type LearnedQuantity, STRAYS, type Strays } from '../plan/learnedQuantities';

/** Whose a quantity is. */
export const LEARNED_OF = ['milk', 'coagulant', 'culture', 'pot', 'method'] as const;
export type LearnedOf = (typeof LEARNED_OF)[number];

/** What is held of a quantity before any make: all of natural logarithms, in standard deviations. */
export interface Prior extends Strays {
  of: LearnedOf;
  /** Who tells of one another: all makes of a kitchen, lots of the same name, or nobody. */
  alike: 'kitchen' | 'name' | null;
  /** Half of what is forgotten is forgotten after so many days; this share of it stays for good. Null for what does not change. */
  forgets: { days: number; stays: number } | null;
  /** From which change on anybody would feel it. */
  felt: number;
}

/** Whose each is, how it is forgotten, and from when on it is felt. */
const PRIOR: Readonly<Record<LearnedQuantity, Omit<Prior, keyof Strays>>> = {
  'acid-need': { of: 'milk', alike: null, forgets: { days: 120, stays: 0.4 }, felt: 0.03 },
  'coagulant-strength': {
    of: 'coagulant',
    alike: 'name',
    forgets: { days: 200, stays: 0.6 },
    felt: 0.1,
  },
  'culture-pace': { of: 'culture', alike: 'name', forgets: { days: 120, stays: 0.4 }, felt: 0.1 },
  power: { of: 'pot', alike: null, forgets: null, felt: 0.1 },
  'drain-pace': { of: 'method', alike: 'kitchen', forgets: null, felt: 0.1 },
  yield: { of: 'method', alike: 'kitchen', forgets: null, felt: 0.03 },
};

export const priorOf = (quantity: LearnedQuantity): Prior => ({
  ...PRIOR[quantity],
  ...STRAYS[quantity],
});
export { LEARNED_QUANTITIES, type LearnedQuantity };

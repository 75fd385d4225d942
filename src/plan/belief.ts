import { hypotOf, powOf } from '../core/numeric/elementary';
import { LEARNED_QUANTITIES, type LearnedQuantity, STRAYS } from './learnedQuantities';
import { type Departure, NO_DEPARTURE } from './world';

export { LEARNED_QUANTITIES, type LearnedQuantity, STRAYS };

/** What is held of one quantity: the likely factor, how far it may be off (of its natural logarithm), and whose it is. */
export interface Held {
  likely: number;
  sdLn: number;
  of: string;
  id: string;
  makes: number;
}
export type Belief = Readonly<Partial<Record<LearnedQuantity, Held>>>;

/** The 10th and 90th percentiles lie so many standard deviations off the middle. */
export const Z90 = 1.2816;

/** Where a quantity enters the world: as it is, or turned about. */
const ENTERS: Readonly<Record<LearnedQuantity, readonly [key: keyof Departure, power: 1 | -1]>> = {
  'acid-need': ['acidStrength', -1],
  'coagulant-strength': ['coagulantStrength', 1],
  'culture-pace': ['culturePace', 1],
  power: ['power', 1],
  'drain-pace': ['drainPace', -1],
  yield: ['yieldFactor', 1],
};

/**
 * What else feeds a figure that has been learned, and how far that strays from batch to batch alone: its steady part is in what was
 * learned, and would be counted twice. As the inputs themselves, absolute or relative.
 */
const FEEDS: Readonly<Record<LearnedQuantity, Partial<Record<keyof Departure, number>>>> = {
  'acid-need': { pH: 0.015 },
  'coagulant-strength': {},
  'culture-pace': { cultureActivity: 0.05 },
  power: {},
  'drain-pace': {},
  yield: { fatPct: 0.08, proteinPct: 0.05, fatRetention: 0.003, caseinRetention: 0.002, wheyRetention: 0.02 },
};

/** The world as it is expected to be: the plain one, moved by what has been learned. */
export function expectedWorld(belief: Belief): Departure {
  const world = { ...NO_DEPARTURE };
  for (const quantity of LEARNED_QUANTITIES) {
    const held = belief[quantity];
    const [key, power] = ENTERS[quantity];
    if (held) world[key] *= powOf(held.likely, power);
  }
  world.coagulantBelieved = world.coagulantStrength;
  return world;
}

/** How far the logarithm of an input of the spread strays once something has been learned; null where nothing that was learned touches it. */
export function strayOf(belief: Belief, key: keyof Departure): number | null {
  for (const quantity of LEARNED_QUANTITIES) {
    const held = belief[quantity];
    if (held && ENTERS[quantity][0] === key) return hypotOf(held.sdLn, STRAYS[quantity].batch);
  }
  return null;
}

/** The most an input may stray where what it feeds has been learned. */
export function mostStray(belief: Belief, key: keyof Departure): number {
  return Math.min(
    ...LEARNED_QUANTITIES.map((quantity) =>
      belief[quantity] ? (FEEDS[quantity][key] ?? Number.POSITIVE_INFINITY) : Number.POSITIVE_INFINITY,
    ),
  );
}

/** Inputs that stand in the spread only once they have been learned, as the maker calls them. */
export const ONLY_LEARNED: readonly (readonly [
  LearnedQuantity,
  keyof Departure,
  on: string,
  sharpenBy: string,
])[] = [
  ['acid-need', 'acidStrength', 'acid this milk takes', 'note the acid until the whey is clear'],
  ['culture-pace', 'culturePace', 'pace of the culture', 'measure the pH once after four hours'],
  ['yield', 'yieldFactor', 'what such makes come to here', 'weigh a few more'],
];

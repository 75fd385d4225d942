import type { KnownMilk } from '../../kitchen/milk';
import type { Brief } from '../../plan/brief/schema';
import type { Departure } from '../../plan/world';
import type { FindingId } from '../../run/noted';
import type { Went } from '../../sim/enact';

/** A make of the invented dairy: what was planned, how it went, and how it tasted. */
export interface Past {
  name: string;
  method: string;
  milk: number;
  litres: number;
  acid?: NonNullable<Brief['acid']>;
  options?: NonNullable<Brief['options']>;
  treatment?: KnownMilk['treatment'];
  daysAgo: number;
  hour: number;
  tastings: { hoursLater: number; score: number; text: string; found?: FindingId[] }[];
  went?: Went;
  /** What was otherwise that day than it is in this kitchen. */
  day?: Partial<Departure>;
}

/** The first six: ricotta, pot cheese and paneer. */
export const PAST: readonly Past[] = [
  {
    name: 'Market ricotta',
    method: 'whole-milk-ricotta',
    milk: 0,
    litres: 12,
    acid: { kind: 'citric' },
    daysAgo: 32,
    hour: 8,
    tastings: [
      { hoursLater: 2, score: 3, text: 'Sweet, a bit wet still.' },
      { hoursLater: 20, score: 4, text: 'Firmed overnight. Sold out by noon.' },
    ],
  },
  {
    name: 'Lemon pot cheese',
    method: 'warm-acid-pot-cheese',
    milk: 1,
    litres: 6,
    acid: { kind: 'lemon' },
    options: { setC: 52 },
    daysAgo: 27,
    hour: 14,
    tastings: [{ hoursLater: 1, score: 3, text: 'Plainly lemon; good with honey, odd with herbs.' }],
  },
  {
    name: 'Ricotta for tarts',
    method: 'whole-milk-ricotta',
    milk: 0,
    litres: 12,
    acid: { kind: 'citric' },
    options: { moisturePct: 69, saltPct: 0 },
    daysAgo: 20,
    hour: 7,
    tastings: [{ hoursLater: 3, score: 4, text: 'Holds its shape in the tin.' }],
  },
  {
    name: 'Paneer for the towpath',
    method: 'paneer',
    milk: 0,
    litres: 10,
    acid: { kind: 'vinegar', strengthPct: 5 },
    daysAgo: 17,
    hour: 9,
    tastings: [{ hoursLater: 5, score: 4, text: 'Cuts clean, no vinegar left after the rinse.' }],
  },
  {
    name: 'Goat pot cheese',
    method: 'warm-acid-pot-cheese',
    milk: 1,
    litres: 8,
    acid: { kind: 'citric' },
    options: { rinses: 1 },
    daysAgo: 11,
    hour: 15,
    tastings: [
      { hoursLater: 2, score: 2, text: 'Rubbery at the edge: the pot was hotter than the probe said.' },
    ],
  },
  {
    name: 'Market ricotta',
    method: 'whole-milk-ricotta',
    milk: 0,
    litres: 14,
    acid: { kind: 'citric' },
    options: { setC: 88 },
    daysAgo: 4,
    hour: 8,
    tastings: [
      { hoursLater: 2, score: 4, text: 'Tender. Took more acid than planned again.' },
      { hoursLater: 24, score: 5, text: 'Best this autumn.' },
    ],
  },
];

/** The one under way. */
export const RUNNING: Past = {
  name: 'Friday ricotta',
  method: 'whole-milk-ricotta',
  milk: 0,
  litres: 12,
  acid: { kind: 'citric' },
  daysAgo: 0,
  hour: 0,
  tastings: [],
};

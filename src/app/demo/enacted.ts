import { normal, seeded } from '../../core/stats/random';
import type { KnownMilk } from '../../files/milk';
import { resolveBrief } from '../../plan/brief/resolve';
import type { Brief } from '../../plan/brief/schema';
import { planBrief } from '../../plan/plan';
import type { MakeEvent } from '../../run/events';
import { enact } from '../../sim/enact';
import { type Quirks, realBatch } from '../../sim/quirks';
import { MILKS } from './milks';

/** What the two milks are beyond what their tests say, in the order of the milks. */
const QUIRKS: readonly Quirks['milk'][] = [
  { pH: 0.04, proteinPct: 0.08 },
  { pH: -0.02, fatPct: -0.15 },
];

/** The big enamel pot: its hob is weak, its thermometer reads low, and the cloth is fine. */
const BIG_POT: Quirks['pot'] = { power: 0.86, probeOffC: 1.4, drainPace: 1.25, fatRetention: -0.012 };

interface Past {
  name: string;
  method: string;
  milk: number;
  litres: number;
  acid: NonNullable<Brief['acid']>;
  options?: Record<string, number>;
  daysAgo: number;
  hour: number;
  tastings: { hoursLater: number; score: number; text: string }[];
}

const PAST: Past[] = [
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

const HOUR = 3_600_000;
const SEED = 20_241;
/** The make under way has been so for this long, ms. */
const UNDER_WAY_MS = 62 * 60_000;

const RUNNING: Past = {
  name: 'Friday ricotta',
  method: 'whole-milk-ricotta',
  milk: 0,
  litres: 12,
  acid: { kind: 'citric' },
  daysAgo: 0,
  hour: 0,
  tastings: [],
};

/** A make of the demo, its times counted from its own beginning. */
export interface EnactedMake {
  id: string;
  /** When it began: so many days before the day the demo is laid, at that hour; null for the one under way. */
  began: { daysAgo: number; hour: number } | null;
  /** How long it has been under way, ms; nought for those that are over. */
  underWayMs: number;
  events: MakeEvent[];
}

function briefFor(past: Past, milk: KnownMilk): Brief {
  const { species, fatPct, proteinPct, treatment, homogenised, startC, pricePerLitre, pH } = milk;
  return {
    format: 'plump-pail/brief',
    version: 1,
    method: past.method,
    milk: {
      species,
      fatPct,
      proteinPct,
      treatment,
      homogenised,
      startC,
      litres: past.litres,
      ...(pH !== null && { pH }),
      ...(pricePerLitre !== null && { pricePerLitre }),
    },
    acid: past.acid,
    roomC: 18,
    currency: '€',
    ...(past.options && { options: past.options }),
  };
}

/** The events of one invented make, with its tastings. */
function eventsOf(past: Past, random: () => number, startAt: number, until?: number): MakeEvent[] {
  const milk = MILKS[past.milk] as KnownMilk;
  const brief = briefFor(past, milk);
  const ready = resolveBrief(brief);
  const planned = planBrief(brief);
  if (!ready.ok || !planned.ok) throw new Error(`the demo's ${past.name} cannot be planned`);
  const depart = realBatch({ milk: QUIRKS[past.milk] as Quirks['milk'], pot: BIG_POT }, () => normal(random));
  const { events, endsAt } = enact(ready.value, planned.value, depart, past.name, milk.name, startAt, until);
  if (until === undefined) {
    for (const { hoursLater, score, text } of past.tastings) {
      events.push({
        type: 'tasted',
        seq: events.length,
        at: Math.round(endsAt + hoursLater * HOUR),
        score,
        text,
      });
    }
  }
  return events;
}

/** Every make of the demo, enacted; the same each time. */
export function enactedDemo(): EnactedMake[] {
  const random = seeded(SEED);
  const past = PAST.map(
    (one, index): EnactedMake => ({
      id: `demo-make-${index + 1}`,
      began: { daysAgo: one.daysAgo, hour: one.hour },
      underWayMs: 0,
      events: eventsOf(one, random, 0),
    }),
  );
  return [
    ...past,
    {
      id: 'demo-make-running',
      began: null,
      underWayMs: UNDER_WAY_MS,
      events: eventsOf(RUNNING, random, 0, UNDER_WAY_MS),
    },
  ];
}

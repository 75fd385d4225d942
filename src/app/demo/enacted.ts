import { normal, seeded } from '../../core/stats/random';
import type { KnownMilk } from '../../kitchen/milk';
import { learnFrom } from '../../learn/learn';
import { type Taught, taughtBy } from '../../learn/samples';
import type { Brief } from '../../plan/brief/schema';
import { MODEL_VERSION } from '../../plan/modelVersion';
import { planBrief } from '../../plan/plan';
import { eventSchema, type MakeEvent } from '../../run/events';
import { SUMMARY_VERSION, type Summary } from '../../run/line';
import { stateOf } from '../../run/state';
import { summaryOf } from '../../run/summary';
import { enact } from '../../sim/enact';
import { type Quirks, realBatch } from '../../sim/quirks';
import type { KeptLearning } from '../../store/db';
import { learnedRow } from '../../store/learned';
import { FAMILIES_PAST } from './families';
import { GOODS } from './goods';
import { MILKS } from './milks';
import { PAST, type Past, RUNNING } from './past';

/** What all of it was made with and in. */
const SOURCES = { coagulant: 'demo-liquid', culture: 'demo-mesophile', pot: 'demo-pot-big' } as const;

/** What the two milks are beyond what their tests say, in the order of the milks. */
const QUIRKS: readonly Quirks['milk'][] = [
  { pH: 0.04, proteinPct: 0.08, acidStrength: 1 / 1.08 },
  { pH: -0.02, fatPct: -0.15 },
];

/** The big enamel pot: its hob is weak, its thermometer reads low, the cloth is fine,
 * and the bottle that goes with it has lost a fifth of its strength. */
const BIG_POT: Quirks['pot'] = {
  coagulantStrength: 0.78,
  power: 0.86,
  probeOffC: 1.4,
  drainPace: 1.25,
  fatRetention: -0.012,
};

const HOUR = 3_600_000;
const SEED = 20_241;
/** The make under way has been so for this long, ms. */
const UNDER_WAY_MS = 62 * 60_000;

/** A make of the demo, its times counted from its own beginning. */
export interface EnactedMake {
  id: string;
  /** When it began: so many days before the day the demo is laid, at that hour; null for the one under way. */
  began: { daysAgo: number; hour: number } | null;
  /** How long it has been under way, ms; nought for those that are over. */
  underWayMs: number;
  events: MakeEvent[];
  /** What stands beside its log, its times counted like those of the log, its day from the day the demo is laid; null while it runs. */
  beside: { summary: Summary; taught: Taught | null } | null;
}

/** The demo as it is laid: opened for the first time, there is nothing left to sum up or to learn. */
export interface EnactedDemo {
  makes: EnactedMake[];
  /** What they teach together, as it is kept. */
  learned: KeptLearning;
  /** By which reckonings what stands beside the logs is. */
  by: { summaries: number; taught: number };
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
    ...(past.acid && { acid: past.acid }),
    roomC: 18,
    sources: SOURCES,
    currency: '€',
    ...(past.options && { options: past.options }),
  };
}

/** The events of one invented make, with its tastings. */
function eventsOf(past: Past, random: () => number, startAt: number, until?: number): MakeEvent[] {
  const milk = MILKS[past.milk] as KnownMilk;
  const brief = briefFor(past, milk);
  const planned = planBrief(brief);
  if (!planned.ok) throw new Error(`the demo's ${past.name} cannot be planned`);
  const depart = realBatch({ milk: QUIRKS[past.milk] as Quirks['milk'], pot: BIG_POT }, () => normal(random));
  const { events, endsAt } = enact(planned.value, { ...depart, ...past.day }, past.name, milk.name, startAt, {
    ...past.went,
    until,
  });
  if (until === undefined) {
    for (const { hoursLater, score, text, found } of past.tastings) {
      events.push({
        type: 'tasted',
        seq: events.length,
        at: Math.round(endsAt + hoursLater * HOUR),
        score,
        text,
        ...(found && { found }),
      });
    }
  }
  return events;
}

/** An event as it may stand in a log; nobody reads it again before it is laid. */
const asLogged = (event: MakeEvent): MakeEvent => eventSchema.parse(withJar(event));

/** A demo make took its acid from the big jar. */
function withJar(event: MakeEvent): MakeEvent {
  if (event.type !== 'started') return event;
  const acid =
    event.plan.brief.acid?.kind === 'citric'
      ? event.plan.doses.find((dose) => dose.id === 'acid')
      : undefined;
  const jar = GOODS[0];
  if (!acid || !jar) return event;
  return {
    ...event,
    taken: [{ goodId: jar.id, dose: 'acid', name: jar.name, lot: jar.lot, grams: acid.grams }],
  };
}

function overMake(past: Past, id: string, random: () => number): EnactedMake {
  const events = eventsOf(past, random, 0).map(asLogged);
  const state = stateOf(events);
  const taught = taughtBy(id, state);
  return {
    id,
    began: { daysAgo: past.daysAgo, hour: past.hour },
    underWayMs: 0,
    events,
    beside: { summary: summaryOf(id, state), taught: taught && { ...taught, day: -past.daysAgo } },
  };
}

/** The demo, enacted; the same each time. */
export function enactedDemo(): EnactedDemo {
  const random = seeded(SEED);
  const enacted = (all: readonly Past[], from: number, chance: () => number) =>
    all.map((one, index) => overMake(one, `demo-make-${from + index}`, chance));
  const first = enacted(PAST, 1, random);
  const running: EnactedMake = {
    id: 'demo-make-running',
    began: null,
    underWayMs: UNDER_WAY_MS,
    events: eventsOf(RUNNING, random, 0, UNDER_WAY_MS).map(asLogged),
    beside: null,
  };
  const makes = [...first, running, ...enacted(FAMILIES_PAST, PAST.length + 1, seeded(SEED + 1))];
  const over = makes.flatMap(({ beside }) => beside ?? []);
  return {
    makes,
    learned: learnedRow(over.length, learnFrom(over.flatMap(({ taught }) => taught ?? []))),
    by: { summaries: SUMMARY_VERSION, taught: MODEL_VERSION },
  };
}

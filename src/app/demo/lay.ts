import { format } from 'date-fns';
import { normal, seeded } from '../../core/stats/random';
import type { KnownMilk } from '../../files/milk';
import { resolveBrief } from '../../plan/brief/resolve';
import type { Brief } from '../../plan/brief/schema';
import { planBrief } from '../../plan/plan';
import type { MakeEvent } from '../../run/events';
import { enact } from '../../sim/enact';
import { type Quirks, realBatch } from '../../sim/quirks';
import type { Database } from '../../store/db';
import type { Clock } from '../../store/ports';
import { FIRST_DRAFT } from '../../store/slices/draft';
import { GOODS } from './goods';
import { demoKitchen } from './kitchen';

/**
 * Tumbledrum Lock, an invented two-room dairy beside a canal, which makes for a Friday towpath market. Its two
 * neighbours, their herds and everything that went right or wrong are made up; the quirks behind the figures are
 * steady, so that they could be learned.
 */
const MILKS: (KnownMilk & { quirks: Quirks['milk'] })[] = [
  {
    id: 'demo-milk-sallow',
    name: 'Sallow Reach cows',
    farm: 'Sallow Reach',
    litres: 40,
    species: 'cow',
    fatPct: 4.1,
    proteinPct: 3.35,
    treatment: 'pasteurised',
    homogenised: false,
    pH: null,
    startC: 6,
    pricePerLitre: 1.1,
    quirks: { pH: 0.04, proteinPct: 0.08 },
  },
  {
    id: 'demo-milk-teasel',
    name: 'Teasel Bank goats',
    farm: 'Teasel Bank',
    litres: 15,
    species: 'goat',
    fatPct: 3.6,
    proteinPct: 3.05,
    treatment: 'pasteurised',
    homogenised: false,
    pH: 6.62,
    startC: 8,
    pricePerLitre: 1.9,
    quirks: { pH: -0.02, fatPct: -0.15 },
  },
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
  const milk = MILKS[past.milk] as (typeof MILKS)[number];
  const brief = briefFor(past, milk);
  const ready = resolveBrief(brief);
  const planned = planBrief(brief);
  if (!ready.ok || !planned.ok) throw new Error(`the demo's ${past.name} cannot be planned`);
  const depart = realBatch({ milk: milk.quirks, pot: BIG_POT }, () => normal(random));
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

/** The thermometers at Tumbledrum Lock want checking again. */
const CHECKED_DAYS_AGO = 38;

/** Midnight of the machine's own day. */
const dayStart = (wall: number): number => wall - (wall % (24 * HOUR));

/** Lays the demo out relative to the clock, once; later openings find it as it was left. */
export async function layDemo(db: Database, clock: Clock): Promise<void> {
  if (await db.settings.get('demo-laid')) return;
  const now = clock.wall();
  const random = seeded(SEED);
  const makes = PAST.map((past, index) => ({
    id: `demo-make-${index + 1}`,
    events: eventsOf(past, random, dayStart(now) - past.daysAgo * 24 * HOUR + past.hour * HOUR),
  }));
  const came = format(dayStart(now) - 24 * HOUR, 'yyyy-MM-dd');
  const running: Past = {
    name: 'Friday ricotta',
    method: 'whole-milk-ricotta',
    milk: 0,
    litres: 12,
    acid: { kind: 'citric' },
    daysAgo: 0,
    hour: 0,
    tastings: [],
  };
  makes.push({
    id: 'demo-make-running',
    events: eventsOf(running, random, now - 62 * 60_000, now).map((event) => withMilk(event, came)),
  });
  for (const make of makes) make.events = make.events.map(withJar);
  const milks = MILKS.map(({ quirks: _, ...milk }): KnownMilk => ({ ...milk, day: came }));
  const milk = milks[0] as KnownMilk;
  const draft = {
    ...FIRST_DRAFT,
    milkId: milk.id,
    fields: {
      ...FIRST_DRAFT.fields,
      litres: { value: 12, text: null },
      fatPct: { value: milk.fatPct, text: null },
      proteinPct: { value: 3.54, text: null },
      startC: { value: milk.startC, text: null },
      pricePerLitre: { value: milk.pricePerLitre, text: null },
    },
  };
  await db.transaction('rw', [db.makes, db.events, db.milks, db.goods, db.settings], async () => {
    await db.settings.put({ key: 'demo-laid', value: now });
    await db.settings.put({
      key: 'kitchen',
      value: demoKitchen(format(dayStart(now) - CHECKED_DAYS_AGO * 24 * HOUR, 'yyyy-MM-dd')),
    });
    await db.settings.put({ key: 'draft', value: draft });
    await db.milks.bulkPut(milks);
    await db.goods.bulkPut(GOODS);
    for (const { id, events } of makes) {
      await db.makes.put({ id });
      await db.events.bulkPut(events.map((event) => ({ ...event, makeId: id })));
    }
  });
}

/** The make under way is of yesterday's milk; the lots of the earlier ones are used up and off the shelf. */
function withMilk(event: MakeEvent, day: string): MakeEvent {
  const milk = MILKS.find((one) => event.type === 'started' && one.name === event.milkName);
  if (event.type !== 'started' || !milk) return event;
  return {
    ...event,
    milks: [{ id: milk.id, name: milk.name, day, litres: event.plan.brief.milk.litres ?? 0 }],
  };
}

/** A demo make took its acid from the big jar, and its salt from the bag. */
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

/** Throws everything away and lays the demo out anew. */
export async function startOver(db: Database, clock: Clock): Promise<void> {
  await db.transaction('rw', [db.makes, db.events, db.milks, db.goods, db.photos, db.settings], async () => {
    await Promise.all([
      db.photos.clear(),
      db.makes.clear(),
      db.events.clear(),
      db.milks.clear(),
      db.goods.clear(),
      db.settings.clear(),
    ]);
  });
  await layDemo(db, clock);
}

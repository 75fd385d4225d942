import { format } from 'date-fns';
import type { KnownMilk } from '../../kitchen/milk';
import type { MakeEvent } from '../../run/events';
import type { Database } from '../../store/db';
import { learnedRow } from '../../store/learned';
import type { Clock } from '../../store/ports';
import { FIRST_DRAFT } from '../../store/slices/draft';
import type { EnactedDemo, EnactedMake } from './enacted';
import { GOODS } from './goods';
import { demoKitchen } from './kitchen';
import { MILKS } from './milks';
import { demoWishes } from './week';

/** Where the enacted makes come from: they are made when the app is built. */
export type LoadDemo = () => Promise<EnactedDemo>;

const HOUR = 3_600_000;

/** Days after today that the milk of Tumbledrum Lock may still go onto the heat: over the market on Friday. */
const LASTS_DAYS = 6;
/** The thermometers at Tumbledrum Lock want checking again. */
const CHECKED_DAYS_AGO = 38;

/** Midnight of the machine's own day. */
const dayStart = (wall: number): number => wall - (wall % (24 * HOUR));

const dayOf = (now: number, days: number) => format(dayStart(now) + days * 24 * HOUR, 'yyyy-MM-dd');

/** Puts the demo's kitchen, milks, shelf and first plan in their places, once, relative to `now`, wall ms. */
export async function layKitchen(db: Database, now: number): Promise<void> {
  await db.transaction('rw', [db.milks, db.goods, db.settings], async () => {
    if (await db.settings.get('kitchen')) return;
    const milks = MILKS.map(
      (milk): KnownMilk => ({ ...milk, day: dayOf(now, -1), useBy: dayOf(now, LASTS_DAYS) }),
    );
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
    await db.settings.bulkPut([
      { key: 'kitchen', value: demoKitchen(dayOf(now, -CHECKED_DAYS_AGO)) },
      { key: 'draft', value: draft },
      { key: 'week', value: demoWishes(now) },
    ]);
    await db.milks.bulkPut(milks);
    await db.goods.bulkPut(GOODS);
  });
}

/** A make as it is laid: what is told from its own beginning or from the day it is laid gets its place in time. */
function placed({ id, began, underWayMs, events, beside }: EnactedMake, now: number) {
  const startAt = began ? dayStart(now) - began.daysAgo * 24 * HOUR + began.hour * HOUR : now - underWayMs;
  const laid = events.map((event) => {
    const at: MakeEvent = { ...event, at: event.at + startAt };
    return { ...(began ? at : withMilk(at, dayOf(now, -1))), makeId: id };
  });
  if (!beside) return { id, events: laid, beside };
  const { summary, taught } = beside;
  return {
    id,
    events: laid,
    beside: {
      summary: {
        ...summary,
        startedAt: summary.startedAt + startAt,
        endedAt: summary.endedAt === null ? null : summary.endedAt + startAt,
        tasteAt: summary.tasteAt.map((at) => at + startAt),
      },
      taught: taught && { ...taught, day: taught.day + dayStart(now) / (24 * HOUR) },
    },
  };
}

/**
 * Puts the demo's makes in the book and on the heat, once, relative to `now`, wall ms; later openings find them as they were left. They
 * were read by their schemas when they were enacted, and what is reckoned from their logs lies beside them.
 */
export async function layMakes(db: Database, now: number, load: LoadDemo): Promise<void> {
  if (await db.settings.get('demo-laid')) return;
  const { makes, learning, by } = await load();
  const { raw } = db;
  const tables = [raw.makes, raw.events, raw.settings, raw.summaries, raw.taught, raw.learned];
  await raw.transaction('rw', tables, async () => {
    // Another window may have laid them meanwhile, and somebody noted something.
    if (await raw.settings.get('demo-laid')) return;
    await raw.settings.put({ key: 'demo-laid', value: now });
    await raw.makes.bulkPut(makes.map(({ id }) => ({ id })));
    const over = [];
    // One at a time: whoever types already is not held up by all of them.
    for (const make of makes) {
      const { id, events, beside } = placed(make, now);
      await raw.events.bulkPut(events);
      if (beside) over.push({ id, events: events.length, ...beside });
    }
    await raw.summaries.bulkPut(over.map(({ taught: _, ...row }) => ({ ...row, by: by.summaries })));
    await raw.taught.bulkPut(over.map(({ summary: _, ...row }) => ({ ...row, by: by.taught })));
    await raw.learned.put(learnedRow(over.length, learning, by.learned));
  });
}

/** Lays the whole demo out. */
export async function layDemo(db: Database, clock: Clock, load: LoadDemo): Promise<void> {
  await layKitchen(db, clock.wall());
  await layMakes(db, clock.wall(), load);
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

/** Throws everything away and lays the demo out anew. */
export async function startOver(db: Database, clock: Clock, load: LoadDemo): Promise<void> {
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
  await layDemo(db, clock, load);
}

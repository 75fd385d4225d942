import { format } from 'date-fns';
import type { KnownMilk } from '../../kitchen/milk';
import type { MakeEvent } from '../../run/events';
import type { Database } from '../../store/db';
import type { Clock } from '../../store/ports';
import { FIRST_DRAFT } from '../../store/slices/draft';
import type { EnactedMake } from './enacted';
import { GOODS } from './goods';
import { demoKitchen } from './kitchen';
import { MILKS } from './milks';
import { demoWishes } from './week';

/** Where the enacted makes come from: they are made when the app is built. */
export type LoadDemo = () => Promise<EnactedMake[]>;

const HOUR = 3_600_000;

/** Days after today that the milk of Tumbledrum Lock may still go onto the heat: over the market on Friday. */
const LASTS_DAYS = 6;
/** The thermometers at Tumbledrum Lock want checking again. */
const CHECKED_DAYS_AGO = 38;

/** Midnight of the machine's own day. */
const dayStart = (wall: number): number => wall - (wall % (24 * HOUR));

/** Lays the demo out relative to the clock, once; later openings find it as it was left. */
export async function layDemo(db: Database, clock: Clock, load: LoadDemo): Promise<void> {
  if (await db.settings.get('demo-laid')) return;
  const now = clock.wall();
  const onDay = (days: number) => format(dayStart(now) + days * 24 * HOUR, 'yyyy-MM-dd');
  const came = onDay(-1);
  const makes = (await load()).map(({ id, began, underWayMs, events }) => {
    const startAt = began ? dayStart(now) - began.daysAgo * 24 * HOUR + began.hour * HOUR : now - underWayMs;
    const laid = events.map((event): MakeEvent => ({ ...event, at: event.at + startAt }));
    return { id, events: began ? laid : laid.map((event) => withMilk(event, came)) };
  });
  for (const make of makes) make.events = make.events.map(withJar);
  const milks = MILKS.map((milk): KnownMilk => ({ ...milk, day: came, useBy: onDay(LASTS_DAYS) }));
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
    await db.settings.put({ key: 'week', value: demoWishes(now) });
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

import type Dexie from 'dexie';
import type { MakeEvent } from '../../run/events';
import { DAY_MS, dayOf, dayStart, HOUR_MS } from './days';
import type { EnactedDemo, EnactedMake } from './enacted';
import { MILKS } from './milks';

/** Where the enacted makes come from: they are made when the app is built. */
export type LoadDemo = () => Promise<EnactedDemo>;

export const loadDemo: LoadDemo = async () => (await fetch('/demo.json')).json();

/** The make under way is of yesterday's milk; the lots of the earlier ones are used up and off the shelf. */
function withMilk(event: MakeEvent, day: string): MakeEvent {
  const milk = MILKS.find((one) => event.type === 'started' && one.name === event.milkName);
  if (event.type !== 'started' || !milk) return event;
  return {
    ...event,
    milks: [{ id: milk.id, name: milk.name, day, litres: event.plan.brief.milk.litres ?? 0 }],
  };
}

/** A make as it is laid: what is told from its own beginning or from the day it is laid gets its place in time. */
function placedAt({ id, began, underWayMs, events, beside }: EnactedMake, now: number) {
  const startAt = began ? dayStart(now) - began.daysAgo * DAY_MS + began.hour * HOUR_MS : now - underWayMs;
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
      taught: taught && { ...taught, day: taught.day + dayStart(now) / DAY_MS },
    },
  };
}

/**
 * Puts the demo's makes in the book and on the heat, once, relative to `now`, wall ms; later openings find them as they were left. They
 * were read by their schemas when they were enacted, and what is reckoned from their logs lies beside them.
 */
export async function layMakes(db: Dexie, now: number, load: LoadDemo): Promise<void> {
  const { makes, learned, by } = await load();
  const tables = ['makes', 'events', 'settings', 'summaries', 'taught', 'learned'];
  await db.transaction('rw', tables, async () => {
    // Another window may have laid them meanwhile, and somebody noted something.
    if (await db.table('settings').get('demo-laid')) return;
    await db.table('settings').put({ key: 'demo-laid', value: now });
    const placed = makes.map((make) => placedAt(make, now));
    await db.table('makes').bulkPut(placed.map(({ id }) => ({ id })));
    await db.table('events').bulkPut(placed.flatMap(({ events }) => events));
    const over = placed.flatMap(({ id, events, beside }) =>
      beside ? [{ id, events: events.length, ...beside }] : [],
    );
    await db.table('summaries').bulkPut(over.map(({ taught: _, ...row }) => ({ ...row, by: by.summaries })));
    await db.table('taught').bulkPut(over.map(({ summary: _, ...row }) => ({ ...row, by: by.taught })));
    await db.table('learned').put(learned);
  });
}

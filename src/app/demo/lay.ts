import { wrap } from 'comlink';
import type { KnownMilk } from '../../kitchen/milk';
import type { Database } from '../../store/db';
import type { Clock } from '../../store/ports';
import { FIRST_DRAFT } from '../../store/slices/draft';
import { dayOf } from './days';
import { GOODS } from './goods';
import { demoKitchen } from './kitchen';
import type { LayApi } from './lay.worker';
import { type LoadDemo, layMakes, loadDemo } from './layMakes';
import { MILKS } from './milks';
import { demoWishes } from './week';

/** Days after today that the milk of Tumbledrum Lock may still go onto the heat: over the market on Friday. */
const LASTS_DAYS = 6;
/** The thermometers at Tumbledrum Lock want checking again. */
const CHECKED_DAYS_AGO = 38;

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

/** Has the demo's makes laid, once, in a worker: the page goes on answering meanwhile. Rejects where that breaks off. */
export async function makesLaid(db: Database, now: number): Promise<void> {
  if (await db.settings.get('demo-laid')) return;
  const worker = new Worker(new URL('./lay.worker.ts', import.meta.url), { type: 'module' });
  try {
    await new Promise<void>((resolve, reject) => {
      worker.addEventListener('error', () => reject(new Error('the demo’s makes could not be laid')));
      wrap<LayApi>(worker).lay(db.name, now).then(resolve, reject);
    });
  } finally {
    worker.terminate();
  }
}

/** Lays the whole demo out. */
export async function layDemo(db: Database, clock: Clock, load: LoadDemo): Promise<void> {
  await layKitchen(db, clock.wall());
  await layMakes(db.raw, clock.wall(), load);
}

/** Throws everything away and lays the demo out anew. */
export async function startOver(db: Database, clock: Clock, load = loadDemo): Promise<void> {
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

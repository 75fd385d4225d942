import type { OptionValues } from '../makes/method';
import { scaledBy } from '../plan/larger';
import type { MakeEvent } from '../run/events';
import { frozen } from '../run/frozen';
import { objection } from '../run/objection';
import { stageAt, stateOf } from '../run/state';
import type { Database } from './db';
import { readLog } from './log';

/**
 * Parts the curd of a running make: `share` of it stays, the rest goes on as a make of its own with the same past,
 * each by a plan for its own half, the rest with other options where some are given. Resolves to why it cannot be, or null when both are on the disk.
 */
export async function partCurd(
  db: Database,
  id: string,
  share: number,
  other: { id: string; name: string; options?: OptionValues },
  at: number,
): Promise<string | null> {
  return db.transaction('rw', db.makes, db.events, async (): Promise<string | null> => {
    const log = await readLog(db, id);
    const state = stateOf(log);
    const stays = scaledBy(state, share);
    if (!stays || !scaledBy(state, 1 - share))
      return 'That leaves less than a plan can be made for: take a larger share.';
    const goes = scaledBy(state, 1 - share, other.options);
    if (!goes) return 'The rest cannot be made that way: choose otherwise.';
    const split = (half: typeof stays, part: number, otherId: string) => ({
      type: 'split' as const,
      share: part,
      otherId,
      ...frozen(half),
    });
    const reason = objection(state, split(stays, share, other.id));
    if (reason) return reason;
    if (goes.plan.stages[state.index]?.id !== stageAt(state).id)
      return 'The rest would have gone another way before this: part it at another stage.';
    const seq = log.length;
    await db.events.add({ ...split(stays, share, other.id), seq, at, makeId: id });
    await db.makes.add({ id: other.id });
    // What came off the shelf stays booked with the first half.
    const past = log.map((event): MakeEvent => {
      if (event.type !== 'started') return event;
      const { taken: _, milks: __, ...started } = event;
      return { ...started, name: other.name };
    });
    await db.events.bulkAdd(
      [...past, { ...split(goes, 1 - share, id), seq, at } as MakeEvent].map((event) => ({
        ...event,
        makeId: other.id,
      })),
    );
    return null;
  });
}

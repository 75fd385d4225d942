import { expose } from 'comlink';
import { learnFrom } from '../learn/learn';
import type { Learning } from '../learn/learnt';
import { type Taught, taughtBy } from '../learn/samples';
import { setOwnMethods } from '../makes';
import type { Method } from '../makes/method';
import type { MakeEvent } from '../run/events';
import { stateOf } from '../run/state';

/** What makes taught, by make: a cache, made again from the logs whenever it is gone. */
const taught = new Map<string, Taught>();

const api = {
  /** Takes in the logs that are new or have grown, lets go of makes that are no longer there, and says what all of them teach. */
  learn(
    changed: readonly { id: string; events: readonly MakeEvent[] }[],
    ids: readonly string[],
    own: readonly Method[],
  ): Learning {
    setOwnMethods(own);
    for (const { id, events } of changed) {
      const one = taughtBy(id, stateOf(events));
      if (one) taught.set(id, one);
      else taught.delete(id);
    }
    const here = new Set(ids);
    for (const id of taught.keys()) if (!here.has(id)) taught.delete(id);
    return learnFrom([...taught.values()]);
  },
};
export type LearnerApi = typeof api;

expose(api);

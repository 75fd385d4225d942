import { configureStore, createListenerMiddleware, createSelector, isAnyOf } from '@reduxjs/toolkit';
import { liveQuery } from 'dexie';
import { useDispatch, useSelector } from 'react-redux';
import { setOwnMethods } from '../makes';
import type { Method } from '../makes/method';
import { methodSchema } from '../makes/methodSchema';
import type { MakeEvent } from '../run/events';
import { isOver, type MakeState, stateOf } from '../run/state';
import type { Database, SettingKey } from './db';
import { bare } from './log';
import type { Clock } from './ports';
import { bringInWaiting, keepSettings } from './settings';
import { alarmAnswered, alarmSnoozed, alarmsRead, alarmsReducer } from './slices/alarms';
import { dataReducer, goodsRead, logsRead, methodsRead, milksRead } from './slices/data';
import {
  choiceSet,
  draftChanged,
  draftReducer,
  draftSet,
  fieldsSet,
  optionSet,
  textsDropped,
} from './slices/draft';
import { kitchenChanged, kitchenRead, kitchenReducer, kitchenSet } from './slices/kitchen';
import { reckonerFilled, reckonerReducer, reckonerSet } from './slices/reckoner';
import type { WindowName } from './window';

/** The store, kept in step with the database: settings are written as they change, data is read as it changes. */
export function createStore(db: Database, clock: Clock, { id }: WindowName) {
  const keep = (values: readonly [SettingKey, unknown][]) =>
    keepSettings(db, globalThis.localStorage, values, clock.wall(), id);
  const listener = createListenerMiddleware();
  const store = configureStore({
    reducer: {
      kitchen: kitchenReducer,
      draft: draftReducer,
      data: dataReducer,
      reckoner: reckonerReducer,
      alarms: alarmsReducer,
    },
    middleware: (usual) =>
      usual({ serializableCheck: false, immutableCheck: false }).prepend(listener.middleware),
  });
  listener.startListening({
    matcher: isAnyOf(kitchenSet, kitchenChanged),
    effect: async (_action, api) => {
      await keep([['kitchen', (api.getState() as State).kitchen]]);
    },
  });
  listener.startListening({
    matcher: isAnyOf(draftSet, draftChanged, fieldsSet, optionSet, choiceSet, textsDropped),
    effect: async (_action, api) => {
      // Each window keeps its own draft; a new window begins with the latest.
      const value = (api.getState() as State).draft;
      await keep([
        ['draft', value],
        [`draft:${id}`, value],
      ]);
    },
  });
  listener.startListening({
    matcher: isAnyOf(alarmAnswered, alarmSnoozed),
    effect: async (_action, api) => {
      await keep([['alarms', (api.getState() as State).alarms]]);
    },
  });
  listener.startListening({
    actionCreator: reckonerFilled,
    effect: async (_action, api) => {
      await keep([['reckoner', (api.getState() as State).reckoner]]);
    },
  });
  return store;
}

export type Store = ReturnType<typeof createStore>;
export type State = ReturnType<Store['getState']>;

/** Reads what was kept into the store, then follows the database, whichever window writes to it. */
export async function follow(db: Database, store: Store, mine: WindowName): Promise<void> {
  const takeMethods = (methods: Method[]) => {
    setOwnMethods(methods.filter((method) => methodSchema.safeParse(method).success));
    store.dispatch(methodsRead(methods));
  };
  // Before the first draw, since the draft may be a plan of one of them.
  takeMethods((await db.methods.toArray()).map((row) => row.method));
  await bringInWaiting(db, globalThis.localStorage);
  const [kitchen, draft, reckoner, alarms] = await Promise.all([
    db.kitchen(),
    db.draft(mine),
    db.reckoner(),
    db.alarms(),
  ]);
  if (alarms) store.dispatch(alarmsRead(alarms));
  if (kitchen) store.dispatch(kitchenRead(kitchen));
  if (draft) store.dispatch(draftSet(draft));
  if (reckoner) store.dispatch(reckonerSet(reckoner));
  liveQuery(() => db.goods.toArray()).subscribe((goods) => store.dispatch(goodsRead(goods)));
  liveQuery(() => db.methods.toArray()).subscribe((rows) => takeMethods(rows.map((row) => row.method)));
  liveQuery(() => db.milks.toArray()).subscribe((milks) => store.dispatch(milksRead(milks)));
  liveQuery(async () => ({
    by: (await db.settings.get('kitchen'))?.by,
    kitchen: await db.kitchen(),
  })).subscribe(({ by, kitchen }) => {
    // What this window wrote, it has, and perhaps a newer one that is still being written.
    if (by !== mine.id && kitchen) store.dispatch(kitchenRead(kitchen));
  });
  liveQuery(() => db.alarms()).subscribe((alarms) => alarms && store.dispatch(alarmsRead(alarms)));
  const known = new Map<string, MakeEvent[]>();
  let restored: unknown;
  liveQuery(async () => {
    const mark = (await db.settings.get('restored'))?.value;
    if (mark !== restored) known.clear();
    restored = mark;
    // A log only ever grows: the keys tell which events are new, and only those are read.
    const keys = (await db.events.orderBy('[makeId+seq]').primaryKeys()) as [string, number][];
    const lengths = new Map<string, number>();
    for (const [makeId] of keys) lengths.set(makeId, (lengths.get(makeId) ?? 0) + 1);
    for (const [makeId, log] of known) if ((lengths.get(makeId) ?? 0) < log.length) known.delete(makeId);
    const missing = keys.filter(([makeId, seq]) => seq >= (known.get(makeId)?.length ?? 0));
    const rows = await db.events.bulkGet(missing);
    const grown = new Map<string, MakeEvent[]>();
    for (const row of rows) {
      if (!row) continue;
      const log = grown.get(row.makeId) ?? [...(known.get(row.makeId) ?? [])];
      // Another run may have read the same rows meanwhile: each has its place, and takes it once.
      if (row.seq !== log.length) continue;
      log.push(bare(row));
      grown.set(row.makeId, log);
    }
    for (const [makeId, log] of grown) known.set(makeId, log);
    return Object.fromEntries(known);
  }).subscribe((logs) => store.dispatch(logsRead(logs)));
}

export const useAppSelector = useSelector.withTypes<State>();
export const useAppDispatch = useDispatch.withTypes<Store['dispatch']>();

export interface MakeView {
  id: string;
  state: MakeState;
}

const states = new WeakMap<readonly MakeEvent[], MakeState>();
const stateFor = (log: readonly MakeEvent[]): MakeState => {
  const known = states.get(log);
  if (known) return known;
  const state = stateOf(log);
  states.set(log, state);
  return state;
};

/** Every make as its log tells it, latest start first. */
export const selectMakes = createSelector([(state: State) => state.data.logs], (logs): MakeView[] =>
  Object.entries(logs)
    .map(([id, log]) => ({ id, state: stateFor(log) }))
    .sort((a, b) => b.state.startedAt - a.state.startedAt),
);
export const selectRunning = createSelector([selectMakes], (makes) =>
  makes.filter(({ state }) => !isOver(state)).sort((a, b) => a.state.startedAt - b.state.startedAt),
);
export const selectOver = createSelector([selectMakes], (makes) =>
  makes.filter(({ state }) => isOver(state)),
);

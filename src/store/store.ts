import { configureStore, createListenerMiddleware, createSelector, isAnyOf } from '@reduxjs/toolkit';
import { shallowEqual, useDispatch, useSelector, useStore } from 'react-redux';
import type { Summary } from '../run/line';
import { allUsed } from '../run/uses';
import type { Database, SettingKey } from './db';
import type { MakeView } from './folded';
import type { Clock } from './ports';
import { keepSettings } from './settings';
import { alarmAnswered, alarmSnoozed, alarmsReducer } from './slices/alarms';
import { dataReducer } from './slices/data';
import {
  choiceSet,
  draftChanged,
  draftReducer,
  draftSet,
  fieldsSet,
  optionSet,
  textsDropped,
} from './slices/draft';
import { kitchenChanged, kitchenReducer, kitchenSet } from './slices/kitchen';
import { learningReducer } from './slices/learning';
import { reckonerFilled, reckonerReducer } from './slices/reckoner';
import { weekReducer, weekUndone, wishChanged, wished, wishLeft } from './slices/week';
import type { WindowName } from './window';

/**
 * The store, kept in step with the database: settings are written as they change, data is read as it changes. `tell`
 * hears of what could not be written; `mayWrite` resolves when a page that draws what changed has done so.
 */
export function createStore(
  db: Database,
  clock: Clock,
  { id }: WindowName,
  tell: (error: unknown) => void = () => undefined,
  mayWrite?: () => Promise<void>,
) {
  const keeper = { room: globalThis.localStorage, by: id, ...(mayWrite && { mayWrite }) };
  const keep = (values: readonly [SettingKey, unknown][]) =>
    keepSettings(db, keeper, values, clock.wall()).catch(tell);
  const listener = createListenerMiddleware();
  const store = configureStore({
    reducer: {
      kitchen: kitchenReducer,
      draft: draftReducer,
      data: dataReducer,
      reckoner: reckonerReducer,
      alarms: alarmsReducer,
      learning: learningReducer,
      week: weekReducer,
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
    matcher: isAnyOf(wished, wishChanged, wishLeft, weekUndone),
    effect: async (_action, api) => {
      await keep([['week', (api.getState() as State).week.wishes]]);
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

export const useAppSelector = useSelector.withTypes<State>();
export const useAppDispatch = useDispatch.withTypes<Store['dispatch']>();
/** For what is looked up only when something is pressed. */
export const useAppStore = useStore.withTypes<Store>();

/** Everything that is here and cannot be read. */
export const selectAside = createSelector([(state: State) => state.data.aside], (aside) =>
  Object.values(aside).flat(),
);

/** Makes that run, earliest start first. */
export const selectRunning = createSelector([(state: State) => state.data.atHand], (makes): MakeView[] =>
  makes.filter(({ line }) => line.endedAt === null),
);
/** Every make in one line, latest start first. */
export const selectLines = createSelector(
  [(state: State) => state.data.atHand, (state: State) => state.data.summaries],
  (makes, summaries): Summary[] =>
    [...makes.map(({ line }) => line), ...Object.values(summaries)].sort((a, b) => b.startedAt - a.startedAt),
);
/** Every make that is over in one line, latest start first; the same list while none of them changes. */
export const selectOver = createSelector(
  [selectLines],
  (lines) => lines.filter((line) => line.endedAt !== null),
  {
    memoizeOptions: { resultEqualityCheck: shallowEqual },
  },
);
/** What all makes used, of goods in g, and of lots of milk in L. */
export const selectUsed = createSelector([selectLines], (lines) => ({
  goods: allUsed(lines.map(({ goods }) => goods)),
  milks: allUsed(lines.map(({ milks }) => milks)),
}));

import { createAction, createSlice, type PayloadAction, type UnknownAction } from '@reduxjs/toolkit';
import type { Good } from '../../kitchen/goods';
import type { KnownMilk } from '../../kitchen/milk';
import type { Method } from '../../makes/method';
import type { Summary } from '../../run/line';
import type { Aside } from '../aside';
import type { MakeView } from '../folded';
import type { Logs, Summaries } from '../readMakes';

/** A make whose log is at hand, with what it comes to in one line. */
export interface AtHand extends MakeView {
  line: Summary;
}

/** What Dexie holds, mirrored for drawing; rebuilt from it at any time. */
interface Data {
  loaded: boolean;
  /** Logs of the makes that are at hand: those that run, or are over and not yet summed up. */
  logs: Logs;
  /** Those makes as their logs tell them, earliest start first. */
  atHand: readonly AtHand[];
  /** Makes that are over, a line each. */
  summaries: Summaries;
  milks: KnownMilk[];
  goods: Good[];
  /** The maker's own makes as they stand, faulty or not. */
  methods: Method[];
  /** What is here and cannot be read, by where it was found. */
  aside: Record<string, Aside[]>;
}

const initialState: Data = {
  loaded: false,
  logs: {},
  atHand: [],
  summaries: {},
  milks: [],
  goods: [],
  methods: [],
  aside: {},
};

const slice = createSlice({
  name: 'data',
  initialState,
  reducers: {
    asideRead: (state, { payload }: PayloadAction<{ from: string; aside: Aside[] }>) => {
      if (payload.aside.length > 0 || state.aside[payload.from]?.length)
        state.aside[payload.from] = payload.aside;
    },
    methodsRead: (state, action: PayloadAction<Method[]>) => {
      state.methods = action.payload;
    },
    goodsRead: (state, action: PayloadAction<Good[]>) => {
      state.goods = action.payload;
    },
    milksRead: (state, action: PayloadAction<KnownMilk[]>) => {
      state.milks = action.payload;
    },
  },
});

export const { asideRead, goodsRead, methodsRead, milksRead } = slice.actions;
export const makesRead = createAction<{ logs: Logs; atHand: readonly AtHand[]; summaries: Summaries }>(
  'data/makesRead',
);

/** Makes that are over, known before those that run have been read. */
export const overRead = createAction<Summaries>('data/overRead');

/** Makes that run, known before those that are over have been read. */
export const runningRead = createAction<{ logs: Logs; atHand: readonly AtHand[] }>('data/runningRead');

/**
 * Logs and lines are taken as they come, frozen at their top: they are large, and never changed here. One that is unchanged comes with
 * the identity it had, so that nothing drawn from it is computed again.
 */
export function dataReducer(state: Data | undefined, action: UnknownAction): Data {
  if (overRead.match(action)) {
    const over = Object.freeze(action.payload);
    const { atHand, logs, ...rest } = state ?? initialState;
    const held = Object.entries(logs);
    const still = held.filter(([id]) => !(id in over));
    // What is over is no longer at hand as well.
    return {
      ...rest,
      summaries: over,
      logs: still.length === held.length ? logs : Object.freeze(Object.fromEntries(still)),
      atHand: Object.freeze(atHand.filter(({ id }) => !(id in over))),
    };
  }
  if (runningRead.match(action)) {
    const { logs, atHand } = action.payload;
    return { ...(state ?? initialState), logs: Object.freeze(logs), atHand: Object.freeze(atHand) };
  }
  if (!makesRead.match(action)) return slice.reducer(state, action);
  const { logs, atHand, summaries } = action.payload;
  return {
    ...(state ?? initialState),
    loaded: true,
    logs: Object.freeze(logs),
    atHand: Object.freeze(atHand),
    summaries: Object.freeze(summaries),
  };
}

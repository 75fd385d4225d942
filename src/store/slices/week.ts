import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { WeekWishes, WishOf } from '../../files/weekWishes';

/** What is wanted in the weeks, as it was said; where it stands is reckoned anew. The last states before, to go back to. */
export interface WeekState {
  wishes: WeekWishes;
  before: WeekWishes[];
}

const MOST_BEFORE = 50;
const initialState: WeekState = { wishes: [], before: [] };

const changed = (state: WeekState, wishes: WeekWishes): WeekState => ({
  wishes,
  before: [...state.before, state.wishes].slice(-MOST_BEFORE),
});

const slice = createSlice({
  name: 'week',
  initialState,
  reducers: {
    weekRead: (state, { payload }: PayloadAction<WeekWishes>) => ({ ...state, wishes: payload }),
    wished: (state, { payload }: PayloadAction<WishOf>) => changed(state, [...state.wishes, payload]),
    wishChanged: (state, { payload }: PayloadAction<{ id: string; change: Partial<WishOf> }>) =>
      changed(
        state,
        state.wishes.map((wish) => (wish.id === payload.id ? { ...wish, ...payload.change } : wish)),
      ),
    wishLeft: (state, { payload }: PayloadAction<string>) =>
      changed(
        state,
        state.wishes.filter((wish) => wish.id !== payload),
      ),
    weekUndone: (state) => ({
      wishes: state.before.at(-1) ?? state.wishes,
      before: state.before.slice(0, -1),
    }),
  },
});

export const { weekRead, weekUndone, wishChanged, wished, wishLeft } = slice.actions;
export const weekReducer = slice.reducer;

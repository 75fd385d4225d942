import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** What stands in the reckoner's forms, by computation, as typed; survives a reload. */
export type Reckoner = Record<string, Record<string, unknown>>;

const slice = createSlice({
  name: 'reckoner',
  initialState: {} as Reckoner,
  reducers: {
    reckonerSet: (_state, action: PayloadAction<Reckoner>) => action.payload,
    reckonerFilled: (state, action: PayloadAction<{ name: string; filled: Record<string, unknown> }>) => ({
      ...state,
      [action.payload.name]: action.payload.filled,
    }),
  },
});

export const { reckonerSet, reckonerFilled } = slice.actions;
export const reckonerReducer = slice.reducer;

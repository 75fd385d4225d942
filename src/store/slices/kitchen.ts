import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Kitchen } from '../../kitchen/kitchen';
import { USUAL_KITCHEN } from '../../kitchen/usual';

const slice = createSlice({
  name: 'kitchen',
  initialState: USUAL_KITCHEN,
  reducers: {
    kitchenSet: (_state, action: PayloadAction<Kitchen>) => ({ ...USUAL_KITCHEN, ...action.payload }),
    /** As another window has it, or as it was kept. */
    kitchenRead: (_state, action: PayloadAction<Kitchen>) => ({ ...USUAL_KITCHEN, ...action.payload }),
    kitchenChanged: (state, action: PayloadAction<Partial<Kitchen>>) => ({ ...state, ...action.payload }),
  },
});

export const { kitchenSet, kitchenRead, kitchenChanged } = slice.actions;
export const kitchenReducer = slice.reducer;

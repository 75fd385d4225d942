import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Learning } from '../../learn/learnt';

/** What finished makes have taught, as the worker last said; and whether plans are shown without it. */
interface LearningState {
  learning: Learning | null;
  plain: boolean;
}

const initialState: LearningState = { learning: null, plain: false };

const slice = createSlice({
  name: 'learning',
  initialState,
  reducers: {
    learningRead: (state, action: PayloadAction<Learning>) => ({ ...state, learning: action.payload }),
    plainShown: (state, action: PayloadAction<boolean>) => ({ ...state, plain: action.payload }),
  },
});

export const { learningRead, plainShown } = slice.actions;
export const learningReducer = slice.reducer;

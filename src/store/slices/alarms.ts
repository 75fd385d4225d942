import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** Alarms that were answered or put to sleep in this window. */
interface AlarmState {
  answered: string[];
  snoozedUntil: Record<string, number>;
}

const slice = createSlice({
  name: 'alarms',
  initialState: { answered: [], snoozedUntil: {} } as AlarmState,
  reducers: {
    alarmAnswered: (state, action: PayloadAction<string>) => {
      state.answered.push(action.payload);
    },
    alarmSnoozed: (state, action: PayloadAction<{ key: string; until: number }>) => {
      state.snoozedUntil[action.payload.key] = action.payload.until;
    },
  },
});

export const { alarmAnswered, alarmSnoozed } = slice.actions;
export const alarmsReducer = slice.reducer;

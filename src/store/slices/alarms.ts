import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** Alarms that were answered or put to sleep. */
export interface AlarmState {
  answered: string[];
  snoozedUntil: Record<string, number>;
}

/** Older answers are to alarms that no longer are. */
const MOST_KEPT = 300;

const slice = createSlice({
  name: 'alarms',
  initialState: { answered: [], snoozedUntil: {} } as AlarmState,
  reducers: {
    alarmsSet: (_state, action: PayloadAction<AlarmState>) => action.payload,
    alarmAnswered: (state, action: PayloadAction<string>) => {
      state.answered = [...state.answered, action.payload].slice(-MOST_KEPT);
    },
    alarmSnoozed: (state, action: PayloadAction<{ key: string; until: number }>) => {
      state.snoozedUntil[action.payload.key] = action.payload.until;
    },
  },
});

export const { alarmAnswered, alarmSnoozed, alarmsSet } = slice.actions;
export const alarmsReducer = slice.reducer;

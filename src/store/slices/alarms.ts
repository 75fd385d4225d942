import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** Alarms that were answered or put to sleep. */
export interface AlarmState {
  answered: string[];
  snoozedUntil: Record<string, number>;
}

/** Older answers are to alarms that no longer are. */
const MOST_KEPT = 300;

/** What two windows have answered and put to sleep, together. */
export function joinedAlarms(one: AlarmState, other: AlarmState): AlarmState {
  const snoozedUntil = { ...one.snoozedUntil };
  for (const [key, until] of Object.entries(other.snoozedUntil))
    snoozedUntil[key] = Math.max(until, snoozedUntil[key] ?? until);
  return { answered: [...new Set([...one.answered, ...other.answered])].slice(-MOST_KEPT), snoozedUntil };
}

const slice = createSlice({
  name: 'alarms',
  initialState: { answered: [], snoozedUntil: {} } as AlarmState,
  reducers: {
    /** What was answered and put to sleep in another window, or before the page was opened, joins what was here. */
    alarmsRead: (state, action: PayloadAction<AlarmState>) => joinedAlarms(action.payload, state),
    alarmAnswered: (state, action: PayloadAction<string>) => {
      state.answered = [...state.answered, action.payload].slice(-MOST_KEPT);
    },
    alarmSnoozed: (state, action: PayloadAction<{ key: string; until: number }>) => {
      state.snoozedUntil[action.payload.key] = action.payload.until;
    },
  },
});

export const { alarmAnswered, alarmSnoozed, alarmsRead } = slice.actions;
export const alarmsReducer = slice.reducer;

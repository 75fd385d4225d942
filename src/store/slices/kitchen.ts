import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { UnitChoice } from '../../core/units/format';
import type { Kitchen } from '../../files/kitchen';

export const USUAL_KITCHEN: Kitchen = {
  temperature: 'C',
  volume: 'L',
  mass: 'g',
  decimal: '.',
  proteinBasis: 'crude',
  roomC: 20,
  altitudeM: 0,
  currency: '',
  look: 'as the machine',
  sound: true,
  spoken: false,
  roomNightC: null,
  tapC: null,
  fridgeC: null,
  asleepFrom: 23,
  asleepTo: 6,
  awayFrom: null,
  awayTo: null,
  hands: 1,
  pots: [],
  hobs: [],
  moulds: [],
  thermometers: [],
  press: 'none',
  dropMl: 0.05,
  smallestSpoon: '1/8',
};

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

export const unitsOf = ({ temperature, volume, mass, decimal, lacks }: Kitchen): UnitChoice => ({
  temperature,
  volume,
  mass,
  decimal,
  ...(lacks && { lacks }),
});

import type { UnitChoice } from '../core/units/format';
import type { Kitchen } from './kitchen';

/** A kitchen of which nobody has said anything. */
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

/** The units a kitchen speaks in. */
export const unitsOf = ({ temperature, volume, mass, decimal, lacks }: Kitchen): UnitChoice => ({
  temperature,
  volume,
  mass,
  decimal,
  ...(lacks && { lacks }),
});

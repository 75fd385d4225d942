import { formatter } from '../core/units/format';
import { zoneClock } from '../schedule/clock';
import type { Says } from '../schedule/ownHours';
import { type Ready, readyWeek } from '../schedule/week';
import type { AskedWeek } from './ports';

/** A week that was asked for, ready to be laid. */
export const readyAsked = ({ zone, names: _names, units: _units, ...week }: AskedWeek): Ready =>
  readyWeek({ ...week, clock: zoneClock(zone) });

/** How it is spoken of: by the maker's names and units. */
export const saysOfAsked = ({ names, units }: Pick<AskedWeek, 'names' | 'units'>): Says => {
  const format = formatter(units);
  return { name: (id) => names[id] ?? id, litres: (litres) => format.litres(litres) };
};

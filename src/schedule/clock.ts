import { wallMinutes } from '../core/units/wallTime';

/**
 * The kitchen clock beside real minutes: a wait lasts real minutes, people sleep and come by the clock on the wall. Both count from the
 * same midnight long ago, so that without summer time they are one.
 */
export interface WeekClock {
  /** Real minutes of a wall minute; of an hour that is left out, those of the next one; of one that comes twice, the first. */
  real(wallMin: number): number;
  wall(realMin: number): number;
}

/** A clock that is never put forward or back. */
export const PLAIN_CLOCK: WeekClock = { real: (minute) => minute, wall: (minute) => minute };

/**
 * The clock of a place that has summer time, by its name in the IANA time zone database.
 *
 * @throws RangeError for a name that is none
 * @example zoneClock('Europe/Berlin').real(wallMinutes('2026-03-29T03:00')) // the minute after 01:59
 */
export function zoneClock(zone: string): WeekClock {
  const parts = new Intl.DateTimeFormat('en-GB', {
    timeZone: zone,
    hourCycle: 'h23',
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
  });
  const offsets = new Map<number, number>();
  /** Minutes that the wall clock is ahead of real ones, in the quarter of an hour. */
  const offsetAt = (realMin: number): number => {
    const quarter = Math.floor(realMin / 15);
    const known = offsets.get(quarter);
    if (known !== undefined) return known;
    const of = Object.fromEntries(
      parts.formatToParts(quarter * 15 * 60_000).map(({ type, value }) => [type, value]),
    );
    const wall = wallMinutes(`${of.year}-${of.month}-${of.day}T${of.hour}:${of.minute}`) ?? quarter * 15;
    const offset = wall - quarter * 15;
    offsets.set(quarter, offset);
    return offset;
  };
  return {
    wall: (realMin) => realMin + offsetAt(realMin),
    real: (wallMin) => {
      const [before, after] = [offsetAt(wallMin - 1440), offsetAt(wallMin + 1440)];
      const first = wallMin - Math.max(before, after);
      // In the hour that is left out neither fits: then what it would have been before the change.
      if (first + offsetAt(first) === wallMin) return first;
      const second = wallMin - Math.min(before, after);
      return second;
    },
  };
}

import { type Clock, HASTENED } from '../store/ports';

/** The one clock: nothing else asks the machine for the time. */
export const machineClock: Clock = {
  wall: () => Date.now(),
  mono: () => performance.now(),
};

const KEY = 'hastened-ms';

/** The demo's clock: the machine's, and what was hastened past, which outlives a reload. */
export function hastenedClock(): Clock {
  let ahead = Number(localStorage.getItem(KEY) ?? 0) || 0;
  return {
    wall: () => machineClock.wall() + ahead,
    mono: () => machineClock.mono() + ahead,
    hasten(ms) {
      ahead += ms;
      localStorage.setItem(KEY, String(ahead));
      window.dispatchEvent(new Event(HASTENED));
    },
  };
}

/** Sets the demo's clock right again. */
export const forgetHaste = (): void => localStorage.removeItem(KEY);

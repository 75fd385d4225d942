import type { Clock } from '../store/ports';

/** The one clock: nothing else asks the machine for the time. */
export const machineClock: Clock = {
  wall: () => Date.now(),
  mono: () => performance.now(),
};

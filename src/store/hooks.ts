import { useEffect, useState, useSyncExternalStore } from 'react';
import { type Format, formatter } from '../core/units/format';
import type { Kitchen } from '../kitchen/kitchen';
import { unitsOf } from '../kitchen/usual';
import { HASTENED, usePorts } from './ports';
import { useAppSelector } from './store';

/**
 * The wall clock, read again every `everyMs` at its round figures, and at once when the page comes back into view: what counts down in two
 * places says the same in both, and a minute turns when it does on the wall.
 */
export function useNow(everyMs = 1000): number {
  const { clock } = usePorts();
  const [now, setNow] = useState(() => clock.wall());
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout>;
    const wait = () => {
      // Not at once again, where a clock stands still just before.
      timer = setTimeout(tick, Math.max(everyMs / 10, everyMs - (clock.wall() % everyMs)));
    };
    const look = () => setNow(clock.wall());
    const tick = () => {
      look();
      wait();
    };
    // A clock that has been put on is round at other times than before.
    const hastened = () => {
      clearTimeout(timer);
      tick();
    };
    wait();
    document.addEventListener('visibilitychange', look);
    window.addEventListener(HASTENED, hastened);
    return () => {
      clearTimeout(timer);
      document.removeEventListener('visibilitychange', look);
      window.removeEventListener(HASTENED, hastened);
    };
  }, [clock, everyMs]);
  return now;
}

const formats = new WeakMap<Kitchen, Format>();

/** How a kitchen writes quantities: one for all that writes, made once for each kitchen. */
function formatOf(kitchen: Kitchen): Format {
  const known = formats.get(kitchen);
  if (known) return known;
  const format = formatter(unitsOf(kitchen));
  formats.set(kitchen, format);
  return format;
}

/** Writes quantities in the kitchen's units. */
export const useFormat = (): Format => useAppSelector((state) => formatOf(state.kitchen));

/** Whether the screen is narrower than a tablet's; the breakpoint of the look. */
const PHONE = '(max-width: 47.99rem)';

const watchPhone = (changed: () => void) => {
  const narrow = matchMedia(PHONE);
  narrow.addEventListener('change', changed);
  return () => narrow.removeEventListener('change', changed);
};

/** Whether it is a phone's screen, followed as it is turned. */
export const useIsPhone = (): boolean => useSyncExternalStore(watchPhone, () => matchMedia(PHONE).matches);

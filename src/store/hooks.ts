import { useEffect, useState, useSyncExternalStore } from 'react';
import { type Format, formatter } from '../core/units/format';
import type { Kitchen } from '../kitchen/kitchen';
import { unitsOf } from '../kitchen/usual';
import { HASTENED, usePorts } from './ports';
import { useAppSelector } from './store';

/** The wall clock, read again every `everyMs`, and at once when the page comes back into view. */
export function useNow(everyMs = 1000): number {
  const { clock } = usePorts();
  const [now, setNow] = useState(() => clock.wall());
  useEffect(() => {
    const tick = () => setNow(clock.wall());
    const timer = setInterval(tick, everyMs);
    document.addEventListener('visibilitychange', tick);
    window.addEventListener(HASTENED, tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', tick);
      window.removeEventListener(HASTENED, tick);
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

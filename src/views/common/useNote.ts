import { useCallback, useRef } from 'react';
import type { NewEvent } from '../../run/events';
import { append } from '../../store/log';
import { usePorts } from '../../store/ports';
import { whyNot } from '../../store/whyNot';
import { say } from './written';

/** A second tap within this time on the same thing is the same tap, ms. */
const ONE_TAP_MS = 700;

/**
 * Writes events of one make; resolves to whether it was written. Nothing shows as noted before it is on the disk. What is pressed while
 * something else is being written is written after it: no button rests for that, since a press on one that rests would be lost.
 */
export function useNote(makeId: string) {
  const { clock, db } = usePorts();
  const last = useRef<{ key: string; at: number } | null>(null);
  const underWay = useRef(new Set<string>());
  const note = useCallback(
    async (event: NewEvent): Promise<boolean> => {
      const key = JSON.stringify(event);
      const tapped = clock.mono();
      if (underWay.current.has(key)) return false;
      if (last.current && last.current.key === key && tapped - last.current.at < ONE_TAP_MS) return false;
      last.current = { key, at: tapped };
      underWay.current.add(key);
      try {
        const done = await append(db, makeId, event, clock.wall());
        if (!done.ok) say(done.reason);
        return done.ok;
      } catch (error) {
        last.current = null;
        say(`This could not be written down: ${whyNot(error)}. What you typed is still here.`);
        return false;
      } finally {
        underWay.current.delete(key);
      }
    },
    [clock, db, makeId],
  );
  return { note };
}

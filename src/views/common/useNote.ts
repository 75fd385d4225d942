import { useCallback, useRef, useState } from 'react';
import type { NewEvent } from '../../run/events';
import { append } from '../../store/log';
import { usePorts } from '../../store/ports';
import { whyNot } from '../../store/whyNot';
import { say } from './written';

/** A second tap within this time on the same thing is the same tap, ms. */
const ONE_TAP_MS = 700;

/** Writes events of one make; resolves to whether it was written. Nothing shows as noted before it is on the disk. */
export function useNote(makeId: string) {
  const { clock, db } = usePorts();
  const [busy, setBusy] = useState(false);
  const last = useRef<{ key: string; at: number } | null>(null);
  const note = useCallback(
    async (event: NewEvent): Promise<boolean> => {
      const key = JSON.stringify(event);
      const tapped = clock.mono();
      if (last.current && last.current.key === key && tapped - last.current.at < ONE_TAP_MS) return false;
      last.current = { key, at: tapped };
      setBusy(true);
      try {
        const done = await append(db, makeId, event, clock.wall());
        if (!done.ok) say(done.reason);
        return done.ok;
      } catch (error) {
        last.current = null;
        say(`This could not be written down: ${whyNot(error)}. What you typed is still here.`);
        return false;
      } finally {
        setBusy(false);
      }
    },
    [clock, db, makeId],
  );
  return { note, busy };
}

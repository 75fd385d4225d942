import { useEffect, useRef } from 'react';
import { usePorts } from '../store/ports';
import { toast } from '../ui/parts/toast';
import { hoursText } from '../views/common/times';

/** A wall clock this far from where it should be has been set, or the machine has slept. */
const JUMP_MS = 5_000;

/** Shows when the clock has jumped: set by hand, corrected, or the machine asleep. Countdowns follow the wall clock. */
export function ClockWatch() {
  const { clock } = usePorts();
  const before = useRef<{ wall: number; mono: number } | null>(null);
  useEffect(() => {
    const timer = setInterval(() => {
      const now = { wall: clock.wall(), mono: clock.mono() };
      const last = before.current;
      before.current = now;
      if (!last) return;
      const jump = now.wall - last.wall - (now.mono - last.mono);
      if (Math.abs(jump) < JUMP_MS) return;
      const by =
        Math.abs(jump) < 60_000
          ? `${Math.round(Math.abs(jump) / 1000)} s`
          : hoursText(Math.abs(jump) / 60_000);
      toast(
        `The clock has jumped ${by} ${jump > 0 ? 'forward' : 'back'}. Countdowns go by the clock as it stands now; look whether the stage under way still agrees.`,
        { duration: 20_000 },
      );
    }, 1000);
    return () => clearInterval(timer);
  }, [clock]);
  return null;
}

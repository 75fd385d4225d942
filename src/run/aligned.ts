import type { MakeEvent } from './events';

/**
 * The log as one clock would have written it. Where the wall clock was set back between two entries, all before it are
 * moved back with it, so that the last entry stands at the time it says, no time runs backwards, and what was measured
 * on either side keeps its length; the higher number is the newer. A log without such a jump comes back as it is.
 */
export function aligned(log: readonly MakeEvent[]): readonly MakeEvent[] {
  let backMs = 0;
  let moved: MakeEvent[] | null = null;
  for (let i = log.length - 2; i >= 0; i--) {
    const event = log[i] as MakeEvent;
    const next = (moved?.[i + 1] ?? log[i + 1]) as MakeEvent;
    backMs = Math.max(backMs, event.at - next.at);
    if (backMs > 0) {
      moved ??= [...log];
      moved[i] = { ...event, at: event.at - backMs };
    }
  }
  return moved ?? log;
}

import { expOf, lnOf } from '../core/numeric/elementary';
import type { OptionValue } from '../makes/method';
import type { CauseId, FindingId } from './ids';
import type { Log } from './log';

/** Something in the log that speaks for a cause, or against it: its odds are times so much. */
export interface Clue {
  times: number;
  text: string;
  /** The event that says so; null where no event does. */
  event: number | null;
  /** Says something else than the other clues, so that both count; of those that say the same only the strongest does. */
  apart?: true;
}

/** What a log says of a cause. */
export interface Said {
  clues: readonly Clue[];
  /** A measurement that could have shown it shows that it was not so. */
  cleared: boolean;
  /** Whether anything was measured that could have shown it. */
  measured: boolean;
}

/** What to do next time, and the options of the method that make it so. */
export interface NextTime {
  text: string;
  options: Record<string, OptionValue>;
}

/** One thing that may have gone wrong: what speaks for it, what rules it out, and what to do. */
export interface Cause {
  /** In a maker's words, after "most likely". */
  text: string;
  /** Whether the make has the step it belongs to at all. */
  part?(log: Log): boolean;
  says(log: Log): Said;
  next(log: Log): NextTime;
  /** What can be done with this very cheese. */
  now?: string;
  /** What `now` is good for, where it is not for all that the cause brings about. */
  mends?: readonly FindingId[];
  /** Only while it is still being made; or only for curd that something can still be worked into. */
  atThePot?: true;
  loose?: true;
}
export type Causes = Partial<Record<CauseId, Cause>>;

export const NOTHING_SAID: Said = { clues: [], cleared: false, measured: false };

/** What a log says, with clues that do not hold left out. */
export const said = (
  clues: readonly (Clue | null | false | undefined)[],
  { cleared = false, measured = cleared }: { cleared?: boolean; measured?: boolean } = {},
): Said => ({
  clues: clues.filter((one): one is Clue => !!one && Math.abs(lnOf(one.times)) > 0.02),
  cleared,
  measured,
});

/**
 * How much more likely a value makes a cause: nought at `from`, and as much as each step says at its value, straight in the
 * logarithm between. Where the steps fall, so does what speaks for it.
 *
 * @example slope(88, 76, [[78, 4], [85, 8]]) // 8
 */
export function slope(
  value: number,
  from: number,
  steps: readonly (readonly [at: number, times: number])[],
): number {
  const sign = (steps[0]?.[0] ?? from) >= from ? 1 : -1;
  let [x0, l0] = [sign * from, 0];
  const x = sign * value;
  if (x <= x0) return 1;
  for (const [at, times] of steps) {
    const [x1, l1] = [sign * at, lnOf(times)];
    if (x <= x1) return expOf(x1 === x0 ? l1 : l0 + ((l1 - l0) * (x - x0)) / (x1 - x0));
    [x0, l0] = [x1, l1];
  }
  return expOf(l0);
}

/** A clue where a value speaks for a cause; null where it does not. */
export const steep = (
  value: number,
  from: number,
  steps: readonly (readonly [at: number, times: number])[],
  text: string,
  event: number | null,
): Clue | null => {
  const times = slope(value, from, steps);
  return times > 1.05 ? { times, text, event } : null;
};

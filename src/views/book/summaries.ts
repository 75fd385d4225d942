import type { MakeState } from '../../run/state';
import { type Summary, summaryOf } from '../../run/summary';
import type { MakeView } from '../../store/store';

const known = new WeakMap<MakeState, Summary>();

/** A make in one line, reckoned once for each state of it. */
export function lineOf({ id, state }: MakeView): Summary {
  const before = known.get(state);
  if (before) return before;
  const summary = summaryOf(id, state);
  known.set(state, summary);
  return summary;
}

import type { MakeEvent } from '../run/events';
import type { Summary } from '../run/line';
import { type MakeState, stateOf } from '../run/state';
import { summaryOf } from '../run/summary';

export interface MakeView {
  id: string;
  state: MakeState;
}

const states = new WeakMap<readonly MakeEvent[], MakeState>();

/** A make as its log tells it, folded once for each log. */
export function stateFor(log: readonly MakeEvent[]): MakeState {
  const known = states.get(log);
  if (known) return known;
  const state = stateOf(log);
  states.set(log, state);
  return state;
}

const summed = new WeakMap<MakeState, Summary>();

/** A make in one line, reckoned once for each state of it. */
export function lineOf({ id, state }: MakeView): Summary {
  const known = summed.get(state);
  if (known) return known;
  const summary = summaryOf(id, state);
  summed.set(state, summary);
  return summary;
}

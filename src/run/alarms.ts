import { stageKind } from '../makes/kinds';
import { expectedEnd } from './expect';
import { type MakeState, stageAt } from './state';

/** Something that is due at a pot: one for each stage and time it is due at. */
export interface Alarm {
  key: string;
  makeId: string;
  name: string;
  dueAt: number;
}

/** A stage shorter than this needs no alarm: one stands at it, min. */
const SHORTEST_MIN = 3;

/** The alarm of a running make at its stage under way; null where its end is the maker's own doing. */
export function alarmOf(makeId: string, state: MakeState): Alarm | null {
  const stage = stageAt(state);
  if (state.pausedAt !== null || state.handedAt !== null) return null;
  if (stageKind(stage.kind).endedBy === 'done') return null;
  const dueAt = expectedEnd(state);
  if (dueAt - state.stageStartedAt < SHORTEST_MIN * 60_000) return null;
  // To the minute, so that a reading that moves it by seconds does not ring twice.
  return { key: `${makeId}:${state.index}:${Math.round(dueAt / 60_000)}`, makeId, name: state.name, dueAt };
}

/** Alarms that ring now: due, not answered, and not asleep. */
export const ringing = (
  alarms: readonly Alarm[],
  answered: ReadonlySet<string>,
  snoozedUntil: Readonly<Record<string, number>>,
  now: number,
): Alarm[] =>
  alarms.filter((one) => one.dueAt <= now && !answered.has(one.key) && (snoozedUntil[one.key] ?? 0) <= now);

import { stageKind } from '../makes/kinds';
import { minutesOf } from '../makes/kinds/shared';
import { type MakeState, stageAt, turnsIn } from './state';

/** What comes round again in a stage: turns of slabs, of a press, of a basket; a salting each day. */
export interface Rounds {
  what: 'turn' | 'salt' | 'stir';
  given: number;
  wanted: number;
  /** When the next is due, ms on the wall clock; null when all are done. */
  dueAt: number | null;
}

/** The rounds of the stage under way; null where nothing comes round at least twice. */
export function roundsOf(state: MakeState): Rounds | null {
  const stage = stageAt(state);
  const round = stageKind(stage.kind).rounds(state.parameters[stage.id]);
  const wanted = Math.floor(round?.count ?? 0);
  if (!round || wanted < 2) return null;
  const given = turnsIn(state);
  const begun = state.stageStartedAt + state.pausedMs;
  const everyMin = round.everyMin ?? stage.durationMin.likely / (wanted + 1);
  const dueAt =
    given >= wanted
      ? null
      : begun + minutesOf(given + (round.atOnce ? 0 : 1), everyMin, round.thenMin) * 60_000;
  return { what: round.what, given, wanted, dueAt };
}

/** What comes round, as it is called for. */
export const ROUND_WORDS: Record<Rounds['what'], string> = {
  turn: 'turn it',
  salt: 'salt and turn it',
  stir: 'stir it',
};

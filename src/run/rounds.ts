import { type MakeState, stageAt, turnsIn } from './state';

/** What comes round again in a stage: turns of slabs, of a press, of a basket; a salting each day. */
export interface Rounds {
  what: 'turn' | 'salt';
  given: number;
  wanted: number;
  /** When the next is due, ms on the wall clock; null when all are done. */
  dueAt: number | null;
}

const DAY_MS = 86_400_000;

/** The rounds of the stage under way; null where nothing comes round at least twice. */
export function roundsOf(state: MakeState): Rounds | null {
  const stage = stageAt(state);
  const { turns, days, everyMin } = (state.parameters[stage.id] ?? {}) as {
    turns?: number;
    days?: number;
    everyMin?: number;
  };
  const daily = stage.kind === 'salt' && days !== undefined;
  const wanted = Math.floor((daily ? days : turns) ?? 0);
  if (wanted < 2) return null;
  const given = turnsIn(state);
  const begun = state.stageStartedAt + state.pausedMs;
  // Salt goes on at once and then each day; a turn comes after its share of the time.
  const everyMs = daily
    ? DAY_MS
    : everyMin !== undefined
      ? everyMin * 60_000
      : (stage.durationMin.likely * 60_000) / (wanted + 1);
  const dueAt = given >= wanted ? null : begun + (given + (daily ? 0 : 1)) * everyMs;
  return { what: daily ? 'salt' : 'turn', given, wanted, dueAt };
}

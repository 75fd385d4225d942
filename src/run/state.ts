import { stageKind } from '../makes/kinds';
import type { Plan, PlanStage } from '../plan/schema';
import type { HandTest, MakeEvent, NewEvent, Started, WheyLook } from './events';

export interface Reading {
  seq: number;
  at: number;
  tempC: number;
}

/** A stage as it really went; `endedAt` is null while it runs. */
export interface StageRun {
  stage: string;
  startedAt: number;
  endedAt: number | null;
}

/** A make as its log tells it; nothing here is stored. */
export interface MakeState {
  name: string;
  milkName: string;
  plan: Plan;
  parameters: Record<string, unknown>;
  pot: NonNullable<Started['pot']> | null;
  /** What it takes from the shelf. */
  taken: readonly NonNullable<Started['taken']>[number][];
  startedAt: number;
  /** Index of the stage under way. */
  index: number;
  stageStartedAt: number;
  runs: StageRun[];
  readings: Reading[];
  looks: { at: number; stage: string; look: WheyLook }[];
  pHs: { at: number; stage: string; pH: number }[];
  weighings: { at: number; stage: string; kg: number }[];
  /** When the bowl stopped turning, by stage. */
  flocculated: { at: number; stage: string } | null;
  tests: { at: number; stage: string; found: HandTest }[];
  turns: { at: number; stage: string }[];
  mishaps: { at: number; what: string; text: string }[];
  acid: { at: number; grams: number }[];
  notes: { at: number; text: string }[];
  tastings: { at: number; score: number; text: string }[];
  weighedKg: number | null;
  finishedAt: number | null;
  abandoned: { at: number; reason: string } | null;
  advice: { at: number; about: string; text: string }[];
  /** The last event that can be taken back, and what it was. */
  undoable: MakeEvent | null;
}

const KEPT: readonly MakeEvent['type'][] = ['started', 'undone', 'advised', 'tasted'];

export const stageAt = (state: MakeState): PlanStage => state.plan.stages[state.index] as PlanStage;
export const acidGiven = (state: MakeState): number => state.acid.reduce((sum, one) => sum + one.grams, 0);
/** Turns given in the stage under way. */
export const turnsIn = (state: MakeState): number =>
  state.turns.filter((one) => one.stage === stageAt(state).id && one.at >= state.stageStartedAt).length;
export const isOver = (state: MakeState): boolean => state.finishedAt !== null || state.abandoned !== null;

function begin(event: Started): MakeState {
  const first = event.plan.stages[0] as PlanStage;
  return {
    name: event.name,
    milkName: event.milkName,
    plan: event.plan,
    parameters: event.parameters,
    pot: event.pot ?? null,
    taken: event.taken ?? [],
    startedAt: event.at,
    index: 0,
    stageStartedAt: event.at,
    runs: [{ stage: first.id, startedAt: event.at, endedAt: null }],
    readings: [],
    looks: [],
    pHs: [],
    weighings: [],
    flocculated: null,
    tests: [],
    turns: [],
    mishaps: [],
    acid: [],
    notes: [],
    tastings: [],
    weighedKg: null,
    finishedAt: null,
    abandoned: null,
    advice: [],
    undoable: null,
  };
}

function moveTo(state: MakeState, index: number, at: number) {
  const open = state.runs.at(-1);
  if (open && open.endedAt === null) open.endedAt = at;
  state.index = index;
  state.stageStartedAt = at;
  state.runs.push({ stage: stageAt(state).id, startedAt: at, endedAt: null });
}

function apply(state: MakeState, event: MakeEvent) {
  switch (event.type) {
    case 'done':
      moveTo(state, state.index + 1, event.at);
      break;
    case 'back':
      moveTo(state, state.index - 1, event.at);
      break;
    case 'temperature':
      state.readings.push({ seq: event.seq, at: event.at, tempC: event.tempC });
      break;
    case 'whey':
      state.looks.push({ at: event.at, stage: stageAt(state).id, look: event.look });
      break;
    case 'pH':
      state.pHs.push({ at: event.at, stage: stageAt(state).id, pH: event.pH });
      break;
    case 'weighed':
      state.weighings.push({ at: event.at, stage: stageAt(state).id, kg: event.kg });
      break;
    case 'flocculated':
      state.flocculated = { at: event.at, stage: stageAt(state).id };
      break;
    case 'tested':
      state.tests.push({ at: event.at, stage: stageAt(state).id, found: event.found });
      break;
    case 'turned':
      state.turns.push({ at: event.at, stage: stageAt(state).id });
      break;
    case 'mishap':
      state.mishaps.push({ at: event.at, what: event.what, text: event.text });
      break;
    case 'acid':
      state.acid.push({ at: event.at, grams: event.grams });
      break;
    case 'advised':
      state.advice.push({ at: event.at, about: event.about, text: event.text });
      break;
    case 'note':
      state.notes.push({ at: event.at, text: event.text });
      break;
    case 'tasted':
      state.tastings.push({ at: event.at, score: event.score, text: event.text });
      break;
    case 'finished': {
      state.weighedKg = event.weighedKg;
      state.finishedAt = event.at;
      const open = state.runs.at(-1);
      if (open) open.endedAt = event.at;
      break;
    }
    case 'abandoned':
      state.abandoned = { at: event.at, reason: event.reason };
      break;
  }
}

/**
 * Why an event may not follow the log as it stands, in the maker's words; null when it may. A second tap on a button
 * that has done its work is refused here, whatever window it comes from.
 */
export function objection(state: MakeState, event: NewEvent): string | null {
  if (event.type === 'started') return 'This make has started already.';
  if (event.type === 'tasted' || event.type === 'undone') return null;
  if (isOver(state)) return 'This make is over.';
  switch (event.type) {
    case 'done':
      if (stageAt(state).id !== event.stage) return 'That stage is done already.';
      return state.index + 1 < state.plan.stages.length
        ? null
        : 'This was the last stage: weigh the cheese to finish.';
    case 'back':
      if (stageAt(state).id !== event.from) return 'You have stepped back already.';
      return state.index > 0 ? null : 'This is the first stage.';
    case 'flocculated':
      return state.flocculated?.stage === stageAt(state).id ? 'That is noted already.' : null;
    case 'turned':
      return event.turn === turnsIn(state) ? null : 'That turn is noted already.';
    case 'acid':
      return event.portion === state.acid.length ? null : 'That portion is noted already.';
    case 'advised':
      return state.advice.at(-1)?.about === event.about ? 'That has been said.' : null;
    default:
      return null;
  }
}

/**
 * The state of a make: a pure function of its log. Events that a later one took back count as never happened; events
 * that contradict the log (two windows at once) are passed over. Throws where the log does not begin with a start.
 */
export function stateOf(log: readonly MakeEvent[]): MakeState {
  const [first, ...rest] = log;
  if (first?.type !== 'started') throw new Error('a make begins with its start');
  const undone = new Set(rest.flatMap((event) => (event.type === 'undone' ? [event.target] : [])));
  const state = begin(first);
  for (const event of rest) {
    if (event.type === 'undone' || undone.has(event.seq) || objection(state, event)) continue;
    apply(state, event);
    if (!KEPT.includes(event.type)) state.undoable = event;
  }
  return state;
}

/** Whether the stage under way ends by its clock, so that a countdown means "done". */
export const timed = (stage: PlanStage): boolean => stageKind(stage.kind).endedBy === 'time';

/** When the stage under way should end, ms on the wall clock. */
export const stageEndsAt = (state: MakeState): number =>
  state.stageStartedAt + stageAt(state).durationMin.likely * 60_000;

import { stageKind } from '../makes/kinds';
import type { Plan, PlanStage } from '../plan/schema';
import { correctionsIn, putRight } from './corrections';
import type { HandTest, MakeEvent, NewEvent, Started, WheyLook } from './events';

export interface Reading {
  /** Its place in the log; null where it came with a file. */
  seq: number | null;
  at: number;
  tempC: number;
}

/** A stage as it really went; `endedAt` is null while it runs. */
export interface StageRun {
  stage: string;
  startedAt: number;
  endedAt: number | null;
  skipped?: true;
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
  /** Since when its clock waits, and how long it has waited before, ms. */
  pausedAt: number | null;
  pausedMs: number;
  /** Since when another device writes this make. */
  handedAt: number | null;
  /** The other half of a parted curd. */
  parted: { at: number; share: number; otherId: string } | null;
  /** Entered after it was over. */
  entered: boolean;
  runs: StageRun[];
  readings: Reading[];
  looks: { at: number; stage: string; look: WheyLook }[];
  pHs: { seq: number | null; at: number; stage: string; pH: number }[];
  weighings: { seq: number; at: number; stage: string; kg: number }[];
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

const KEPT: readonly MakeEvent['type'][] = [
  'started',
  'undone',
  'advised',
  'tasted',
  'split',
  'handed',
  'received',
];

export const stageAt = (state: MakeState): PlanStage => state.plan.stages[state.index] as PlanStage;
export const acidGiven = (state: MakeState): number => state.acid.reduce((sum, one) => sum + one.grams, 0);
/** Turns given in the stage under way. */
export const turnsIn = (state: MakeState): number =>
  state.turns.filter((one) => one.stage === stageAt(state).id && one.at >= state.stageStartedAt).length;
export const isOver = (state: MakeState): boolean => state.finishedAt !== null || state.abandoned !== null;

function begin(event: Started): MakeState {
  const index = Math.max(
    0,
    event.plan.stages.findIndex((stage) => stage.id === event.fromStage),
  );
  const first = event.plan.stages[index] as PlanStage;
  return {
    name: event.name,
    milkName: event.milkName,
    plan: event.plan,
    parameters: event.parameters,
    pot: event.pot ?? null,
    taken: event.taken ?? [],
    startedAt: event.at,
    index,
    stageStartedAt: event.at,
    pausedAt: null,
    pausedMs: 0,
    handedAt: null,
    parted: null,
    entered: event.entered ?? false,
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
  state.pausedAt = null;
  state.pausedMs = 0;
  state.runs.push({ stage: stageAt(state).id, startedAt: at, endedAt: null });
}

/** Readings of a file, each in its place by its own time and in the stage that ran then. */
function takeIn(state: MakeState, { readings }: Extract<MakeEvent, { type: 'imported' }>) {
  const stageThen = (at: number) =>
    (state.runs.findLast((run) => run.startedAt <= at) ?? (state.runs[0] as StageRun)).stage;
  state.readings.push(...readings.map(({ at, tempC }) => ({ seq: null, at, tempC })));
  state.readings.sort((a, b) => a.at - b.at);
  state.pHs.push(
    ...readings.flatMap(({ at, pH }) =>
      pH === undefined ? [] : [{ seq: null, at, stage: stageThen(at), pH }],
    ),
  );
  state.pHs.sort((a, b) => a.at - b.at);
}

function apply(state: MakeState, event: MakeEvent) {
  switch (event.type) {
    case 'done':
      moveTo(state, state.index + 1, event.at);
      break;
    case 'back':
      moveTo(state, state.index - 1, event.at);
      break;
    case 'skipped': {
      const left = state.runs.at(-1);
      if (left) left.skipped = true;
      moveTo(state, state.index + 1, event.at);
      break;
    }
    case 'paused':
      state.pausedAt = event.at;
      break;
    case 'resumed':
      state.pausedMs += event.at - (state.pausedAt ?? event.at);
      state.pausedAt = null;
      break;
    case 'split':
      state.plan = event.plan;
      state.parameters = event.parameters;
      state.parted = { at: event.at, share: event.share, otherId: event.otherId };
      // What went in and what it weighed was for the whole.
      state.acid = state.acid.map((one) => ({ ...one, grams: one.grams * event.share }));
      state.weighings = state.weighings.map((one) => ({ ...one, kg: one.kg * event.share }));
      break;
    case 'handed':
      state.handedAt = event.at;
      break;
    case 'received':
      state.handedAt = null;
      break;
    case 'temperature':
      state.readings.push({ seq: event.seq, at: event.at, tempC: event.tempC });
      break;
    case 'whey':
      state.looks.push({ at: event.at, stage: stageAt(state).id, look: event.look });
      break;
    case 'imported':
      takeIn(state, event);
      break;
    case 'pH':
      state.pHs.push({ seq: event.seq, at: event.at, stage: stageAt(state).id, pH: event.pH });
      break;
    case 'weighed':
      state.weighings.push({ seq: event.seq, at: event.at, stage: stageAt(state).id, kg: event.kg });
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

/** What waits while a make is paused; what is read or goes wrong does not. */
const WAITS: readonly NewEvent['type'][] = ['done', 'back', 'skipped', 'acid', 'turned', 'finished', 'split'];

/** A reading by its place in the log, whatever it reads. */
export const readingAt = (state: MakeState, seq: number) =>
  state.readings.find((one) => one.seq === seq) ??
  state.pHs.find((one) => one.seq === seq) ??
  state.weighings.find((one) => one.seq === seq);

/**
 * Why an event may not follow the log as it stands, in the maker's words; null when it may. A second tap on a button
 * that has done its work is refused here, whatever window it comes from.
 */
export function objection(state: MakeState, event: NewEvent): string | null {
  if (event.type === 'started') return 'This make has started already.';
  if (event.type === 'received')
    return state.handedAt === null ? 'This make is written on this device already.' : null;
  if (state.handedAt !== null)
    return 'Another device writes this make. Bring its file back, or say that it is here again.';
  if (event.type === 'tasted' || event.type === 'undone' || event.type === 'handed') return null;
  if (event.type === 'imported') return null;
  if (event.type === 'corrected')
    return readingAt(state, event.target) ? null : 'There is no such reading to put right.';
  if (isOver(state)) return 'This make is over.';
  if (state.pausedAt !== null && WAITS.includes(event.type)) return 'This make is paused: go on first.';
  switch (event.type) {
    case 'skipped':
      if (stageAt(state).id !== event.stage) return 'That stage is behind you already.';
      return state.index + 1 < state.plan.stages.length
        ? null
        : 'The last stage cannot be left out: weigh the cheese, or finish without weighing.';
    case 'paused':
      return state.pausedAt === null ? null : 'It is paused already.';
    case 'resumed':
      return state.pausedAt === null ? 'It is not paused.' : null;
    case 'split':
      return event.plan.stages[state.index]?.id === stageAt(state).id
        ? null
        : 'The two halves must go on with the same stage.';
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
  const corrections = correctionsIn(rest, undone);
  const state = begin(first);
  for (const event of rest) {
    if (event.type === 'undone' || undone.has(event.seq) || objection(state, event)) continue;
    apply(state, putRight(event, corrections));
    if (!KEPT.includes(event.type)) state.undoable = event;
  }
  return state;
}

/** Whether the stage under way ends by its clock, so that a countdown means "done". */
export const timed = (stage: PlanStage): boolean => stageKind(stage.kind).endedBy === 'time';

/** When the stage under way should end, ms on the wall clock, as long as it is not paused. */
export const stageEndsAt = (state: MakeState): number =>
  state.stageStartedAt + state.pausedMs + stageAt(state).durationMin.likely * 60_000;

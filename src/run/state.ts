import { stageKind } from '../makes/kinds';
import type { MistakeId } from '../makes/mistakes';
import type { ReadOf } from '../makes/traits';
import { plannedAmountOf } from '../plan/measures';
import { aligned } from './aligned';
import { begun } from './begun';
import { borne, unreckoned } from './borne';
import { correctionsIn, putRight } from './corrections';
import type { MakeEvent } from './events';
import { addedIn, type MakeState, type StageRun, stageAt } from './makeState';
import { objection } from './objection';
import { adviceFromAbout } from './toldAdvice';

export * from './makeState';

const KEPT: readonly MakeEvent['type'][] = [
  'started',
  'undone',
  'advised',
  'tasted',
  'ticked',
  'whey-used',
  'later',
  'split',
  'handed',
  'received',
  'unreadable',
];

function endRun(state: MakeState, { at, seq }: MakeEvent) {
  const open = state.runs.at(-1);
  if (!open || open.endedAt !== null) return;
  open.endedAt = at;
  open.endedBy = seq;
  if (state.pausedMs > 0) open.pausedMs = state.pausedMs;
}

function moveTo(state: MakeState, index: number, event: MakeEvent) {
  const { at } = event;
  endRun(state, event);
  state.index = index;
  state.stageStartedAt = at;
  state.pausedAt = null;
  state.pausedMs = 0;
  state.runs.push({ stage: stageAt(state).id, startedAt: at, endedAt: null });
}

/** The stage just come back to goes on where it stood: the time away does not count. */
function resume(state: MakeState, at: number) {
  const before = state.runs.slice(0, -1).findLast((one) => one.stage === stageAt(state).id);
  if (!before || before.endedAt === null) return;
  state.stageStartedAt = before.startedAt;
  state.pausedMs = at - before.endedAt;
}

/** Readings of a file, each in its place by its own time and in the stage that ran then. */
function takeIn(state: MakeState, { seq: from, readings }: Extract<MakeEvent, { type: 'imported' }>) {
  const stageThen = (at: number) =>
    (state.runs.findLast((run) => run.startedAt <= at) ?? (state.runs[0] as StageRun)).stage;
  state.readings.push(...readings.map(({ at, tempC }) => ({ seq: null, from, at, tempC })));
  state.readings.sort((a, b) => a.at - b.at);
  state.pHs.push(
    ...readings.flatMap(({ at, pH }) =>
      pH === undefined ? [] : [{ seq: null, from, at, stage: stageThen(at), pH }],
    ),
  );
  state.pHs.sort((a, b) => a.at - b.at);
}

/** Whether a reading is not of what the stage is about, and stands beside its course. */
function isBeside(state: MakeState, of: ReadOf | undefined): of is ReadOf {
  const [first] = stageKind(stageAt(state).kind).reads;
  return of !== undefined && of !== first && (of === 'room' || of === 'water' || of === 'core');
}

function takeTemperature(state: MakeState, event: Extract<MakeEvent, { type: 'temperature' }>) {
  const { seq, at, tempC, of, shown } = event;
  const read = { seq, at, tempC, ...(shown && { shown }) };
  if (isBeside(state, of)) state.beside.push({ ...read, of });
  else state.readings.push(read);
}

/** So much of a dose went in: it stands in the log with what was planned, and what follows goes on by the plan made of it. */
function putIn(state: MakeState, event: Extract<MakeEvent, { type: 'added' }>) {
  const before = addedIn(state, event.dose)[0];
  const { seq, at, stage, dose, amount, unit, said } = event;
  const plannedAmount = before?.plannedAmount ?? plannedAmountOf(state.plan, dose, unit);
  state.added.push({
    seq,
    at,
    stage,
    dose,
    amount,
    unit,
    said,
    plannedAmount,
    followed: event.anew !== undefined,
  });
  if (event.anew) planAnew(state, event.anew);
}

/** Goes on by another plan, reckoned by the model of its day; what went wrong before is borne by it too. */
function planAnew(
  state: MakeState,
  event: Pick<Extract<MakeEvent, { type: 'split' }>, 'plan' | 'parameters' | 'courses' | 'modelVersion'>,
) {
  state.plan = borne(event.plan, unreckoned(state));
  state.parameters = event.parameters;
  state.courses = event.courses ?? null;
  state.modelVersion = event.modelVersion ?? state.modelVersion;
}

/** What went wrong where milk stayed in its can: it is there still. Milk that boiled over is gone. */
const NEVER_POURED: MistakeId = 'half-milk';

/** Of each lot only so much went in. */
function pourOnly(state: MakeState, litres: number) {
  const planned = state.plan.brief.milk.litres ?? litres;
  state.milks = state.milks.map((one) => ({ ...one, litres: (one.litres * litres) / planned }));
}

function apply(state: MakeState, event: MakeEvent) {
  switch (event.type) {
    case 'done':
      moveTo(state, state.index + 1, event);
      break;
    case 'back':
      moveTo(state, state.index - 1, event);
      if (event.resumes) resume(state, event.at);
      break;
    case 'skipped': {
      const left = state.runs.at(-1);
      if (left) left.skipped = true;
      moveTo(state, state.index + 1, event);
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
      planAnew(state, event);
      state.parted = { at: event.at, share: event.share, otherId: event.otherId };
      // What went in and what it weighed was for the whole.
      state.acid = state.acid.map((one) => ({ ...one, grams: one.grams * event.share }));
      state.weighings = state.weighings.map((one) => ({ ...one, kg: one.kg * event.share }));
      break;
    case 'remeasured':
      pourOnly(state, event.litres);
      planAnew(state, event);
      break;
    case 'handed':
      state.handedAt = event.at;
      break;
    case 'received':
      state.handedAt = null;
      break;
    case 'temperature':
      takeTemperature(state, event);
      break;
    case 'whey':
      state.looks.push({ seq: event.seq, at: event.at, stage: stageAt(state).id, look: event.look });
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
      state.flocculated = { seq: event.seq, at: event.at, stage: stageAt(state).id };
      break;
    case 'tested':
      state.tests.push({ seq: event.seq, at: event.at, stage: stageAt(state).id, found: event.found });
      break;
    case 'turned':
      state.turns.push({ seq: event.seq, at: event.at, stage: stageAt(state).id });
      break;
    case 'mishap':
      state.mishaps.push({
        seq: event.seq,
        at: event.at,
        stage: stageAt(state).id,
        what: event.what,
        text: event.text,
        asked: event.asked ?? {},
        costs: event.costs ?? null,
        reckoned: event.anew !== undefined,
      });
      if (event.anew) {
        if (event.what === NEVER_POURED) pourOnly(state, event.anew.plan.brief.milk.litres ?? 0);
        planAnew(state, event.anew);
      } else if (event.costs) state.plan = borne(state.plan, event.costs);
      break;
    case 'added':
      putIn(state, event);
      break;
    case 'pieces':
      state.pieces.push({ seq: event.seq, at: event.at, stage: stageAt(state).id, count: event.count });
      if (event.anew) planAnew(state, event.anew);
      break;
    case 'loaded':
      state.loads.push({ seq: event.seq, at: event.at, stage: stageAt(state).id, kg: event.kg });
      break;
    case 'acid':
      state.acid.push({ seq: event.seq, at: event.at, grams: event.grams });
      break;
    case 'advised':
      state.advice.push({
        at: event.at,
        told: event.advice ?? adviceFromAbout(event.about),
        text: event.text,
      });
      break;
    case 'note':
      state.notes.push({ seq: event.seq, at: event.at, text: event.text });
      break;
    case 'ticked':
      state.ticks[event.what] = event.at;
      break;
    case 'later':
      state.later.push({ at: event.at, what: event.what, kg: event.kg, text: event.text });
      break;
    case 'whey-used':
      state.wheyUse = event.use;
      break;
    case 'tasted':
      state.tastings.push({
        seq: event.seq,
        at: event.at,
        score: event.score,
        text: event.text,
        found: event.found ?? [],
      });
      break;
    case 'finished': {
      state.weighedKg = event.weighedKg;
      state.finishedAt = event.at;
      endRun(state, event);
      break;
    }
    case 'abandoned':
      state.abandoned = { at: event.at, reason: event.reason };
      break;
  }
}

/**
 * The state of a make: a pure function of its log. Events that a later one took back count as never happened; events
 * that contradict the log (two windows at once) are passed over. Throws where the log does not begin with a start.
 */
export function stateOf(log: readonly MakeEvent[]): MakeState {
  const [first, ...rest] = aligned(log);
  if (first?.type !== 'started') throw new Error('a make begins with its start');
  const undone = new Set(rest.flatMap((event) => (event.type === 'undone' ? [event.target] : [])));
  const corrections = correctionsIn(rest, undone);
  const state = begun(first);
  for (const event of rest) {
    if (event.type === 'undone' || undone.has(event.seq) || objection(state, event)) continue;
    apply(state, putRight(event, corrections));
    if (!KEPT.includes(event.type)) state.undoable = event;
  }
  return state;
}

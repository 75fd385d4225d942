import type { NewEvent } from './events';
import { addedIn, isOver, type MakeState, stageAt, turnsIn } from './makeState';
import { adviceFromAbout, sameAdvice } from './toldAdvice';

/** What waits while a make is paused; what is read or goes wrong does not. */
const WAITS: readonly NewEvent['type'][] = [
  'done',
  'back',
  'skipped',
  'acid',
  'added',
  'loaded',
  'pieces',
  'turned',
  'finished',
  'split',
  'remeasured',
];

/** A reading by its place in the log, whatever it reads. */
export const readingAt = (state: MakeState, seq: number) =>
  state.readings.find((one) => one.seq === seq) ??
  state.pHs.find((one) => one.seq === seq) ??
  state.weighings.find((one) => one.seq === seq) ??
  state.beside.find((one) => one.seq === seq);

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
  if (event.type === 'later')
    return state.finishedAt === null ? 'It is not finished yet: do that at the pot.' : null;
  if (event.type === 'ticked') return state.ticks[event.what] === null ? null : 'That is noted already.';
  if (event.type === 'whey-used') return state.wheyUse === event.use ? 'That is noted already.' : null;
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
    case 'remeasured':
      return event.plan.stages[state.index]?.id === stageAt(state).id
        ? null
        : 'With so much milk this make goes another way: plan it anew.';
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
    case 'added':
      if (stageAt(state).id !== event.stage) return 'That stage is behind you already.';
      if (event.anew && event.anew.plan.stages[state.index]?.id !== event.stage)
        return 'With so much of it this make goes another way: plan it anew.';
      return event.go === addedIn(state, event.dose).length ? null : 'That is noted already.';
    case 'pieces':
      return event.anew && event.anew.plan.stages[state.index]?.id !== stageAt(state).id
        ? 'With so many pieces this make goes another way: plan it anew.'
        : null;
    case 'acid':
      return event.portion === state.acid.length ? null : 'That portion is noted already.';
    case 'advised':
      return sameAdvice(state.advice.at(-1)?.told ?? null, event.advice ?? adviceFromAbout(event.about))
        ? 'That has been said.'
        : null;
    default:
      return null;
  }
}

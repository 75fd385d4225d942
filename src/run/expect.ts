import { turnedAt } from './acidAdvice';
import { drainAdvice } from './drainAdvice';
import { lookAgainAt } from './findings';
import { coursesIn } from './frozen';
import { rampAdvice } from './rampAdvice';
import { setAdvice } from './setAdvice';
import { comingMin, sourAdvice } from './sourAdvice';
import { type MakeState, stageEndsAt } from './state';

/**
 * When the stage under way will end by what has been read and tested in it, ms on the wall clock; as planned where
 * nothing has.
 */
export function expectedEnd(state: MakeState): number {
  const ramp = rampAdvice(state);
  if (ramp?.kind === 'arriving') return ramp.arrivesAt;
  const set = setAdvice(state);
  if (set?.kind === 'look-again') return set.lookAt;
  if (set?.kind === 'cut-at' || (set?.kind === 'watch' && set.heat)) return set.cutAt;
  const lookAt = lookAgainAt(state) ?? turnedAt(state);
  if (lookAt !== null) return lookAt;
  const courses = coursesIn(state);
  const sour = courses && sourAdvice(state, courses);
  return sour?.readyAt ?? drainAdvice(state)?.readyAt ?? stageEndsAt(state);
}

/** When the whole make should be over if the rest goes from there as planned, and as this make has shown, ms on the wall clock. */
export function readyAt(state: MakeState, now: number): number {
  const takes = comingMin(state, coursesIn(state));
  const rest = state.plan.stages.slice(state.index + 1).reduce((sum, stage) => sum + takes(stage), 0);
  return Math.max(now, expectedEnd(state)) + rest * 60_000;
}

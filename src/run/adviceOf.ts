import { goalOf } from '../makes/asked';
import { acidAdvice } from './acidAdvice';
import { rampAdvice } from './rampAdvice';
import { type MakeState, stageAt } from './state';
import type { ToldAdvice } from './toldAdvice';

/** What is advised at a stage now, heat before acid; null where there is nothing to say. */
export function adviceOf(state: MakeState): ToldAdvice | null {
  const stage = stageAt(state);
  const ramp = rampAdvice(state);
  if (ramp && ramp.kind !== 'no-reading' && ramp.kind !== 'one-reading')
    return {
      of: 'heat',
      stage: stage.id,
      says: ramp.kind,
      pace: ramp.kind === 'arriving' ? ramp.pace : null,
      tempC: ramp.tempC,
    };
  const acid = goalOf(stage, state.parameters)?.is === 'clear-whey' ? acidAdvice(state) : null;
  if (acid === null || acid.kind === 'look') return null;
  return {
    of: 'acid',
    stage: stage.id,
    says: acid.kind,
    given: state.acid.length,
    grams: 'grams' in acid ? acid.grams : null,
  };
}

import { HELD_BACK_PORTIONS } from '../core/acid/coagulation';
import { stageKind } from '../makes/kinds';
import { acidGiven, type MakeState, stageAt } from './state';

/** Once the planned dose is in, more comes in portions of this share, up to `MOST_SHARE` of the plan. Common practice. */
const EXTRA_SHARE = 0.05;
const MOST_SHARE = 1.3;
/** How long acid that is acid at once is given to work before the next look, min. Common practice. */
const WAIT_MIN = 2;

export type AcidAdvice =
  | { kind: 'first'; grams: number }
  /** `turns` where the wait is for what turns to acid slowly. */
  | { kind: 'look'; lookAt: number; waitMin: number; turns: boolean; givenShare: number }
  | { kind: 'portion'; grams: number; beyondPlan: boolean; givenShare: number }
  | { kind: 'clear'; givenShare: number; creamy: boolean }
  | { kind: 'enough'; givenShare: number };

/**
 * What to do about acid now: the first share, a look at the whey, the next held-back portion while it is not clear, or
 * nothing more. Null where the plan has no acid. Grams are of product.
 */
export function acidAdvice(state: MakeState): AcidAdvice | null {
  const dose = state.plan.doses.find((one) => one.id === 'acid');
  if (!dose) return null;
  const first = dose.grams - dose.holdBackGrams;
  const last = state.acid.at(-1);
  if (!last) return { kind: 'first', grams: first };
  const given = acidGiven(state);
  const givenShare = given / dose.grams;
  const look = state.looks.findLast((one) => one.stage === stageAt(state).id && one.seq > last.seq);
  if (!look) {
    const { durationMin, handsOnMin } = stageAt(state);
    const turnsMin = durationMin.likely - handsOnMin;
    const waitMin = Math.max(WAIT_MIN, turnsMin);
    return {
      kind: 'look',
      lookAt: last.at + waitMin * 60_000,
      waitMin,
      turns: turnsMin > WAIT_MIN,
      givenShare,
    };
  }
  // Drops of fat are fat on its way out, not acid wanting.
  if (look.look === 'clear' || look.look === 'creamy')
    return { kind: 'clear', givenShare, creamy: look.look === 'creamy' };
  const left = dose.grams - given;
  if (left > dose.grams * 0.002) {
    return {
      kind: 'portion',
      grams: Math.min(left, dose.holdBackGrams / HELD_BACK_PORTIONS),
      beyondPlan: false,
      givenShare,
    };
  }
  if (givenShare + EXTRA_SHARE < MOST_SHARE + EXTRA_SHARE / 2)
    return { kind: 'portion', grams: dose.grams * EXTRA_SHARE, beyondPlan: true, givenShare };
  return { kind: 'enough', givenShare };
}

/** When acid that turns slowly will have turned, so that the whey may be looked at, ms on the wall clock; null where nothing is waited for. */
export function turnedAt(state: MakeState): number | null {
  const stage = stageAt(state);
  if (stageKind(stage.kind).goal(state.parameters[stage.id])?.is !== 'clear-whey') return null;
  const advice = acidAdvice(state);
  return advice?.kind === 'look' && advice.turns ? advice.lookAt : null;
}

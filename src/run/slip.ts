import { lnOf } from '../core/numeric/elementary';
import type { Resolved } from '../plan/brief/resolved';
import { methodIn } from '../plan/planOf';
import type { Plan } from '../plan/schema';
import { NO_DEPARTURE, pailOf } from '../plan/world';
import type { MakeState } from './makeState';
import { dryKgOf, weighsCurd } from './weightAdvice';

/** A yield so far from the planned, of its logarithm, is a slip of the pen or another cheese: half of it gone, or twice as much. From memory. */
const SLIP_LN = 0.6;

/** Whether a finished cheese hardly weighs that, where so much was to be expected, both kg: it is asked about, and not learned from. */
export const isSlip = (kg: number, expectedKg: number): boolean => Math.abs(lnOf(kg / expectedKg)) > SLIP_LN;

/** What is weighed with its tub, by another scale than the milk's, is not asked about for so small a share more than it. Judgement. */
const MORE_SHARE = 0.1;

/** Why a weight can hardly be right, and the weight it stands beside, kg. */
export interface WeightDoubt {
  is: 'not-as-planned' | 'more-than-milk' | 'less-than-dry';
  besideKg: number;
}

/** Whether a cheese can hardly weigh so much finished, kg: about half or twice what is planned, and not within its spread. */
export function finishedDoubt({ predictions }: Plan, kg: number): WeightDoubt | null {
  const { likely: besideKg, low, high } = predictions.yieldKg;
  const expected = kg >= low && kg <= high;
  return !expected && besideKg > 0 && isSlip(kg, besideKg) ? { is: 'not-as-planned', besideKg } : null;
}

/**
 * Whether what is in the pot or out of it can hardly weigh so much, kg: more than all the milk, or, once it is curd, less than
 * what is dry in the least of the cheese planned. Only ever a question: the scale may be right, or the plan wrong.
 *
 * @example curdDoubt(state, 16) // { is: 'more-than-milk', besideKg: 4.12 } in a make of four litres
 */
export function curdDoubt(state: MakeState, kg: number): WeightDoubt | null {
  const method = methodIn(state);
  const brief = state.plan.brief as Resolved;
  const milkKg = method && pailOf(brief, method, brief.milk.litres ?? 1, NO_DEPARTURE).massKg;
  if (milkKg && kg > (1 + MORE_SHARE) * milkKg) return { is: 'more-than-milk', besideKg: milkKg };
  if (!state.plan.stages.slice(0, state.index + 1).some(weighsCurd)) return null;
  const dryKg = dryKgOf(state.plan, state.plan.predictions.yieldKg.low);
  return kg < dryKg ? { is: 'less-than-dry', besideKg: dryKg } : null;
}

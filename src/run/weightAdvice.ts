import { does } from '../makes/asked';
import type { Plan } from '../plan/schema';
import { drainAdvice } from './drainAdvice';
import { type MakeState, stageAt } from './state';

/** What a weight of the curd says wherever it is weighed on its way. */
export interface WeightAdvice {
  kg: number;
  /** Moisture by that weight, %. */
  moisturePct: number;
  /** What it should weigh finished and salted, kg. */
  finishedKg: number;
}

/** What is dry in so much of the planned cheese before it is salted, kg. */
export function dryKgOf({ predictions, doses }: Plan, finishedKg: number): number {
  const saltKg = (doses.find((dose) => dose.id === 'salt')?.grams ?? 0) / 1000;
  return Math.max(0, finishedKg * (1 - predictions.moisturePct / 100) - saltKg);
}

/** Whether what is weighed at this stage is curd: it lies or drains there. */
export const weighsCurd = (stage: Plan['stages'][number]): boolean =>
  does(stage, 'holds-curd') || does(stage, 'drains');

/**
 * What the last weighing at this stage says, in whatever the curd drains or lies: what is dry in it does not run off, so its
 * weight is its moisture. Null without a weighing, before there is curd to weigh, and where a bag says it better.
 */
export function weightAdvice(state: MakeState): WeightAdvice | null {
  const stage = stageAt(state);
  const last = state.weighings.findLast((one) => one.stage === stage.id && one.at >= state.stageStartedAt);
  if (!last || !weighsCurd(stage) || drainAdvice(state)) return null;
  const finishedKg = state.plan.predictions.yieldKg.likely;
  const dryKg = dryKgOf(state.plan, finishedKg);
  return { kg: last.kg, finishedKg, moisturePct: Math.max(0, 100 * (1 - dryKg / last.kg)) };
}

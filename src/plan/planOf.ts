import { METHODS, type MethodBook, methodById } from '../makes';
import type { Method } from '../makes/method';
import type { Plan } from './schema';

/** A plan with the make it is of: one just planned, or a running make with what was frozen into it. */
export interface PlanOf {
  plan: Plan;
  /** Left out by logs from before makes were frozen. */
  method?: Method | null | undefined;
}

/** The make of a plan: its own, or the product's of that name; undefined where neither is there. */
export const methodIn = ({ plan, method }: PlanOf): Method | undefined =>
  method ?? methodById(plan.method, METHODS);

/** What it can be planned anew from. */
export const bookOf = ({ method }: PlanOf): MethodBook => (method ? [method] : METHODS);

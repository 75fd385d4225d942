import { type Planned, planBrief } from '../plan/plan';
import type { Plan } from '../plan/schema';

const planned = new WeakMap<Plan, Planned | null>();

/** The frozen brief of a make planned anew, for its courses; once for each plan. Null where its make is no longer known. */
export function replanned(plan: Plan): Planned | null {
  const known = planned.get(plan);
  if (known !== undefined) return known;
  const result = planBrief(plan.brief, { spread: false });
  const value = result.ok ? result.value : null;
  planned.set(plan, value);
  return value;
}

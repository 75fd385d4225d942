import { methodById } from '../makes';
import type { Method } from '../makes/method';
import { type Courses, coursesOf } from '../plan/course';
import { MODEL_VERSION, type Planned, planBrief } from '../plan/plan';
import type { Plan } from '../plan/schema';
import type { MakeState } from './makeState';

/** What a plan leaves in a make's log, so that no later version of the program reckons it anew. */
export interface Frozen {
  plan: Plan;
  parameters: Record<string, unknown>;
  courses: Courses;
  modelVersion: number;
}

/** A plan as it is frozen into a make. */
export const frozen = (planned: Planned): Frozen => ({
  plan: planned.plan,
  parameters: planned.parameters,
  courses: coursesOf(planned),
  modelVersion: MODEL_VERSION,
});

/** The make's method as data, as it was when the make began. */
export const frozenMethod = (plan: Plan): { method?: Method } => {
  const method = methodById(plan.method);
  return method ? { method } : {};
};

const reckoned = new WeakMap<Plan, Courses | null>();

/**
 * The courses of a make as they were frozen. A log from before courses were frozen is reckoned once for each plan with
 * the present model; null where its method is no longer known.
 */
export function coursesIn(state: Pick<MakeState, 'plan' | 'courses'>): Courses | null {
  if (state.courses) return state.courses;
  const known = reckoned.get(state.plan);
  if (known !== undefined) return known;
  const result = planBrief(state.plan.brief, { spread: false });
  const courses = result.ok ? coursesOf(result.value) : null;
  reckoned.set(state.plan, courses);
  return courses;
}

/** The method of a make as it was frozen; of an earlier log the one of that id today. */
export const methodIn = (state: Pick<MakeState, 'plan' | 'method'>): Method | undefined =>
  state.method ?? methodById(state.plan.method);

import type { Method } from '../makes/method';
import { type Courses, coursesOf } from '../plan/course';
import { MODEL_VERSION } from '../plan/modelVersion';
import { type Planned, planBrief } from '../plan/plan';
import { bookOf } from '../plan/planOf';
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

/** A plan as a make begins with it: with its method as data, as it is now. */
export const frozenWhole = (planned: Planned): Frozen & { method: Method } => ({
  ...frozen(planned),
  method: planned.method,
});

const reckoned = new WeakMap<Plan, Courses | null>();

/**
 * The courses of a make as they were frozen. A log from before courses were frozen is reckoned once for each plan with
 * the present model; null where its method is no longer known.
 */
export function coursesIn(state: Pick<MakeState, 'plan' | 'courses' | 'method'>): Courses | null {
  if (state.courses) return state.courses;
  const known = reckoned.get(state.plan);
  if (known !== undefined) return known;
  const result = planBrief(state.plan.brief, { spread: false, methods: bookOf(state) });
  const courses = result.ok ? coursesOf(result.value) : null;
  reckoned.set(state.plan, courses);
  return courses;
}

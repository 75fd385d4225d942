import { z } from 'zod';
import { bounded, boundedBy } from '../core/faults/bounds';
import { roundTo } from '../core/units/numbers';
import { stageKind } from '../makes/kinds';
import type { Planned } from './plan';
import type { Plan } from './schema';

const minute = bounded('planMin');
const pH = boundedBy(0, 14);

/** The temperature and pH of every stage of a plan over its minutes, as its likely run had them; frozen into a make. */
export const coursesSchema = z.strictObject({
  milkPH: pH,
  /** Where the acid poured in brings it; null without one. */
  acidToPH: pH.nullable(),
  stages: z
    .array(
      z.strictObject({
        durationMin: minute,
        course: z.array(z.tuple([minute, bounded('potTempC')])).max(2000),
        pHs: z
          .array(z.tuple([minute, pH]))
          .max(2000)
          .optional(),
      }),
    )
    .max(100),
});
export type Courses = z.infer<typeof coursesSchema>;

const rounded = (points: readonly (readonly [number, number])[], decimals: number) =>
  points.map(([at, value]): [number, number] => [Math.max(0, roundTo(at, 3)), roundTo(value, decimals)]);

/** The courses of a plan, as they are frozen. */
export const coursesOf = ({ spans, milkPH, acid }: Pick<Planned, 'spans' | 'milkPH' | 'acid'>): Courses => ({
  milkPH: roundTo(milkPH, 4),
  acidToPH: acid && roundTo(acid.aimsAtPH, 4),
  stages: spans.map(({ durationMin, course, pHs }) => ({
    durationMin: roundTo(durationMin, 3),
    course: rounded(course, 2),
    ...(pHs && { pHs: rounded(pHs, 4) }),
  })),
});

/** What the make track draws: [minute, …] from the start of the make. */
export interface Course {
  temps: [minute: number, tempC: number][];
  /** Bounds are NaN where a stage has none. */
  band: [minute: number, lowC: number, highC: number][];
  pHs: [minute: number, pH: number][];
}

/** The temperature, its band and the pH of a plan over its minutes. */
export function courseOf(
  plan: Pick<Plan, 'stages'>,
  parameters: Readonly<Record<string, unknown>>,
  courses: Courses,
): Course {
  const temps: Course['temps'] = [];
  const band: Course['band'] = [];
  let pH = courses.milkPH;
  const pHs: Course['pHs'] = [[0, pH]];
  let start = 0;
  plan.stages.forEach((stage, index) => {
    const span = courses.stages[index];
    if (!span) return;
    const kind = stageKind(stage.kind);
    const tolerance = kind.toleranceC(parameters[stage.id]);
    if (!tolerance) band.push([start, Number.NaN, Number.NaN]);
    for (const [minute, tempC] of span.course) {
      temps.push([start + minute, tempC]);
      if (tolerance) band.push([start + minute, tempC - tolerance[0], tempC + tolerance[1]]);
    }
    if (courses.acidToPH !== null && kind.takes(parameters[stage.id]).includes('acid')) {
      pHs.push([start, pH], [start + span.durationMin, courses.acidToPH]);
    }
    for (const [minute, value] of span.pHs ?? []) pHs.push([start + minute, value]);
    pH = pHs.at(-1)?.[1] ?? pH;
    start += span.durationMin;
  });
  pHs.push([start, pH]);
  return { temps, band, pHs };
}

/** The course of a plan that has just been made. */
export const courseOfPlanned = (planned: Planned): Course =>
  courseOf(planned.plan, planned.parameters, coursesOf(planned));

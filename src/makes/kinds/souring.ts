import { advance, fermentPH, lactatePace } from '../../core/culture/ferment';
import type { PotState, Span, World } from '../grammar';

/** Step of the souring in a plan, h: coarser where two thousand are drawn. */
const STEP_H = { likely: 0.25, drawn: 0.5 } as const;
export const souringStepH = (world: World): number => (world.likely ? STEP_H.likely : STEP_H.drawn);

/** Cultures are near their best here, whatever the stage's own heat, °C. */
const WARMEST_C = 34;
/** Nothing worth the time sours below this, °C. */
const STANDS_STILL_C = 5;

/** Temperature on a span's course at a minute from its start; straight between its points. */
function courseAt(course: Span['course'], minute: number): number {
  const first = course[0] as readonly [number, number];
  if (minute <= first[0]) return first[1];
  for (let i = 1; i < course.length; i++) {
    const [m1, c1] = course[i] as readonly [number, number];
    if (minute > m1) continue;
    const [m0, c0] = course[i - 1] as readonly [number, number];
    return m1 === m0 ? c1 : c0 + ((c1 - c0) * (minute - m0)) / (m1 - m0);
  }
  return (course[course.length - 1] as readonly [number, number])[1];
}

/** A long stage of a drawn batch is cut into so many steps at most: what sours for days does so slowly. */
const MOST_STEPS = 16;
/** A pace this low changes no figure within a day, mol/L/h. */
const STOOD_STILL = 2e-6;

/** Runs the ferment along the temperature of a stage that has just been predicted, and takes its pH into the pot. */
export function sourAlong(world: World, pot: PotState, span: Span, startedAt: number) {
  const { ferment } = pot;
  if (!ferment || pot.fermentedTo >= pot.minute - 1e-9) return;
  const from = Math.max(pot.fermentedTo, startedAt);
  pot.fermentedTo = pot.minute;
  let warmest = -273;
  for (const [, tempC] of span.course) warmest = Math.max(warmest, tempC);
  if (warmest < STANDS_STILL_C) return;
  const asleep = ferment.lag.some((left) => left > 0);
  if (!world.likely && !asleep && lactatePace(ferment, Math.min(warmest, WARMEST_C)) < STOOD_STILL) return;
  const tempOf = (hour: number) => courseAt(span.course, hour * 60);
  const pHs: [number, number][] = world.likely ? [[from - startedAt, fermentPH(ferment)]] : [];
  const end = (pot.minute - startedAt) / 60;
  let hour = (from - startedAt) / 60;
  while (end - hour > 1e-9) {
    const part = world.likely ? Math.min(souringStepH(world), end - hour) : end - hour;
    const stepH = world.likely ? souringStepH(world) : Math.max(souringStepH(world), part / MOST_STEPS);
    advance(ferment, tempOf, hour, part, stepH);
    hour += part;
    if (world.likely) pHs.push([hour * 60, fermentPH(ferment)]);
  }
  pot.pH = fermentPH(ferment);
  if (world.likely) span.pHs = pHs;
}

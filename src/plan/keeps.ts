import { fridgeDays } from '../core/safety/fridge';
import { does } from '../makes/asked';
import type { Method } from '../makes/method';
import type { Plan } from './schema';

/** Whether the make itself brings the milk past a pasteurising heat for long enough: a scald of 80 °C and a rest does. */
const heatsEnough = (plan: Plan): boolean =>
  plan.stages.some((stage) => does(stage, 'heats-milk') && (stage.targetC ?? 0) >= 80);

/** Where the method is no longer known, a cheese is eaten soon, days. */
const UNKNOWN_DAYS = 3;

/**
 * Days a make's cheese keeps in the cold, by its style, its milk, its heat and its brine. `heatedThrough` says that its pieces
 * were read hot enough at the core.
 */
export function keepsDays(plan: Plan, method: Method | undefined, heatedThrough = false): number {
  if (!method) return UNKNOWN_DAYS;
  const { brief } = plan;
  const brined = plan.stages.some((stage) => does(stage, 'brines'));
  return fridgeDays(method.style, brief.milk.treatment ?? 'pasteurised', heatedThrough || heatsEnough(plan), {
    // Whey does not keep as a brine of clean water does.
    brinePctWw:
      brined && brief.options?.keptInBrine && brief.options.brineOf !== 'whey'
        ? Number(brief.options.brinePctWw ?? 0)
        : 0,
    creamFilled: method.cream === 'dressing' && method.family === 'stretched-curd',
  });
}

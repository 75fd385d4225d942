import { good, type Result } from '../core/faults/fault';
import type { Solver } from '../schedule/solver';
import { bestWeek, goodWeek, readyWeek } from '../schedule/week';
import { type WeekPlan, weekOf, weekPlanOf } from '../schedule/weekFile';

/** A week read from a file, laid: the best there is, if that can be proved while there are seconds left; else a good one. */
export function weekFile(value: unknown, solver: Solver, leftS: () => number): Result<WeekPlan> {
  const week = weekOf(value);
  if (!week.ok) return week;
  const ready = readyWeek(week.value);
  const { laid, proved } = bestWeek(ready, goodWeek(ready), solver, leftS);
  return good(weekPlanOf(ready, laid, proved));
}

import { tasteAgainHours } from '../core/safety/taste';
import { keepsDays } from '../plan/keeps';
import { methodIn } from '../plan/planOf';
import { heatedThrough } from './heated';
import type { MakeState } from './state';

/** A tasting this close to the hour is that hour's, ms. */
const NEAR_MS = 6 * 3_600_000;

/** When a finished make is to be tasted again and has not been, ms on the wall clock, earliest first. */
export function tastingsAt(state: MakeState): number[] {
  const made = state.finishedAt;
  const method = methodIn(state);
  if (made === null || !method) return [];
  const days = keepsDays(state.plan, method, heatedThrough(state));
  return (
    tasteAgainHours(method.style)
      .map((hours) => made + hours * 3_600_000)
      // Nobody is asked to taste what its label says not to eat.
      .filter((at) => at < made + days * 24 * 3_600_000)
      .filter((at) => !state.tastings.some((tasting) => Math.abs(tasting.at - at) < NEAR_MS))
  );
}

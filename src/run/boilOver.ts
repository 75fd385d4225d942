import { boilingC } from '../core/heat/boiling';
import { does } from '../makes/asked';
import { type MakeState, stageAt } from './state';

/** Milk and whey climb out of the pot from this far below the boil, °C. Common practice. */
const CLIMBS_BELOW_C = 2;
/** A pace older than this says nothing of now, min. */
const PACE_MIN = 20;

/**
 * When the pot will climb over its rim at the pace of its last two readings, ms on the wall clock; null where it is not
 * getting there, or nobody has read it twice lately.
 */
export function boilsOverAt(state: MakeState): number | null {
  const stage = stageAt(state);
  if (!does(stage, 'near-boil') || state.pausedAt !== null) return null;
  const readings = state.readings.filter((one) => one.at >= state.stageStartedAt);
  const last = readings.at(-1);
  const before =
    last && readings.findLast((one) => one.at < last.at && last.at - one.at <= PACE_MIN * 60_000);
  if (!last || !before) return null;
  const perMs = (last.tempC - before.tempC) / (last.at - before.at);
  const climbsC = boilingC(state.plan.brief.altitudeM ?? 0) - CLIMBS_BELOW_C;
  if (last.tempC >= climbsC) return last.at;
  if (perMs * 60_000 < 0.2) return null;
  return last.at + (climbsC - last.tempC) / perMs;
}

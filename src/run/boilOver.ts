import { boilingC } from '../core/heat/boiling';
import { does } from '../makes/asked';
import { stageKind } from '../makes/kinds';
import { type MakeState, stageAt } from './state';

/** Milk and whey climb out of the pot from this far below the boil, °C. Common practice. */
const CLIMBS_BELOW_C = 2;
/** A pace older than this says nothing of now, min. */
const PACE_MIN = 20;

/** Left on its heat after it is there, whey or milk is at the boil in about so many minutes. Common practice. */
const THERE_TO_BOIL_MIN = 5;

/**
 * When a pot that nobody has read in this stage may be at the boil, by its plan, ms on the wall clock: a while after it should
 * have been at its heat. Null once it has been read, and where it is nowhere near the boil.
 */
export function mayBoilAt(state: MakeState): number | null {
  const stage = stageAt(state);
  if (!does(stage, 'near-boil') || state.pausedAt !== null) return null;
  if (state.readings.some((one) => one.at >= state.stageStartedAt)) return null;
  const counts = stageKind(stage.kind).countsMin(state.parameters[stage.id]) ?? 0;
  const heating = Math.max(0, stage.durationMin.likely - counts);
  return state.stageStartedAt + state.pausedMs + (heating + THERE_TO_BOIL_MIN) * 60_000;
}

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

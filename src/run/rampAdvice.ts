import { usualCarryOverC } from '../core/heat/carryOver';
import { learnedMinutes, learnPot, usualLoss } from '../core/heat/learn';
import { potOf } from '../core/heat/pot';
import { USUAL_MILK_KG_PER_L } from '../core/milk/density';
import { does } from '../makes/asked';
import { type MakeState, stageAt, stageEndsAt } from './state';

/** Within this share of the planned time a ramp counts as on time. */
const ON_TIME_SHARE = 0.1;

export type RampAdvice =
  | { kind: 'no-reading' }
  | { kind: 'one-reading'; tempC: number }
  | { kind: 'stalled'; tempC: number }
  | { kind: 'turn-off'; tempC: number; coastsToC: number }
  | { kind: 'over'; tempC: number; byC: number }
  | {
      kind: 'arriving';
      tempC: number;
      arrivesAt: number;
      perMin: number;
      pace: 'ahead' | 'behind' | 'on time';
      byMin: number;
    };

/**
 * Minutes from the last reading to the target: by the pot its own readings have taught, which slows as it gets warm; by
 * the last pace alone where they teach nothing yet.
 */
function minutesLeft(
  state: MakeState,
  readings: readonly { at: number; tempC: number }[],
  targetC: number,
  perMin: number,
): number {
  const { milk, roomC = 20 } = state.plan.brief;
  const litres = milk.litres ?? 1;
  const first = readings[0] as { at: number };
  const last = readings.at(-1) as { tempC: number };
  const straight = (targetC - last.tempC) / perMin;
  const learned = learnPot(
    readings.map(({ at, tempC }) => [(at - first.at) / 60_000, tempC] as const),
    roomC,
    usualLoss(potOf(litres, litres * USUAL_MILK_KG_PER_L)),
  );
  const minutes = learned ? learnedMinutes(learned, last.tempC, targetC, roomC) : straight;
  // A pot that would never get there by what it has taught so far is still told by its pace.
  return Number.isFinite(minutes) && minutes < 4 * straight ? minutes : straight;
}

/**
 * What the readings of this warming say: when it arrives at the pace of the last few, against the plan. Null for a
 * stage without a temperature to reach.
 */
export function rampAdvice(state: MakeState): RampAdvice | null {
  const stage = stageAt(state);
  const targetC = stage.targetC;
  if (targetC === null || !does(stage, 'ramps')) return null;
  const readings = state.readings.filter((one) => one.at >= state.stageStartedAt);
  const last = readings.at(-1);
  if (!last) return { kind: 'no-reading' };
  if (last.tempC > targetC + 1) return { kind: 'over', tempC: last.tempC, byC: last.tempC - targetC };
  const carries = state.pot?.carryOverC ?? usualCarryOverC(state.plan.brief.milk.litres ?? 1);
  if (last.tempC >= targetC - carries)
    return { kind: 'turn-off', tempC: last.tempC, coastsToC: last.tempC + carries };
  const recent = readings.slice(-3);
  const first = recent[0] as (typeof readings)[number];
  const minutes = (last.at - first.at) / 60_000;
  if (recent.length < 2 || minutes < 0.25) return { kind: 'one-reading', tempC: last.tempC };
  const perMin = (last.tempC - first.tempC) / minutes;
  if (perMin < 0.05) return { kind: 'stalled', tempC: last.tempC };
  const arrivesAt = last.at + minutesLeft(state, readings, targetC, perMin) * 60_000;
  const plannedAt = stageEndsAt(state);
  const late = (arrivesAt - plannedAt) / 60_000;
  const pace =
    Math.abs(late) <= stage.durationMin.likely * ON_TIME_SHARE ? 'on time' : late > 0 ? 'behind' : 'ahead';
  return { kind: 'arriving', tempC: last.tempC, arrivesAt, perMin, pace, byMin: Math.abs(late) };
}

import { does } from '../makes/asked';
import { stageKind } from '../makes/kinds';
import { wholeRuns } from './begun';
import { type MakeState, type Reading, stageAt } from './makeState';

/** From this model on a temperature that was said to be reached counts for more than one that was read on the way there. */
const REACHED_FROM_MODEL = 8;

/** The temperature the milk was brought to before the stage under way, and when that was said to be done, ms. */
function broughtTo(state: MakeState): { targetC: number; endedAt: number | null; warmed: boolean } | null {
  const stage = state.plan.stages.slice(0, state.index).findLast((one) => one.targetC !== null);
  if (!stage || stage.targetC === null) return null;
  const run = wholeRuns(state).findLast((one) => one.stage === stage.id);
  return {
    targetC: stage.targetC,
    endedAt: run?.skipped ? null : (run?.endedAt ?? null),
    warmed: does(stage, 'ramps'),
  };
}

/**
 * The last reading that still tells how warm the milk is: none from before `since`, ms, and none on the way to a temperature it was said to
 * have reached after that. One above that was an overshoot, and counts.
 */
export function milkReading(state: MakeState, since: number): Reading | null {
  const brought = broughtTo(state);
  const counts = ({ at, tempC }: Reading) =>
    state.modelVersion < REACHED_FROM_MODEL ||
    brought?.endedAt == null ||
    at >= brought.endedAt ||
    (brought.warmed && tempC > brought.targetC);
  return state.readings.findLast((one) => one.at >= since && counts(one)) ?? null;
}

/** Milk that was read too cold or too hot for what goes in now, °C; null where it was not read, or is right for it. */
export function wrongForIt(state: MakeState): { readC: number; wantedC: number } | null {
  const stage = stageAt(state);
  const kind = stageKind(stage.kind);
  const tolerance = kind.toleranceC(state.parameters[stage.id]);
  const brought = broughtTo(state);
  if (stage.targetC !== null || !tolerance || !brought || kind.takes(state.parameters[stage.id]).length === 0)
    return null;
  const read = milkReading(state, brought.endedAt ?? state.startedAt);
  if (!read) return null;
  const { targetC } = brought;
  const right = read.tempC >= targetC - tolerance[0] && read.tempC <= targetC + tolerance[1];
  return right ? null : { readC: read.tempC, wantedC: targetC };
}

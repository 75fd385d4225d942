import { stageKind } from '../makes/kinds';
import { type MakeState, stageAt } from './state';

/** Between which temperatures the stage under way still works, °C; null where heat does not matter to it, or while it is paused. */
export function worksFrom(state: MakeState): readonly [lowC: number, highC: number] | null {
  const stage = stageAt(state);
  const kind = stageKind(stage.kind);
  const tolerance = kind.toleranceC(state.parameters[stage.id]);
  if (stage.targetC === null || !tolerance || state.pausedAt !== null) return null;
  return [stage.targetC - tolerance[0], stage.targetC + tolerance[1]];
}

import type { MistakeId } from '../../makes/mistakes';
import { scaledBy } from '../../plan/larger';
import type { NewEvent } from '../events';
import { frozen } from '../frozen';
import { type MakeState, stageAt } from '../makeState';
import { litresOf, type Remedy } from './mishap';

/** The event that something went wrong, with what was told; where milk is gone, what follows is planned for what there is. */
export function mishapEvent(
  state: MakeState,
  what: MistakeId,
  { text, asked, remedy }: { text: string; asked: Record<string, number | string>; remedy: Remedy },
): Extract<NewEvent, { type: 'mishap' }> {
  const scaled = remedy.litres === undefined ? null : scaledBy(state, remedy.litres / litresOf(state));
  const follows = scaled?.plan.stages[state.index]?.id === stageAt(state).id;
  return {
    type: 'mishap',
    what,
    text,
    asked,
    costs: remedy.costs,
    ...(scaled && follows && { anew: frozen(scaled) }),
  };
}

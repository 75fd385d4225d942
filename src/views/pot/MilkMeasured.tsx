import { BOUNDS } from '../../core/faults/bounds';
import { takes } from '../../makes/asked';
import { scaledBy } from '../../plan/larger';
import type { NewEvent } from '../../run/events';
import { frozen } from '../../run/frozen';
import { type MakeState, stageAt } from '../../run/state';
import { useFormat } from '../../store/hooks';
import { Button } from '../../ui/parts/Button';
import { AmountSheet } from './AmountSheet';

/** While the milk is measured: another amount than planned moves every dose and time after it. */
export function MilkMeasured({ state, note }: { state: MakeState; note(event: NewEvent): Promise<boolean> }) {
  const format = useFormat();
  if (!takes(stageAt(state), state.parameters, 'milk') || state.pausedAt !== null) return null;
  const planned = state.plan.brief.milk.litres ?? 1;
  return (
    <AmountSheet
      title="How much milk is it?"
      label={`Milk in the pot (planned ${format.litres(planned)})`}
      quantity="volume"
      bounds={BOUNDS.litres}
      submit="Plan with that"
      trigger={
        <Button size="hand" className="flex-1">
          Other amount
        </Button>
      }
      take={async (litres) => {
        const scaled = scaledBy(state, litres / planned);
        if (!scaled) return 'With so much milk this make cannot be planned: give another amount.';
        return note({ type: 'remeasured', litres, ...frozen(scaled) });
      }}
    />
  );
}

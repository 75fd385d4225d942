import { useState } from 'react';
import { BOUNDS } from '../../core/faults/bounds';
import { FIELD_UNITS } from '../../core/units/format';
import { readNumber } from '../../core/units/numbers';
import { scaledBy } from '../../plan/larger';
import type { NewEvent } from '../../run/events';
import { type MakeState, stageAt } from '../../run/state';
import { useFormat } from '../../store/hooks';
import { BigField } from '../../ui/parts/BigField';
import { Button } from '../../ui/parts/Button';
import { FaultText } from '../../ui/parts/NumberField';
import { Sheet } from '../../ui/parts/Sheet';

/** While the milk is measured: another amount than planned moves every dose and time after it. */
export function MilkMeasured({ state, note }: { state: MakeState; note(event: NewEvent): Promise<boolean> }) {
  const format = useFormat();
  const [open, setOpen] = useState(false);
  const [text, setText] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  if (stageAt(state).kind !== 'measure' || state.pausedAt !== null) return null;
  const volume = FIELD_UNITS.volume;
  const unit = volume.unit(format.units);
  const planned = state.plan.brief.milk.litres ?? 1;
  const write = async () => {
    const read = readNumber(text);
    const litres = read === null ? null : volume.in(read, format.units);
    const { min, max } = BOUNDS.litres;
    if (litres === null || litres < min || litres > max) {
      setFault(
        `Give ${format.number(volume.out(min, format.units), 1)} to ${format.number(volume.out(max, format.units))} ${unit}.`,
      );
      return;
    }
    const scaled = scaledBy(state.plan, litres / planned);
    if (!scaled) {
      setFault('With so much milk this make cannot be planned: give another amount.');
      return;
    }
    const { plan, parameters } = scaled;
    if (await note({ type: 'remeasured', litres, plan, parameters })) setOpen(false);
  };
  return (
    <Sheet
      title="How much milk is it?"
      open={open}
      onOpenChange={(next) => {
        setOpen(next);
        setText('');
        setFault(null);
      }}
      trigger={
        <Button size="hand" className="flex-1">
          Other amount
        </Button>
      }
    >
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void write();
        }}
      >
        <BigField
          label={`Milk in the pot, ${unit} (planned ${format.litres(planned)})`}
          value={text}
          onChange={(typed) => {
            setText(typed);
            setFault(null);
          }}
        />
        {fault && <FaultText>{fault}</FaultText>}
        <div className="mt-6 flex gap-4">
          <Button size="hand" className="flex-1" onClick={() => setOpen(false)}>
            Close
          </Button>
          <Button tone="main" size="hand" type="submit" className="flex-1">
            Plan with that
          </Button>
        </div>
      </form>
    </Sheet>
  );
}

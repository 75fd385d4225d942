import { type ReactNode, useState } from 'react';
import { FIELD_UNITS, type Quantity } from '../../core/units/format';
import { readNumber } from '../../core/units/numbers';
import { useFormat } from '../../store/hooks';
import { BigField } from '../../ui/parts/BigField';
import { Button } from '../../ui/parts/Button';
import { FaultText } from '../../ui/parts/NumberField';
import { Sheet } from '../../ui/parts/Sheet';
import { faultText, numberFault } from '../common/faultText';

/** One number asked for at the pot, large, in the kitchen's units; what cannot be is answered and stays to be mended. */
export function AmountSheet({
  title,
  label,
  quantity,
  bounds,
  initial = '',
  submit,
  trigger,
  take,
  other,
}: {
  title: string;
  /** Without its unit, which stands behind it. */
  label: string;
  quantity: Quantity;
  /** Inner units. */
  bounds: { min: number; max: number };
  /** What stands in the field as it opens. */
  initial?: string;
  submit: string;
  trigger: ReactNode;
  /** Takes the value, inner units; resolves to whether it was taken, or to why it cannot be. */
  take(value: number): Promise<boolean | string>;
  /** Another way out than closing it. */
  other?: { text: string; act(): Promise<boolean> };
}) {
  const format = useFormat();
  const [open, setOpen] = useState(false);
  const [text, setText] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const units = FIELD_UNITS[quantity];
  const unit = units.unit(format.units);
  const write = async () => {
    const read = readNumber(text);
    const value = read === null ? null : units.in(read, format.units);
    if (value === null || value < bounds.min || value > bounds.max) {
      setFault(faultText(numberFault(label, text, value, bounds), format, quantity));
      return;
    }
    const taken = await take(value);
    if (typeof taken === 'string') setFault(taken);
    else if (taken) setOpen(false);
  };
  return (
    <Sheet
      title={title}
      open={open}
      onOpenChange={(next) => {
        setOpen(next);
        setText(initial);
        setFault(null);
      }}
      trigger={trigger}
    >
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void write();
        }}
      >
        <BigField
          label={unit ? `${label}, ${unit}` : label}
          value={text}
          onChange={(typed) => {
            setText(typed);
            setFault(null);
          }}
        />
        {fault && <FaultText>{fault}</FaultText>}
        <div className="mt-6 flex gap-4">
          <Button
            size="hand"
            className="flex-1"
            onClick={() => (other ? void other.act().then((done) => done && setOpen(false)) : setOpen(false))}
          >
            {other?.text ?? 'Close'}
          </Button>
          <Button tone="main" size="hand" type="submit" className="flex-1">
            {submit}
          </Button>
        </div>
      </form>
    </Sheet>
  );
}

import { useState } from 'react';
import type { UnitChoice } from '../../core/units/format';
import { KG_PER_POUND } from '../../core/units/measures';
import { readNumber } from '../../core/units/numbers';
import type { NewEvent } from '../../run/events';
import { MISHAPS, type MishapAsks, type MishapId, remedyFor } from '../../run/mishaps';
import type { MakeState } from '../../run/state';
import { useFormat } from '../../store/hooks';
import { Button } from '../../ui/parts/Button';
import { FaultText } from '../../ui/parts/NumberField';
import { Select } from '../../ui/parts/Select';
import { Sheet } from '../../ui/parts/Sheet';
import { TextLine } from '../../ui/parts/TextLine';

const MOST = 200;

/** How what is asked is typed in the maker's units, and read back in SI. */
function scaleOf(asks: MishapAsks, units: UnitChoice) {
  const plain = (unit: string, factor = 1, offset = 0) => ({
    unit,
    shown: (si: number) => String(Math.round((si * factor + offset) * 100) / 100),
    si: (typed: number) => (typed - offset) / factor,
  });
  switch (asks) {
    case 'step':
      return units.temperature === 'F' ? plain('°F', 1.8) : plain('°C');
    case 'temperature':
      return units.temperature === 'F' ? plain('°F', 1.8, 32) : plain('°C');
    case 'weight':
      return units.mass === 'oz' ? plain('lb', 1 / KG_PER_POUND) : plain('kg');
    case 'minutes':
      return plain('min');
    case 'hours':
      return plain('h');
    case null:
      return plain('');
  }
}

/** Something went wrong: say what, get what to do with numbers, what it costs, and whether it is still food. */
export function Mishap({ state, note }: { state: MakeState; note(event: NewEvent): Promise<boolean> }) {
  const [open, setOpen] = useState(false);
  const [id, setId] = useState<MishapId>('overshot');
  const mishap = MISHAPS.find((one) => one.id === id) ?? MISHAPS[0];
  const format = useFormat();
  const scale = scaleOf(mishap.asks, format.units);
  const [text, setText] = useState(scale.shown(mishap.usual));
  const typed = mishap.ask === null ? 0 : readNumber(text);
  const amount = typed === null ? null : scale.si(typed);
  const right = amount !== null && amount >= 0 && amount <= MOST;
  const remedy = right ? remedyFor(state, id, amount, format) : null;
  const choose = (next: MishapId) => {
    setId(next);
    const found = MISHAPS.find((one) => one.id === next) ?? MISHAPS[0];
    const usual = found.asks === 'weight' ? state.plan.predictions.yieldKg.likely : found.usual;
    setText(scaleOf(found.asks, format.units).shown(usual));
  };
  return (
    <Sheet
      title="What went wrong?"
      open={open}
      onOpenChange={setOpen}
      trigger={<Button tone="quiet">Something went wrong</Button>}
    >
      <div className="mt-3 space-y-3">
        <Select
          label="This"
          value={id}
          options={MISHAPS.map((one) => ({ value: one.id, text: one.text }))}
          onChange={choose}
        />
        {mishap.ask !== null && (
          <TextLine label={mishap.ask} unit={scale.unit} value={text} onChange={setText} />
        )}
        {!right && <FaultText>Give a number from 0 to {scale.shown(MOST)}.</FaultText>}
        {remedy && (
          <div
            className={`rounded-[14px] border-l-[8px] px-4 py-3 text-[17px] ${remedy.discard ? 'border-danger bg-danger-wash' : 'border-now-edge bg-now-wash'}`}
            aria-live="polite"
          >
            <p>
              <strong>{remedy.discard ? 'Unsafe: discard. ' : 'Now: '}</strong>
              {remedy.now}
            </p>
            <p className="mt-2">
              <strong>{remedy.discard ? 'Why: ' : 'It costs: '}</strong>
              {remedy.costs}
            </p>
          </div>
        )}
        <div className="flex justify-end gap-4 pt-2">
          <Button onClick={() => setOpen(false)}>Close</Button>
          <Button
            tone="main"
            disabled={!remedy}
            onClick={() =>
              remedy &&
              void note({
                type: 'mishap',
                what: id,
                text: `${mishap.text}. ${remedy.now} ${remedy.costs}`,
              }).then((written) => written && setOpen(false))
            }
          >
            Write it down
          </Button>
        </div>
      </div>
    </Sheet>
  );
}

import { useState } from 'react';
import { Infeasible } from '../../core/faults/fault';
import { aboutText, GIVEN_BOUNDS, type GivenUnit } from '../../core/units/given';
import { readNumber } from '../../core/units/numbers';
import type { Resolved } from '../../plan/brief/resolved';
import { acidGramsPerUnit, inFirstUnit, unitsFor } from '../../plan/measures';
import { type Adding, addedEvent, amountIn } from '../../run/adding';
import type { NewEvent } from '../../run/events';
import type { MakeState } from '../../run/state';
import { useFormat } from '../../store/hooks';
import { Button } from '../../ui/parts/Button';
import { FaultText } from '../../ui/parts/NumberField';
import { Sheet } from '../../ui/parts/Sheet';
import { faultText } from '../common/faultText';
import { MeasureInput } from '../common/MeasureInput';

const NAMES: Record<Adding['dose'], string> = {
  acid: 'acid',
  coagulant: 'coagulant',
  culture: 'culture',
  salt: 'salt',
  calcium: 'calcium chloride',
  cream: 'cream',
};

/** What is in so far where it is not as planned, and what that is of the plan. */
export function SoFar({ adding }: { adding: readonly Adding[] }) {
  const format = useFormat();
  const off = adding.filter(({ soFar }) => soFar.length > 0);
  if (off.length === 0) return null;
  return (
    <p
      className="mt-3 rounded-[16px] border-l-[10px] border-now-edge bg-now-wash px-5 py-2 text-[18px]"
      role="status"
    >
      {off.map(({ dose, units, planned, soFar }) => (
        <span key={dose} className="block">
          <strong>
            {aboutText({ amount: amountIn(soFar), unit: units[0] as GivenUnit })} of {NAMES[dose]} in
          </strong>
          {planned > 0 &&
            `, ${format.percent(Math.round((100 * amountIn(soFar)) / planned))} of what was planned: ${soFar.at(-1)?.followed ? 'all that follows is planned for that' : 'no plan can be made of that, so the one there was stands; give more, or go by what you see'}.`}
        </span>
      ))}
    </p>
  );
}

/** One go of something, asked for in any of its measures, large. */
function GoSheet({
  title,
  of,
  says,
  units,
  trigger,
  take,
}: {
  title: string;
  /** What it is an amount of. */
  of: string;
  says: string;
  units: readonly GivenUnit[];
  trigger: string;
  /** Notes so much of it; throws Infeasible for a measure it is not measured in. */
  take(said: { amount: number; unit: GivenUnit }): Promise<boolean>;
}) {
  const format = useFormat();
  const [open, setOpen] = useState(false);
  const [value, setValue] = useState({ text: '', unit: units[0] as GivenUnit });
  const [fault, setFault] = useState<string | null>(null);
  const write = async () => {
    const amount = readNumber(value.text);
    if (amount === null || amount <= 0 || amount > GIVEN_BOUNDS.max)
      return setFault(
        value.text.trim() === ''
          ? 'Nothing is entered yet: give what went in.'
          : `"${value.text}" cannot be: give more than nought, such as 2 or 0.5.`,
      );
    try {
      if (await take({ amount, unit: value.unit })) setOpen(false);
    } catch (error) {
      if (!(error instanceof Infeasible)) throw error;
      setFault(faultText(error.fault, format));
    }
  };
  return (
    <Sheet
      title={title}
      open={open}
      onOpenChange={(next) => {
        setOpen(next);
        setValue({ text: '', unit: value.unit });
        setFault(null);
      }}
      trigger={
        <Button size="hand" className="flex-1">
          {trigger}
        </Button>
      }
    >
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void write();
        }}
      >
        <p className="mt-2 text-[17px] text-ink-soft">{says}</p>
        <p className="mt-3 flex items-end gap-3">
          <MeasureInput
            large
            label={`${of} that went in`}
            value={value}
            units={units}
            onChange={(next) => {
              setValue(next);
              setFault(null);
            }}
          />
        </p>
        {fault && <FaultText>{fault}</FaultText>}
        <div className="mt-6 flex gap-4">
          <Button size="hand" className="flex-1" onClick={() => setOpen(false)}>
            Close
          </Button>
          <Button tone="main" size="hand" type="submit" className="flex-1">
            It is in
          </Button>
        </div>
      </form>
    </Sheet>
  );
}

/** What really went in, where it was not as planned: any measure, several goes; what follows is planned from it. */
export function WentIn({
  state,
  adding,
  note,
}: {
  state: MakeState;
  adding: Adding;
  note(event: NewEvent): Promise<boolean>;
}) {
  const { dose, units, planned, soFar } = adding;
  const first = units[0] as GivenUnit;
  return (
    <GoSheet
      title={`How much ${NAMES[dose]} went in?`}
      of={NAMES[dose]}
      units={units}
      trigger={soFar.length === 0 ? 'Other amount' : 'More of it'}
      says={
        soFar.length === 0
          ? `Planned: ${aboutText({ amount: planned, unit: first })}. Say what this go was; more goes add up.`
          : `In so far: ${aboutText({ amount: amountIn(soFar), unit: first })} of ${aboutText({ amount: planned, unit: first })}. Say what this go was.`
      }
      take={(said) => note(addedEvent(state, adding, said))}
    />
  );
}

/** Acid poured by the look of the whey, by the spoon or as one likes: each go is noted, and the next look decides. */
export function PouredOther({
  state,
  portion,
  note,
}: {
  state: MakeState;
  portion: number;
  note(event: NewEvent): Promise<boolean>;
}) {
  const { brief } = state.plan;
  return (
    <GoSheet
      title="How much acid went in?"
      of="acid"
      units={unitsFor('acid', brief)}
      trigger="Other amount"
      says="Say what this go was, by the spoon if you like; the goes add up, and clear whey is enough."
      take={(said) =>
        note({
          type: 'acid',
          grams: inFirstUnit(brief as Resolved, 'acid', said) * acidGramsPerUnit(brief),
          portion,
        })
      }
    />
  );
}

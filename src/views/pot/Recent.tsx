import { useState } from 'react';
import { BOUNDS } from '../../core/faults/bounds';
import { FIELD_UNITS, type Format } from '../../core/units/format';
import { readNumber } from '../../core/units/numbers';
import type { NewEvent } from '../../run/events';
import type { MakeState } from '../../run/state';
import { useFormat } from '../../store/hooks';
import { BigField } from '../../ui/parts/BigField';
import { Button } from '../../ui/parts/Button';
import { FaultText } from '../../ui/parts/NumberField';
import { Sheet } from '../../ui/parts/Sheet';
import { clockText } from '../common/times';

/** More of them than this nobody looks back on while wet. */
const MOST = 3;

type Kind = 'temperature' | 'pH' | 'weight';
interface Noted {
  seq: number;
  at: number;
  kind: Kind;
  value: number;
}

const READS = {
  temperature: { quantity: FIELD_UNITS.temperature, bounds: BOUNDS.potTempC, decimals: 1 },
  pH: { quantity: FIELD_UNITS.plain, bounds: BOUNDS.probePH, decimals: 2 },
  weight: { quantity: FIELD_UNITS.cheese, bounds: BOUNDS.kg, decimals: 2 },
} as const;

const text = ({ kind, value }: Noted, format: Format): string =>
  kind === 'temperature'
    ? format.temp(value, 1)
    : kind === 'pH'
      ? `pH ${format.pH(value)}`
      : format.kg(value);

/** The last of them that were noted one by one; a file is put right as a whole. */
const byHand = <R extends { seq: number | null }>(readings: readonly R[]) =>
  readings.filter((one): one is R & { seq: number } => one.seq !== null).slice(-MOST);

/** The last readings of a make, newest first, whatever they read. */
function recentOf(state: MakeState): Noted[] {
  return [
    ...byHand(state.readings).map((one) => ({ ...one, kind: 'temperature' as const, value: one.tempC })),
    ...byHand(state.pHs).map((one) => ({ ...one, kind: 'pH' as const, value: one.pH })),
    ...state.weighings.slice(-MOST).map((one) => ({ ...one, kind: 'weight' as const, value: one.kg })),
  ]
    .sort((a, b) => b.seq - a.seq)
    .slice(0, MOST);
}

/** What was noted last, each to be put right where the thumb slipped. */
export function Recent({ state, note }: { state: MakeState; note(event: NewEvent): Promise<boolean> }) {
  const format = useFormat();
  const recent = recentOf(state);
  if (recent.length === 0) return null;
  return (
    <section aria-label="Noted last" className="px-1">
      <h2 className="text-[22px]">Noted</h2>
      <ul className="mt-1">
        {recent.map((one) => (
          <li key={one.seq} className="stitch mt-1 flex items-center justify-between gap-3 pt-1">
            <span>
              <span className="figure text-[22px]">{text(one, format)}</span>{' '}
              <span className="text-[15px] text-ink-soft">{clockText(one.at)}</span>
            </span>
            <PutRight noted={one} note={note} />
          </li>
        ))}
      </ul>
    </section>
  );
}

function PutRight({ noted, note }: { noted: Noted; note(event: NewEvent): Promise<boolean> }) {
  const format = useFormat();
  const { quantity, bounds, decimals } = READS[noted.kind];
  const unit = quantity.unit(format.units);
  const shown = (value: number, places: number = decimals) =>
    format.number(quantity.out(value, format.units), places).replace('\u2212', '-');
  const [open, setOpen] = useState(false);
  const [typed, setTyped] = useState('');
  const [fault, setFault] = useState(false);
  const write = async () => {
    const read = readNumber(typed);
    const value = read === null ? null : quantity.in(read, format.units);
    if (value === null || value < bounds.min || value > bounds.max) {
      setFault(true);
      return;
    }
    if (await note({ type: 'corrected', target: noted.seq, value })) setOpen(false);
  };
  return (
    <Sheet
      title={`Noted at ${clockText(noted.at)}: ${text(noted, format)}`}
      open={open}
      onOpenChange={(next) => {
        setOpen(next);
        setFault(false);
        setTyped(shown(noted.value));
      }}
      trigger={
        <Button tone="quiet" className="-mr-3 min-h-13" aria-label={`Put right: ${text(noted, format)}`}>
          Put right
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
          label={`It really was${unit ? `, ${unit}` : ''}`}
          value={typed}
          onChange={(text) => {
            setTyped(text);
            setFault(false);
          }}
        />
        {fault && (
          <FaultText>
            That cannot be: give {shown(bounds.min, noted.kind === 'weight' ? 3 : 0)} to{' '}
            {shown(bounds.max, 0)} {unit}.
          </FaultText>
        )}
        <div className="mt-6 flex gap-4">
          <Button
            size="hand"
            className="flex-1"
            onClick={() =>
              void note({ type: 'undone', target: noted.seq }).then((written) => written && setOpen(false))
            }
          >
            Strike it out
          </Button>
          <Button tone="main" size="hand" type="submit" className="flex-1">
            Put it right
          </Button>
        </div>
      </form>
    </Sheet>
  );
}

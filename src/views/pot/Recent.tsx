import { BOUNDS } from '../../core/faults/bounds';
import { FIELD_UNITS, type Format } from '../../core/units/format';
import type { NewEvent } from '../../run/events';
import type { Shown } from '../../run/makeState';
import type { MakeState } from '../../run/state';
import { useFormat } from '../../store/hooks';
import { Button } from '../../ui/parts/Button';
import { clockText } from '../common/times';
import { AmountSheet } from './AmountSheet';

/** More of them than this nobody looks back on while wet. */
const MOST = 3;

type Kind = 'temperature' | 'pH' | 'weight';
interface Noted {
  seq: number;
  at: number;
  kind: Kind;
  value: number;
  /** What it is of, where it is not of the pot. */
  of?: string;
  shown?: Shown;
}

const READS = {
  temperature: { quantity: 'temperature', bounds: BOUNDS.potTempC, decimals: 1 },
  pH: { quantity: 'plain', bounds: BOUNDS.probePH, decimals: 2 },
  weight: { quantity: 'cheese', bounds: BOUNDS.kg, decimals: 2 },
} as const;

const text = ({ kind, value, of, shown }: Noted, format: Format): string =>
  kind === 'temperature'
    ? `${of ? `${of} ` : ''}${format.temp(value, 1)}${shown && Math.abs(shown.tempC - value) >= 0.05 ? `, ${shown.by} ${format.temp(shown.tempC, 1)}` : ''}`
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
    ...state.beside.slice(-MOST).map((one) => ({ ...one, kind: 'temperature' as const, value: one.tempC })),
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
  const said = text(noted, format);
  return (
    <AmountSheet
      title={`Noted at ${clockText(noted.at)}: ${said}`}
      label="It really was"
      quantity={quantity}
      bounds={bounds}
      initial={format
        .number(FIELD_UNITS[quantity].out(noted.value, format.units), decimals)
        .replace('\u2212', '-')}
      submit="Put it right"
      trigger={
        <Button tone="quiet" className="-mr-3 min-h-13" aria-label={`Put right: ${said}`}>
          Put right
        </Button>
      }
      take={(value) => note({ type: 'corrected', target: noted.seq, value })}
      other={{ text: 'Strike it out', act: () => note({ type: 'undone', target: noted.seq }) }}
    />
  );
}

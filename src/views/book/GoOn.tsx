import { useState } from 'react';
import { Infeasible } from '../../core/faults/fault';
import { KNIT_NAMES, type Knit } from '../../core/salt/diffusion';
import { saltGrams } from '../../core/salt/dry';
import { FIELD_UNITS } from '../../core/units/format';
import { readNumber } from '../../core/units/numbers';
import { LATER, type Later } from '../../run/events';
import { brineLater, kgNow, saltNowPct } from '../../run/later';
import type { MakeState } from '../../run/state';
import { useFormat } from '../../store/hooks';
import { Button } from '../../ui/parts/Button';
import { FaultText } from '../../ui/parts/NumberField';
import { Select } from '../../ui/parts/Select';
import { Sheet } from '../../ui/parts/Sheet';
import { TextLine } from '../../ui/parts/TextLine';
import { faultText } from '../common/faultText';
import { SheetEnd } from '../common/SheetEnd';
import { hoursText, momentText } from '../common/times';
import { useNote } from '../common/useNote';

const NAMES: Record<Later, string> = {
  salted: 'Salt it',
  brined: 'Brine it',
  'hung on': 'Hang it on',
  parted: 'Part it',
  'weighed again': 'Weigh it again',
};
const KNITS: Record<Knit, string> = {
  close: 'closely knit',
  loose: 'loosely knit',
  open: 'open, barely pressed',
};

/** What was typed, with what stands there before anybody types. */
const FIRST = { percent: '1.5', pctWw: '10', pieceKg: '0.25', thicknessCm: '3', days: '7' } as const;
type Typed = Record<keyof typeof FIRST, string> & { kg: string; knit: Knit };

/** A finished cheese is salted, brined, hung on or weighed again: how much, how long, and where it ends. */
export function GoOn({ id, state, now }: { id: string; state: MakeState; now: number }) {
  const format = useFormat();
  const { note } = useNote(id);
  const [open, setOpen] = useState(false);
  const [what, setWhat] = useState<Later>('brined');
  const mass = FIELD_UNITS.cheese;
  const fresh = (): Typed => ({
    ...FIRST,
    kg: format.number(mass.out(kgNow(state), format.units), 2),
    knit: 'close',
  });
  const [typed, setTyped] = useState<Typed>(fresh);
  if (state.finishedAt === null) return null;
  const set = (next: Partial<Typed>) => setTyped({ ...typed, ...next });
  const number = (name: keyof Typed): number => readNumber(typed[name]) ?? Number.NaN;
  const kg = mass.in(number('kg'), format.units);
  const pieceUnit = mass.unit(format.units);
  /** Whether a weight is asked for. */
  const weighs = what === 'salted' || what === 'parted' || what === 'weighed again';
  const told = tell();
  const line = (name: keyof typeof FIRST | 'kg', label: string, unit: string) => (
    <TextLine label={label} unit={unit} value={typed[name]} onChange={(value) => set({ [name]: value })} />
  );
  /** What comes of it, in words; null where what is typed cannot be. */
  function tell(): { text: string; wrong?: string } {
    if (weighs && !(kg > 0 && kg < 1000)) return { text: '', wrong: 'Give a weight above nought.' };
    if (what === 'parted') {
      const rest = kgNow(state) - kg;
      return rest > 0
        ? {
            text: `${format.kg(kg)} stays with this page, ${format.kg(rest)} goes its own way: enter that in the book as a make of its own, so that each is judged by itself.`,
          }
        : { text: '', wrong: `Give less than the ${format.kg(kgNow(state))} it weighs.` };
    }
    if (what === 'weighed again') return { text: `${format.kg(kg)}.` };
    if (what === 'hung on') {
      const days = number('days');
      if (!(days > 0 && days <= 60)) return { text: '', wrong: 'Give 1 to 60 days.' };
      return {
        text: `${format.number(days)} days more, cool and airy, turned each day: it dries, and its label keeps the day it was made. Weigh it again then.`,
      };
    }
    const percent = number('percent');
    if (!(percent > 0 && percent <= 10)) return { text: '', wrong: 'Give 0.1 to 10 % of salt.' };
    if (what === 'salted')
      return {
        text: `Strew ${format.grams(saltGrams(kg, percent))} over all faces, half of it now, and half when it is turned in an hour. About twice its weight in whey runs off.`,
      };
    const [pctWw, thicknessCm] = [number('pctWw'), number('thicknessCm')];
    const pieceKg = mass.in(number('pieceKg'), format.units);
    if (!(pctWw >= 2 && pctWw <= 26 && pieceKg > 0 && pieceKg <= 50 && thicknessCm > 0 && thicknessCm <= 50))
      return { text: '', wrong: 'Give a brine of 2 to 26 %, and pieces as they are.' };
    try {
      const { hours, endsPct, holdingPct } = brineLater(state, {
        pieceKg,
        thicknessCm,
        knit: typed.knit,
        pctWw,
        percent,
      });
      if (hours === 0)
        return {
          text: '',
          wrong: `By its make it holds that salt already: want more than ${format.percent(saltNowPct(state), 1)}.`,
        };
      return {
        text: `Out after about ${format.minutes(hours < 1 ? Math.max(5, Math.round(12 * hours) * 5) : Math.round(4 * hours) * 15)}, ${momentText(now + hours * 3_600_000, now)}. Left in it for good, it goes on to about ${format.percent(endsPct, 1)} of salt; to keep it where it is, move it into one of ${format.percent(holdingPct)}.`,
      };
    } catch (error) {
      if (!(error instanceof Infeasible)) throw error;
      return { text: '', wrong: faultText(error.fault, format) };
    }
  }
  return (
    <>
      <Sheet
        title="Go on with it"
        open={open}
        onOpenChange={(next) => {
          setOpen(next);
          setTyped(fresh());
        }}
        trigger={<Button>Go on with it</Button>}
      >
        <div className="mt-3 max-h-[76vh] space-y-3 overflow-y-auto pr-2">
          <Select
            label="What"
            value={what}
            options={LATER.map((value) => ({ value, text: NAMES[value] }))}
            onChange={(next: Later) => setWhat(next)}
          />
          {weighs && line('kg', what === 'parted' ? 'What stays' : 'It weighs now', mass.unit(format.units))}
          {(what === 'salted' || what === 'brined') && line('percent', 'Salt wanted in it', '%')}
          {what === 'brined' && (
            <>
              {line('pctWw', 'Brine', '%')}
              {line('pieceKg', 'A piece', pieceUnit)}
              {line('thicknessCm', 'Its thickness', 'cm')}
              <Select
                label="Its curd is"
                value={typed.knit}
                options={KNIT_NAMES.map((value) => ({ value, text: KNITS[value] }))}
                onChange={(knit: Knit) => set({ knit })}
              />
            </>
          )}
          {what === 'hung on' && line('days', 'For', 'days')}
          {told.wrong ? (
            <FaultText>{told.wrong}</FaultText>
          ) : (
            <p
              className="rounded-[14px] border-l-[8px] border-now-edge bg-now-wash px-4 py-3 text-[17px]"
              aria-live="polite"
            >
              {told.text}
            </p>
          )}
          <SheetEnd
            disabled={told.wrong !== undefined}
            close={() => setOpen(false)}
            write={() => note({ type: 'later', what, kg: weighs ? kg : null, text: told.text })}
          />
        </div>
      </Sheet>
      {state.later.length > 0 && (
        <ul className="mt-2 basis-full">
          {state.later.map((one) => (
            <li key={one.at} className="stitch mt-1 pt-1 text-[16px]">
              <span className="text-ink-soft">
                {hoursText((one.at - (state.finishedAt ?? one.at)) / 60_000)} after
              </span>{' '}
              <strong>{one.what}</strong>
              {one.text !== '' && `: ${one.text}`}
            </li>
          ))}
        </ul>
      )}
    </>
  );
}

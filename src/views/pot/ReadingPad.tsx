import { type RefObject, useEffect, useId, useState } from 'react';
import { BOUNDS } from '../../core/faults/bounds';
import { FIELD_UNITS } from '../../core/units/format';
import { readNumber, roundTo } from '../../core/units/numbers';
import type { ReadWith } from '../../kitchen/thermometers';
import type { ReadOf } from '../../makes/traits';
import type { Shown } from '../../run/makeState';
import { useFormat } from '../../store/hooks';
import { CheckGlyph } from '../../ui/glyphs/glyphs';
import { Button } from '../../ui/parts/Button';
import { FaultText } from '../../ui/parts/NumberField';
import { ReadWithRow } from './ReadWith';

type Reads = 'temperature' | 'pH' | 'weight';

const NAMES: Record<Reads, string> = { temperature: 'Temperature', pH: 'pH', weight: 'Weight' };

/** What stands on the pad, kept while it moves to where a turned screen has room for it. */
export interface OnPad {
  /** Which pad it is: another stage's begins empty. */
  of: string;
  chosen: Reads;
  readOf: ReadOf;
  readWith: string | null;
  text: string;
  /** Whether it was touched, and has its keys unfolded. */
  open: boolean;
}

interface Props {
  name: string;
  held: RefObject<OnPad | null>;
  pad: Reads;
  /** The last stage: a weight finishes the make. */
  last: boolean;
  /** Its keys stay folded until it is touched. */
  folds: boolean;
  /** What a temperature may be read of; the first where nobody says. */
  reads: readonly ReadOf[];
  /** The kitchen's thermometers where one is known to be off, the first where nobody says; and the one read with last. */
  withs: readonly ReadWith[];
  lastWith: string | null;
  lastTempC: number | null;
  lastPH: number | null;
  /** Why a weight can hardly be right; it is noted when pressed again. */
  doubts(kg: number): string | null;
  onTemp(tempC: number, of: ReadOf, shown: Shown | null): Promise<boolean>;
  onPH(pH: number): Promise<boolean>;
  onWeight(kg: number): Promise<boolean>;
  onFinish(kg: number | null): Promise<void>;
}

/** A pad for wet knuckles: keys, a step up or down from the last reading, and the keyboard beside it. */
export function ReadingPad({
  name,
  held,
  pad,
  last,
  folds,
  reads,
  withs,
  lastWith,
  lastTempC,
  lastPH,
  doubts,
  onTemp,
  onPH,
  onWeight,
  onFinish,
}: Props) {
  const format = useFormat();
  const before = held.current?.of === name ? held.current : null;
  const [chosen, setChosen] = useState(before?.chosen ?? pad);
  const [text, setText] = useState(before?.text ?? '');
  const [of, setOf] = useState(before?.readOf ?? (reads[0] as ReadOf));
  const [named, setNamed] = useState(before?.readWith ?? lastWith);
  const by = withs.find((one) => one.name === named) ?? withs[0] ?? null;
  const [open, setOpen] = useState(before?.open ?? false);
  useEffect(() => {
    held.current = { of: name, chosen, readOf: of, readWith: named, text, open };
  }, [held, name, chosen, of, named, text, open]);
  const [fault, setFault] = useState<string | null>(null);
  /** What was asked about, as it was typed. */
  const [asked, setAsked] = useState<string | null>(null);
  const unfolded = !folds || open;
  const id = useId();
  const mark = format.units.decimal;
  const quantity =
    FIELD_UNITS[({ temperature: 'temperature', pH: 'plain', weight: 'cheese' } as const)[chosen]];
  const unit = quantity.unit(format.units);
  const bounds = { temperature: BOUNDS.potTempC, pH: BOUNDS.probePH, weight: BOUNDS.kg }[chosen];
  const lastShown = lastTempC === null || by === null ? lastTempC : by.showsC(lastTempC);
  const lastOf = { temperature: lastShown, pH: lastPH, weight: null }[chosen];
  const steps = chosen === 'pH' ? [-0.1, -0.01, 0.01, 0.1] : [-1, -0.1, 0.1, 1];
  const decimals = chosen === 'pH' ? 2 : 1;
  const noteIt = chosen === 'weight' && last ? 'Weigh and finish' : 'Note it';
  const typed = readNumber(text);
  const shown = typed === null ? null : quantity.in(typed, format.units);
  const write = async () => {
    const value = shown !== null && chosen === 'temperature' && by ? roundTo(by.isC(shown), 2) : shown;
    if (value === null || value < bounds.min || value > bounds.max) {
      const low = format.number(quantity.out(bounds.min, format.units), chosen === 'weight' ? 3 : 0);
      setFault(
        `${text === '' ? 'Nothing is entered yet' : typed === null ? `"${text}" is not a number` : 'That cannot be right'}: give ${low} to ${format.number(quantity.out(bounds.max, format.units))} ${unit}.`,
      );
      return;
    }
    const doubt = chosen === 'weight' && asked !== text ? doubts(value) : null;
    setAsked(doubt === null ? null : text);
    setFault(doubt);
    if (doubt !== null) return;
    if (chosen === 'weight' && last) await onFinish(value);
    else if (
      await (chosen === 'temperature'
        ? onTemp(value, of, by && { tempC: shown ?? value, by: by.name })
        : { pH: onPH, weight: onWeight }[chosen](value))
    )
      // What was stepped on to while it was being written down stays.
      setText((now) => (now === text ? '' : now));
  };
  const press = (key: string) => {
    setFault(null);
    setText((now) => (key === '⌫' ? now.slice(0, -1) : now.length > 6 ? now : now + key));
  };
  const step = (by: number) => {
    const from = readNumber(text) ?? (lastOf === null ? null : quantity.out(lastOf, format.units));
    if (from === null) return;
    setFault(null);
    setText(format.number(roundTo(from + by, decimals), decimals).replace('\u2212', '-'));
  };
  return (
    <form
      aria-label="Note a reading"
      className={unfolded ? 'plate px-4 pt-3 pb-4' : 'rounded-[18px] border-2 border-rim-soft px-3 pt-1 pb-2'}
      onSubmit={(event) => {
        event.preventDefault();
        void write();
      }}
    >
      <div className="flex flex-wrap items-center justify-between gap-x-2">
        <label htmlFor={id} className="name text-[20px]">
          {chosen === 'weight' && last ? 'Finished weight' : NAMES[chosen]}
        </label>
        <span className="flex">
          {(['temperature', 'pH', 'weight'] as const)
            .filter((one) => one !== chosen)
            .map((one) => (
              <button
                key={one}
                type="button"
                className="min-h-11 px-2 text-[15px] font-semibold underline underline-offset-4"
                onClick={() => {
                  setChosen(one);
                  setText('');
                  setFault(null);
                }}
              >
                {one}
              </button>
            ))}
        </span>
      </div>
      <div className="field-line flex items-baseline gap-1">
        <input
          id={id}
          inputMode="none"
          autoComplete="off"
          value={text}
          placeholder={lastOf === null ? '' : format.number(quantity.out(lastOf, format.units), decimals)}
          onChange={(event) => {
            setFault(null);
            setText(event.target.value);
          }}
          aria-invalid={fault !== null}
          onFocus={() => setOpen(true)}
          onClick={() => setOpen(true)}
          className="figure w-full min-w-0 bg-transparent text-right text-[52px] outline-none placeholder:text-rim-soft placeholder:opacity-100"
        />
        <span className="name text-[24px]">{unit}</span>
        {!unfolded && (
          <Button tone="now" size="hand" type="submit" className="mb-1 ml-3 shrink-0" aria-label={noteIt}>
            {last && chosen === 'weight' ? 'Finish' : 'Note it'}
          </Button>
        )}
      </div>
      {fault && <FaultText>{fault}</FaultText>}
      {unfolded && chosen === 'temperature' && reads.length > 1 && (
        <fieldset className="mt-2 flex gap-1" aria-label="Read of">
          {reads.map((one) => (
            <label
              key={one}
              className={`flex min-h-11 flex-1 cursor-pointer items-center justify-center rounded-[12px] text-[15px] font-semibold has-focus-visible:outline-3 has-focus-visible:outline-rim ${of === one ? 'bg-now-wash underline underline-offset-4' : 'text-ink-soft'}`}
            >
              <input
                type="radio"
                name={`${id}-of`}
                className="sr-only"
                checked={of === one}
                onChange={() => setOf(one)}
              />
              {one}
            </label>
          ))}
        </fieldset>
      )}
      {unfolded && chosen === 'temperature' && (
        <ReadWithRow all={withs} chosen={by} shownC={shown} onChoose={setNamed} />
      )}
      {unfolded && chosen !== 'weight' && (
        <div className="mt-3 grid grid-cols-4 gap-2">
          {steps.map((by) => (
            <button
              key={by}
              type="button"
              disabled={lastOf === null && text === ''}
              aria-label={`${by > 0 ? 'plus' : 'minus'} ${Math.abs(by)}`}
              onClick={() => step(by)}
              className="figure min-h-[52px] rounded-[14px] border-2 border-rim-soft bg-plate-soft text-[18px] disabled:opacity-50"
            >
              {by > 0 ? '+' : '−'}
              {format.number(Math.abs(by), Math.abs(by) < 0.1 ? 2 : Math.abs(by) < 1 ? 1 : 0)}
            </button>
          ))}
        </div>
      )}
      {unfolded && (
        <div className="mt-3 grid grid-cols-3 gap-2">
          {['7', '8', '9', '4', '5', '6', '1', '2', '3', mark, '0', '⌫'].map((key) => (
            <button
              key={key}
              type="button"
              aria-label={key === '⌫' ? 'delete' : key === mark ? 'decimal mark' : key}
              onClick={() => press(key)}
              className="figure min-h-[60px] rounded-[16px] border-[2.5px] border-rim bg-plate text-[28px] hover:bg-plate-soft active:bg-now"
            >
              {key}
            </button>
          ))}
        </div>
      )}
      {unfolded && (
        <Button tone="now" size="hand" type="submit" className="mt-4 w-full">
          <CheckGlyph size={28} />
          {noteIt}
        </Button>
      )}
      {last && (
        <Button tone="quiet" className="mt-3 w-full" onClick={() => void onFinish(null)}>
          Finish without weighing
        </Button>
      )}
    </form>
  );
}

import { useId, useState } from 'react';
import { BOUNDS } from '../../core/faults/bounds';
import { FIELD_UNITS } from '../../core/units/format';
import { readNumber, roundTo } from '../../core/units/numbers';
import { useFormat } from '../../store/hooks';
import { CheckGlyph } from '../../ui/glyphs/glyphs';
import { Button } from '../../ui/parts/Button';
import { FaultText } from '../../ui/parts/NumberField';

interface Props {
  pad: 'temperature' | 'weight';
  /** The last stage: a weight finishes the make. */
  last: boolean;
  lastTempC: number | null;
  busy: boolean;
  onTemp(tempC: number): Promise<boolean>;
  onWeight(kg: number): Promise<boolean>;
  onFinish(kg: number | null): Promise<void>;
}

/** A pad for wet knuckles: keys, a step up or down from the last reading, and the keyboard beside it. */
export function ReadingPad({ pad, last, lastTempC, busy, onTemp, onWeight, onFinish }: Props) {
  const format = useFormat();
  const [chosen, setChosen] = useState(pad);
  const [text, setText] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const id = useId();
  const mark = format.units.decimal;
  const quantity = FIELD_UNITS[chosen === 'temperature' ? 'temperature' : 'cheese'];
  const unit = quantity.unit(format.units);
  const bounds = chosen === 'temperature' ? BOUNDS.potTempC : BOUNDS.kg;
  const write = async () => {
    const read = readNumber(text);
    const value = read === null ? null : quantity.in(read, format.units);
    if (value === null || value < bounds.min || value > bounds.max) {
      const low = format.number(quantity.out(bounds.min, format.units), chosen === 'temperature' ? 0 : 3);
      setFault(
        `${text === '' ? 'Nothing is entered yet' : 'That cannot be right'}: give ${low} to ${format.number(quantity.out(bounds.max, format.units))} ${unit}.`,
      );
      return;
    }
    if (chosen === 'weight' && last) await onFinish(value);
    else if (await (chosen === 'temperature' ? onTemp(value) : onWeight(value))) setText('');
  };
  const press = (key: string) => {
    setFault(null);
    setText((now) => (key === '⌫' ? now.slice(0, -1) : now.length > 6 ? now : now + key));
  };
  const step = (by: number) => {
    const from = readNumber(text) ?? (lastTempC === null ? null : quantity.out(lastTempC, format.units));
    if (from === null) return;
    setFault(null);
    setText(format.number(roundTo(from + by, 1), 1).replace('\u2212', '-'));
  };
  return (
    <form
      aria-label="Note a reading"
      className="plate px-4 pt-3 pb-4"
      onSubmit={(event) => {
        event.preventDefault();
        void write();
      }}
    >
      <div className="flex items-center justify-between gap-2">
        <label htmlFor={id} className="name text-[20px]">
          {chosen === 'temperature' ? 'Temperature' : last ? 'Finished weight' : 'Weight'}
        </label>
        {(pad === 'weight' || last) && (
          <button
            type="button"
            className="min-h-11 px-2 text-[15px] font-semibold underline underline-offset-4"
            onClick={() => setChosen(chosen === 'weight' ? 'temperature' : 'weight')}
          >
            {chosen === 'weight' ? 'temperature' : 'weight'}
          </button>
        )}
      </div>
      <div className="field-line flex items-baseline gap-1">
        <input
          id={id}
          inputMode="none"
          autoComplete="off"
          value={text}
          placeholder={
            chosen === 'temperature' && lastTempC !== null
              ? format.number(quantity.out(lastTempC, format.units), 1)
              : ''
          }
          onChange={(event) => {
            setFault(null);
            setText(event.target.value);
          }}
          aria-invalid={fault !== null}
          className="figure w-full min-w-0 bg-transparent text-right text-[52px] outline-none placeholder:text-rim-soft placeholder:opacity-100"
        />
        <span className="name text-[24px]">{unit}</span>
      </div>
      {fault && <FaultText>{fault}</FaultText>}
      {chosen === 'temperature' && (
        <div className="mt-3 grid grid-cols-4 gap-2">
          {[-1, -0.1, 0.1, 1].map((by) => (
            <button
              key={by}
              type="button"
              disabled={lastTempC === null && text === ''}
              aria-label={`${by > 0 ? 'plus' : 'minus'} ${Math.abs(by)}`}
              onClick={() => step(by)}
              className="figure min-h-[52px] rounded-[14px] border-2 border-rim-soft bg-plate-soft text-[18px] disabled:opacity-50"
            >
              {by > 0 ? '+' : '−'}
              {format.number(Math.abs(by), Math.abs(by) < 1 ? 1 : 0)}
            </button>
          ))}
        </div>
      )}
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
      <Button tone="now" size="hand" type="submit" disabled={busy} className="mt-4 w-full">
        <CheckGlyph size={28} />
        {chosen === 'weight' && last ? 'Weigh and finish' : 'Note it'}
      </Button>
      {last && (
        <Button tone="quiet" className="mt-3 w-full" onClick={() => void onFinish(null)}>
          Finish without weighing
        </Button>
      )}
    </form>
  );
}

import { Slider } from 'radix-ui';
import { useId } from 'react';
import { FIELD_UNITS, type Quantity, type UnitChoice } from '../../core/units/format';
import { decimalsOf, readNumber, roundTo } from '../../core/units/numbers';

export interface NumberFieldProps {
  label: string;
  hint?: string | undefined;
  /** Inner units; null where nothing can be read. */
  value: number | null;
  /** What was typed, where it is not what a clean redraw would show. */
  text: string | null;
  onChange(field: { value: number | null; text: string | null }): void;
  quantity?: Quantity;
  /** Unit of a plain quantity. */
  unit?: string;
  units: UnitChoice;
  /** Inner units. */
  min: number;
  max: number;
  /** In the units shown. */
  step: number;
  fault?: string | undefined;
  /** A line to pull along, from and to in inner units. */
  slide?: { min: number; max: number } | undefined;
  placeholder?: string;
  /** Without steps to tap, for what is read off a label or a meter. */
  bare?: boolean;
}

/** A number as it is typed, nudged and pulled, in the units shown; what was typed is kept even where it cannot be read. */
export function useTyped(props: NumberFieldProps) {
  const { value, text, onChange, quantity = 'plain', units, min, max, step } = props;
  const kind = FIELD_UNITS[quantity];
  const decimals = decimalsOf(step);
  const write = (shown: number) => {
    const plain = roundTo(shown, decimals).toFixed(decimals);
    const short = plain.includes('.') ? plain.replace(/\.?0+$/, '') : plain;
    return units.decimal === ',' ? short.replace('.', ',') : short;
  };
  const shown = value === null ? null : kind.out(value, units);
  const set = (next: number) => {
    const rounded = roundTo(next, decimals);
    onChange({ value: Math.min(max, Math.max(min, kind.in(rounded, units))), text: null });
  };
  return {
    unit: kind.unit(units) || (props.unit ?? ''),
    displayed: text ?? (shown === null ? '' : write(shown)),
    shown,
    outer: (inner: number) => roundTo(kind.out(inner, units), decimals),
    set,
    nudge: (by: number) => set((shown ?? kind.out(min, units)) + by),
    type: (typed: string) => {
      const read = readNumber(typed);
      onChange({ value: read === null ? null : kind.in(read, units), text: typed });
    },
  };
}
export type Typed = ReturnType<typeof useTyped>;

const NUDGER =
  'flex size-11 shrink-0 items-center justify-center rounded-xl border-2 border-rim bg-plate text-2xl leading-none font-semibold hover:bg-plate-soft';

function Nudger({ label, by, typed }: { label: string; by: number; typed: Typed }) {
  return (
    <button
      type="button"
      className={NUDGER}
      aria-label={`${label}: ${by < 0 ? 'less' : 'more'}`}
      onClick={() => typed.nudge(by)}
    >
      {by < 0 ? '−' : '+'}
    </button>
  );
}

/** A line to pull a number along, with a step at each end; `slide` in inner units. */
export function Pull({
  label,
  step,
  slide,
  typed,
}: {
  label: string;
  step: number;
  slide: { min: number; max: number };
  typed: Typed;
}) {
  const least = typed.outer(slide.min);
  const most = typed.outer(slide.max);
  return (
    <div className="mt-0.5 flex items-center gap-3">
      <Nudger label={label} by={-step} typed={typed} />
      <Slider.Root
        className="relative flex h-11 flex-1 touch-none items-center select-none"
        min={least}
        max={most}
        step={step}
        value={[Math.min(most, Math.max(least, typed.shown ?? least))]}
        onValueChange={([next]) => next !== undefined && typed.set(next)}
      >
        <Slider.Track className="relative h-2.5 grow overflow-hidden rounded-full border-2 border-rim bg-plate">
          <Slider.Range className="absolute h-full bg-enamel" />
        </Slider.Track>
        <Slider.Thumb
          aria-label={`${label}, pull`}
          className="block size-7 rounded-full border-[3px] border-rim bg-now"
        />
      </Slider.Root>
      <Nudger label={label} by={step} typed={typed} />
    </div>
  );
}

/** A number one can type, nudge or pull; keeps what was typed, even when it cannot be read. */
export function NumberField(props: NumberFieldProps) {
  const { label, hint, step, fault, slide, placeholder, bare = false } = props;
  const id = useId();
  const typed = useTyped(props);
  const nudges = !slide && !bare;
  return (
    <div data-field={label}>
      <div className="flex items-center gap-2">
        <label htmlFor={id} className="min-w-0 flex-1 text-[15px] font-medium leading-tight text-ink-soft">
          {label}
        </label>
        {nudges && <Nudger label={label} by={-step} typed={typed} />}
        <span
          className={`field-line flex w-[5.9rem] items-baseline justify-end gap-1 pb-0.5 ${fault ? 'border-danger' : ''}`}
        >
          <input
            id={id}
            inputMode="decimal"
            autoComplete="off"
            className="figure w-full min-w-0 bg-transparent py-1 text-right text-[22px] outline-none placeholder:font-normal placeholder:text-ink-soft placeholder:opacity-100"
            value={typed.displayed}
            placeholder={placeholder}
            aria-invalid={fault !== undefined}
            aria-describedby={fault ? `${id}-fault` : undefined}
            onChange={(event) => typed.type(event.target.value)}
            onKeyDown={(event) => {
              if (event.key === 'ArrowUp') typed.nudge(step);
              else if (event.key === 'ArrowDown') typed.nudge(-step);
              else return;
              event.preventDefault();
            }}
          />
          <span className="text-[15px] text-ink-soft">{typed.unit}</span>
        </span>
        {nudges && <Nudger label={label} by={step} typed={typed} />}
      </div>
      {slide && <Pull label={label} step={step} slide={slide} typed={typed} />}
      {hint && !fault && <p className="mt-0.5 text-sm text-ink-soft">{hint}</p>}
      {fault && <FaultText id={`${id}-fault`}>{fault}</FaultText>}
    </div>
  );
}

/** What is wrong and what would be right, beside the field: a bar and a word, not a hue alone. */
export function FaultText({ id, children }: { id?: string; children: React.ReactNode }) {
  return (
    <p
      id={id}
      role="alert"
      className="mt-1 rounded-r-lg border-l-4 border-danger bg-danger-wash px-2.5 py-1.5 text-[15px] leading-snug font-medium text-danger"
    >
      {children}
    </p>
  );
}

import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { useState } from 'react';
import { type Fault, faultLine } from '../../core/faults/fault';
import { readNumber } from '../../core/units/numbers';
import type { Clause } from '../../makes/clauses';
import { conditionsOf, type Method, type MethodOption, type StageSpec } from '../../makes/method';
import { useFormat } from '../../store/hooks';
import { Button } from '../../ui/parts/Button';
import { FaultText } from '../../ui/parts/NumberField';
import { SayNumber } from '../../ui/say/SayNumber';
import { SayPick } from '../../ui/say/SayPick';
import { InlineField } from './InlineField';

type Param = StageSpec['params'][string];

/** A parameter as it is typed: a colon before an option's name, otherwise as it is. */
const paramText = (value: Param): string => (typeof value === 'object' ? `:${value.option}` : String(value));

function paramOf(text: string): Param {
  const trimmed = text.trim();
  if (trimmed.startsWith(':')) return { option: trimmed.slice(1) };
  if (trimmed === 'true' || trimmed === 'false') return trimmed === 'true';
  return readNumber(trimmed) ?? trimmed;
}

const conditionText = (one: ReturnType<typeof conditionsOf>[number]): string =>
  'given' in one
    ? `there is ${one.given}`
    : 'is' in one
      ? `${one.option} is ${one.is.join(' or ')}`
      : 'atLeast' in one
        ? `${one.option} is ${one.atLeast} or more`
        : `${one.option} is chosen`;

/** A piece of a stage's sentence: a parameter, or what an option usually is, is changed where it stands. */
function SaidValue({
  clause,
  stage,
  options,
  setParam,
  onOption,
}: {
  clause: Clause;
  stage: StageSpec;
  options: Method['options'];
  setParam(key: string, value: Param | null): void;
  onOption(name: string, next: MethodOption): void;
}) {
  const format = useFormat();
  const { text, param, option: name } = clause;
  const option = name === undefined ? undefined : options[name];
  if (name !== undefined && option?.type === 'number')
    return (
      <SayNumber
        label={`${option.label}, as usual`}
        {...asTyped(option.default)}
        reads={text}
        said={false}
        hint={option.reason}
        quantity={option.quantity}
        unit={option.unit}
        units={format.units}
        min={option.min}
        max={option.max}
        step={option.step}
        slide={{ min: option.min, max: option.max }}
        onChange={(next) => onOption(name, { ...option, default: (next.value ?? next.text ?? '') as number })}
      />
    );
  if (name !== undefined && option?.type === 'choice')
    return (
      <SayPick
        label={`${option.label}, as usual`}
        value={option.default}
        reads={text}
        said={false}
        options={option.choices}
        onChange={(value) => onOption(name, { ...option, default: value })}
      />
    );
  const now = param === undefined ? undefined : stage.params[param];
  if (param === undefined || typeof now === 'object' || typeof now === 'boolean' || now === undefined)
    return text;
  // A word where the kind wants one stays a word; what is typed in place of a number is kept, with its fault.
  if (typeof now === 'string' && !NUMERIC.test(text)) return text;
  return (
    <SayNumber
      label={`${param} of ${stage.id}`}
      {...asTyped(now)}
      reads={text}
      hint="As the method’s file has it: °C, minutes, hours, kilograms, millimetres."
      said
      units={format.units}
      min={-1_000_000}
      max={1_000_000}
      step={1}
      onChange={(next) => setParam(param, next.text === null ? next.value : paramOf(next.text))}
    />
  );
}
const NUMERIC = /\d/;

/** A number, or what was typed in its place: that stays with its fault until it is one. */
const asTyped = (now: number | string) =>
  typeof now === 'number' ? { value: now, text: null } : { value: null, text: now };

/** One stage of a make being written: its kind, its parameters, its faults; a grip to move it by. */
export function StageRow({
  stage,
  index,
  said,
  options,
  faults,
  onChange,
  onOption,
  onRemove,
}: {
  stage: StageSpec;
  index: number;
  /** Its sentence as it would be planned; null where it is no part of the usual plan. */
  said: readonly Clause[] | null;
  options: Method['options'];
  faults: readonly Fault[];
  onOption(name: string, next: MethodOption): void;
  onChange(next: StageSpec): void;
  onRemove(): void;
}) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: stage.id,
  });
  const [adding, setAdding] = useState('');
  const setParam = (key: string, value: Param | null) => {
    const { [key]: _, ...others } = stage.params;
    onChange({ ...stage, params: value === null ? others : { ...stage.params, [key]: value } });
  };
  const addParam = () => {
    const key = adding.trim();
    if (key === '') return;
    setParam(key, 0);
    setAdding('');
  };
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={`stitch flex gap-3 py-2 ${isDragging ? 'relative z-10 bg-now-wash' : ''}`}
      data-stage={stage.id}
    >
      <button
        type="button"
        aria-label={`Move ${stage.id}`}
        className="h-11 w-11 shrink-0 cursor-grab rounded-xl border-2 border-rim bg-plate"
        {...attributes}
        {...listeners}
      >
        <svg
          width="16"
          height="20"
          viewBox="0 0 16 20"
          className="mx-auto"
          aria-hidden="true"
          fill="currentColor"
        >
          {[4, 10, 16].map((y) => (
            <g key={y}>
              <circle cx="4" cy={y} r="1.8" />
              <circle cx="12" cy={y} r="1.8" />
            </g>
          ))}
        </svg>
      </button>
      <div className="min-w-0 flex-1">
        <p className="flex flex-wrap items-baseline gap-x-3">
          <span className="figure text-[17px] text-ink-soft">{index + 1}</span>
          <span className="name text-[18px]">{stage.kind}</span>
          <span className="text-[14px] text-ink-soft">
            {stage.id}
            {conditionsOf(stage).length > 0 &&
              `, only if ${conditionsOf(stage).map(conditionText).join(' and ')}`}
          </span>
        </p>
        {said && (
          <p className="sentence-line">
            {said.map((clause) => {
              const key = clause.param ?? clause.option;
              return key === undefined ? (
                clause.text
              ) : (
                <SaidValue
                  key={key}
                  clause={clause}
                  stage={stage}
                  options={options}
                  setParam={setParam}
                  onOption={onOption}
                />
              );
            })}
            .
          </p>
        )}
        <details open={said === null} className="text-[15px]">
          <summary className="text-ink-soft">all it is told</summary>
          <div className="mt-1 flex flex-wrap items-center gap-x-4 gap-y-1">
            {Object.entries(stage.params).map(([key, value]) => (
              <InlineField<Param | null>
                key={key}
                name={key}
                aria={`${key} of ${stage.id}`}
                value={value}
                read={(text) => (text.trim() === '' ? null : paramOf(text))}
                write={(param) => (param === null ? '' : paramText(param))}
                onChange={(next) => setParam(key, next)}
              />
            ))}
            <label className="flex items-center gap-1.5 text-[15px] text-ink-soft">
              add
              <input
                value={adding}
                aria-label={`Add a parameter to ${stage.id}`}
                onChange={(event) => setAdding(event.target.value)}
                onKeyDown={(event) => event.key === 'Enter' && addParam()}
                onBlur={addParam}
                className="field-line min-h-9 w-24 bg-transparent outline-none"
              />
            </label>
          </div>
        </details>
        {faults.map((fault) => (
          <FaultText key={faultLine(fault)}>
            {fault.path.split('.').slice(2).join('.')}: {fault.problem}; {fault.remedy}.
          </FaultText>
        ))}
      </div>
      <Button size="small" tone="quiet" aria-label={`take out ${stage.id}`} onClick={onRemove}>
        take out
      </Button>
    </li>
  );
}

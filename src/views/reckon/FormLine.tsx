import { useId } from 'react';
import type { Fault } from '../../core/faults/fault';
import { useFormat } from '../../store/hooks';
import { FaultText, NumberField } from '../../ui/parts/NumberField';
import { Select } from '../../ui/parts/Select';
import { Switch } from '../../ui/parts/Switch';
import { faultText } from '../common/faultText';
import { type Filled, GROUPS_HINT, type Line } from './form';

/** One line of a reckoner's form: a number, a word of several, a switch, or rows of numbers. */
export function FormLine({
  line,
  value,
  fault,
  onChange,
}: {
  line: Line;
  value: Filled[string] | undefined;
  fault: Fault | undefined;
  onChange(value: Filled[string]): void;
}) {
  const format = useFormat();
  switch (line.kind) {
    case 'number': {
      const held = value !== null && typeof value === 'object' ? value : { value: null, text: '' };
      return (
        <NumberField
          label={line.label}
          value={held.value}
          text={held.text}
          onChange={onChange}
          quantity={line.quantity}
          unit={line.unit}
          units={format.units}
          min={line.min}
          max={line.max}
          step={line.step}
          bare
          fault={fault && faultText(fault, format, line.quantity, line.unit)}
        />
      );
    }
    case 'choice':
      return (
        <Select
          label={line.label}
          value={String(value)}
          options={line.choices.map((choice) => ({ value: choice, text: choice }))}
          onChange={onChange}
        />
      );
    case 'switch':
      return <Switch label={line.label} on={value === true} onChange={onChange} />;
    case 'rows':
      return <Rows line={line} value={String(value ?? '')} fault={fault} onChange={onChange} />;
  }
}

function Rows({
  line,
  value,
  fault,
  onChange,
}: {
  line: Extract<Line, { kind: 'rows' }>;
  value: string;
  fault: Fault | undefined;
  onChange(value: string): void;
}) {
  const id = useId();
  const format = useFormat();
  return (
    <div>
      <label htmlFor={id} className="text-[15px] font-medium text-ink-soft">
        {line.label}
      </label>
      <p id={`${id}-how`} className="text-sm text-ink-soft">
        a line each: {line.columns.join(', ')}
        {line.columns.includes('group') && `; ${GROUPS_HINT}`}
      </p>
      <textarea
        id={id}
        aria-describedby={`${id}-how`}
        value={value}
        rows={Math.max(3, value.split('\n').length)}
        spellCheck={false}
        onChange={(event) => onChange(event.target.value)}
        className="mt-1 w-full rounded-xl border-2 border-rim bg-plate p-2 font-plain text-[16px] tabular-nums outline-none focus-visible:outline-3"
      />
      {fault && <FaultText>{faultText(fault, format)}</FaultText>}
    </div>
  );
}

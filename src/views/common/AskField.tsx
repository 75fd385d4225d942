import type { Fault } from '../../core/faults/fault';
import { FIELD_UNITS } from '../../core/units/format';
import { useFormat } from '../../store/hooks';
import { FaultText } from '../../ui/parts/NumberField';
import { Select } from '../../ui/parts/Select';
import { TextLine } from '../../ui/parts/TextLine';
import type { Asked } from './asking';
import { faultText } from './faultText';

/** One thing a form asks for, with what is wrong with it. */
export function AskField({
  asked: { label, kind, quantity = 'plain', unit, options = [] },
  value,
  fault,
  onChange,
}: {
  asked: Asked;
  value: string;
  fault: Fault | undefined;
  onChange(value: string): void;
}) {
  const format = useFormat();
  return (
    <div>
      {kind === 'choice' ? (
        <Select
          label={label}
          value={value}
          options={options.map((one) => (typeof one === 'string' ? { value: one, text: one } : one))}
          onChange={onChange}
        />
      ) : (
        <TextLine
          label={label}
          type={kind === 'day' ? 'date' : 'text'}
          unit={unit ?? FIELD_UNITS[quantity].unit(format.units)}
          value={value}
          onChange={onChange}
        />
      )}
      {fault && <FaultText>{faultText(fault, format, quantity, unit)}</FaultText>}
    </div>
  );
}

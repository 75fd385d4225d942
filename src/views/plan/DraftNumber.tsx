import type { Fault } from '../../core/faults/fault';
import type { Quantity } from '../../core/units/format';
import { useFormat } from '../../store/hooks';
import { type DraftField, fieldsSet } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { NumberField } from '../../ui/parts/NumberField';
import { FIELDS } from '../common/briefOf';
import { faultText } from '../common/faultText';

export interface DraftNumberProps {
  name: DraftField;
  label: string;
  step: number;
  faults: readonly Fault[];
  quantity?: Quantity;
  unit?: string;
  slide?: { min: number; max: number };
  hint?: string | undefined;
  placeholder?: string;
  bare?: boolean;
  bounds?: { min: number; max: number };
  /** Where the brief keeps it, if that depends on another choice. */
  path?: string;
}

/** A number of the draft, with its bounds, its fault and the text exactly as typed. */
export function DraftNumber({ name, faults, bounds, path, ...spec }: DraftNumberProps) {
  const dispatch = useAppDispatch();
  const format = useFormat();
  const field = useAppSelector((state) => state.draft.fields[name]);
  const known = FIELDS[name];
  const { min, max } = bounds ?? known.bounds;
  const fault = faults.find((one) => one.path === (path ?? known.path));
  return (
    <NumberField
      label={spec.label}
      hint={spec.hint}
      value={field.value}
      text={field.text}
      onChange={(next) => dispatch(fieldsSet({ [name]: next }))}
      quantity={spec.quantity ?? 'plain'}
      unit={spec.unit ?? ''}
      units={format.units}
      min={min}
      max={max}
      step={spec.step}
      slide={spec.slide}
      bare={spec.bare ?? false}
      {...(spec.placeholder !== undefined && { placeholder: spec.placeholder })}
      fault={fault && faultText(fault, format, spec.quantity, spec.unit)}
    />
  );
}

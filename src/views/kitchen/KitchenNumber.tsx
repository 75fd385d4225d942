import { useState } from 'react';
import { BOUNDS } from '../../core/faults/bounds';
import type { Quantity } from '../../core/units/format';
import type { Kitchen } from '../../kitchen/kitchen';
import { useFormat } from '../../store/hooks';
import { useAppSelector } from '../../store/store';
import { NumberField } from '../../ui/parts/NumberField';
import { faultText, numberFault } from '../common/faultText';

const RANGES = {
  roomC: BOUNDS.roomC,
  roomNightC: BOUNDS.roomC,
  tapC: BOUNDS.waterC,
  fridgeC: BOUNDS.fridgeC,
  altitudeM: BOUNDS.altitudeM,
  asleepFrom: BOUNDS.hourOfDay,
  asleepTo: BOUNDS.hourOfDay,
  awayFrom: BOUNDS.hourOfDay,
  awayTo: BOUNDS.hourOfDay,
  hands: BOUNDS.hands,
  dropMl: BOUNDS.dropMl,
} as const;

export interface KitchenNumberProps {
  name: keyof typeof RANGES;
  label: string;
  quantity: Quantity;
  step: number;
  unit?: string;
  /** May be left empty. */
  optional?: boolean;
  change(part: Partial<Kitchen>): void;
}

/** A number of the kitchen: taken when it is right, kept as typed and marked when it is not. */
export function KitchenNumber({
  name,
  label,
  quantity,
  step,
  change,
  unit = '',
  optional = false,
}: KitchenNumberProps) {
  const value = useAppSelector((state) => state.kitchen[name]) ?? null;
  const format = useFormat();
  const [entered, setEntered] = useState<{ value: number | null; text: string | null } | null>(null);
  const { min, max } = RANGES[name];
  const right = (candidate: number | null) => candidate !== null && candidate >= min && candidate <= max;
  const emptied = (one: { value: number | null; text: string | null }) =>
    optional && one.value === null && (one.text ?? '').trim() === '';
  // What was entered and taken gives way to what another window made of it since.
  const typed =
    entered && (entered.value === value || !(right(entered.value) || emptied(entered))) ? entered : null;
  const wrong = typed !== null && !emptied(typed) && !right(typed.value);
  const fault = wrong
    ? faultText(numberFault(name, typed.text ?? '', typed.value, { min, max }), format, quantity, unit)
    : undefined;
  return (
    <NumberField
      label={label}
      value={typed ? typed.value : value}
      text={typed?.text ?? null}
      quantity={quantity}
      units={format.units}
      unit={unit}
      bare={optional}
      min={min}
      max={max}
      step={step}
      fault={fault}
      onChange={(next) => {
        setEntered(next);
        if (right(next.value) || emptied(next)) change({ [name]: next.value });
      }}
    />
  );
}

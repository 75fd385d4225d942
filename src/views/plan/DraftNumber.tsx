import { memo, type ReactNode } from 'react';
import type { Fault } from '../../core/faults/fault';
import { crudeProteinPct, SPECIES_FACTS, type Species } from '../../core/milk/species';
import type { Quantity } from '../../core/units/format';
import { useFormat } from '../../store/hooks';
import { type DraftField, FIRST_DRAFT, fieldsSet } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { NumberField, type NumberFieldProps } from '../../ui/parts/NumberField';
import { SayNumber } from '../../ui/say/SayNumber';
import { faultText } from '../common/faultText';
import { FIELDS } from '../draft/briefOf';
import { WhatItChanges } from './Changes';

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
function useDraftNumber({ name, faults, bounds, path, ...spec }: DraftNumberProps): NumberFieldProps {
  const dispatch = useAppDispatch();
  const format = useFormat();
  const field = useAppSelector((state) => state.draft.fields[name]);
  const known = FIELDS[name];
  const { min, max } = bounds ?? known.bounds;
  const fault = faults.find((one) => one.path === (path ?? known.path));
  return {
    label: spec.label,
    hint: spec.hint,
    value: field.value,
    text: field.text,
    onChange: (next) => dispatch(fieldsSet({ [name]: next })),
    quantity: spec.quantity ?? 'plain',
    unit: spec.unit ?? '',
    units: format.units,
    min,
    max,
    step: spec.step,
    slide: spec.slide,
    bare: spec.bare ?? false,
    ...(spec.placeholder !== undefined && { placeholder: spec.placeholder }),
    fault: fault && faultText(fault, format, spec.quantity, spec.unit),
  };
}

export function DraftNumber(props: DraftNumberProps) {
  return <NumberField {...useDraftNumber(props)} />;
}

/** What a species' milk holds, %, as the kitchen says protein. */
export function figuresOf(species: Species, crude: boolean) {
  const { fatPct, proteinPct } = SPECIES_FACTS[species];
  const protein = crude ? crudeProteinPct(proteinPct, species) : proteinPct;
  return { fatPct, proteinPct: Math.round(protein * 100) / 100 };
}

/** The same within a sentence; `children` is what else belongs to it. */
export const DraftSay = memo(function DraftSay({
  children,
  ...props
}: DraftNumberProps & { children?: ReactNode }) {
  const number = useDraftNumber(props);
  const species = useAppSelector((state) => state.draft.species);
  const crude = useAppSelector((state) => state.kitchen.proteinBasis === 'crude');
  const usual: Partial<Record<DraftField, number>> = figuresOf(species, crude);
  const asUsual = number.value === FIRST_DRAFT.fields[props.name].value || number.value === usual[props.name];
  return (
    <SayNumber {...number} said={number.text !== null || !asUsual}>
      {children}
      <WhatItChanges />
    </SayNumber>
  );
});

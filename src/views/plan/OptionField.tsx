import { useId } from 'react';
import type { Fault } from '../../core/faults/fault';
import type { ChoiceOption, Method, MethodOption, NumberOption, OptionValue } from '../../makes/method';
import type { Plan } from '../../plan/schema';
import { useFormat } from '../../store/hooks';
import { choiceSet, optionSet } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { FaultText, NumberField, type NumberFieldProps } from '../../ui/parts/NumberField';
import { Select } from '../../ui/parts/Select';
import { Switch } from '../../ui/parts/Switch';
import { TextLine } from '../../ui/parts/TextLine';
import { faultText } from '../common/faultText';

export interface OptionProps<O> {
  method: Method;
  name: string;
  option: O;
  fault: Fault | undefined;
  /** What the plan took where nothing was said: a rich milk's usual moisture is not a lean one's. */
  took: OptionValue | undefined;
}

/** What a plan of this make took for an option; undefined where it is of another make. */
export const tookOf = (plan: Plan | null, method: Method, name: string): OptionValue | undefined =>
  plan?.method === method.id ? plan.brief.options?.[name] : undefined;

/** An option that is a number, as a field shows it. */
export function useNumberOption({
  method,
  name,
  option,
  fault,
  took,
}: OptionProps<NumberOption>): NumberFieldProps {
  const dispatch = useAppDispatch();
  const format = useFormat();
  const field = useAppSelector((state) => state.draft.options[method.id]?.[name]) ?? {
    value: typeof took === 'number' ? took : option.default,
    text: null,
  };
  return {
    label: option.label,
    hint: option.reason,
    value: field.value,
    text: field.text,
    onChange: (next) => dispatch(optionSet({ method: method.id, key: name, field: next })),
    quantity: option.quantity,
    unit: option.unit,
    units: format.units,
    min: option.min,
    max: option.max,
    step: option.quantity === 'temperature' ? 1 : option.step,
    slide: { min: option.min, max: option.max },
    fault: fault && faultText(fault, format, option.quantity, option.unit),
  };
}

/** What would do instead, where a fault says so. */
export function Suggestion({ method, name, option, fault }: OptionProps<NumberOption>) {
  const dispatch = useAppDispatch();
  const format = useFormat();
  const suggestion = fault?.suggestion;
  if (suggestion === undefined) return null;
  return (
    <Button
      size="small"
      className="mt-1"
      onClick={() =>
        dispatch(optionSet({ method: method.id, key: name, field: { value: suggestion, text: null } }))
      }
    >
      Take{' '}
      {option.quantity === 'temperature'
        ? format.temp(suggestion)
        : `${format.number(suggestion, 1)} ${option.unit}`}
    </Button>
  );
}

function NumberChoice(props: OptionProps<NumberOption>) {
  return (
    <>
      <NumberField {...useNumberOption(props)} />
      <Suggestion {...props} />
    </>
  );
}

/** What is chosen of a school or a switch, or typed as a row of loads. */
export function useChoice({ method, name, option }: OptionProps<Exclude<MethodOption, NumberOption>>) {
  const dispatch = useAppDispatch();
  const set = useAppSelector((state) => state.draft.choices[method.id]?.[name]);
  return {
    said: set !== undefined,
    value: set ?? (option.type === 'steps' ? '' : option.default),
    choose: (value: string | boolean) => dispatch(choiceSet({ method: method.id, key: name, value })),
  };
}

function School(props: OptionProps<ChoiceOption>) {
  const { option } = props;
  const { value, choose } = useChoice(props);
  return (
    <>
      <Select
        label={option.label}
        value={String(value)}
        options={option.choices.map((one) => ({ value: one.value, text: one.text }))}
        onChange={choose}
      />
      <p className="mt-0.5 text-sm text-ink-soft">
        {option.choices.find((one) => one.value === value)?.reason ?? option.reason}
      </p>
    </>
  );
}

function YesNo(props: OptionProps<Extract<MethodOption, { type: 'boolean' }>>) {
  const hint = useId();
  const { value, choose } = useChoice(props);
  return (
    <>
      <Switch label={props.option.label} on={value === true} describedBy={hint} onChange={choose} />
      <p id={hint} className="text-sm text-ink-soft">
        {props.option.reason}
      </p>
    </>
  );
}

/** Loads one after the other, as typed. */
export function Steps(props: OptionProps<Extract<MethodOption, { type: 'steps' }>>) {
  const format = useFormat();
  const { value, choose } = useChoice(props);
  return (
    <>
      <TextLine label={props.option.label} value={String(value)} onChange={choose} />
      <p className="text-sm text-ink-soft">{props.option.reason}</p>
      {props.fault && <FaultText>{faultText(props.fault, format)}</FaultText>}
    </>
  );
}

/** An option of a make as a field of its own, with its reason. */
export function OptionField({ option, ...about }: OptionProps<MethodOption>) {
  const format = useFormat();
  return (
    <div className="stitch pt-2">
      {option.type === 'number' && <NumberChoice {...about} option={option} />}
      {option.type === 'choice' && <School {...about} option={option} />}
      {option.type === 'boolean' && <YesNo {...about} option={option} />}
      {option.type === 'steps' && <Steps {...about} option={option} />}
      {about.fault && (option.type === 'choice' || option.type === 'boolean') && (
        <FaultText>{faultText(about.fault, format)}</FaultText>
      )}
    </div>
  );
}

import { useId } from 'react';
import { shallowEqual } from 'react-redux';
import type { Fault } from '../../core/faults/fault';
import type { ChoiceOption, Method, MethodOption, NumberOption } from '../../makes/method';
import type { Plan } from '../../plan/schema';
import { useFormat } from '../../store/hooks';
import { choiceSet, optionSet } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { FaultText, NumberField } from '../../ui/parts/NumberField';
import { Select } from '../../ui/parts/Select';
import { Switch } from '../../ui/parts/Switch';
import { TextLine } from '../../ui/parts/TextLine';
import { faultText } from '../common/faultText';
import { Warmed } from './Warmed';

interface OptionProps<O> {
  method: Method;
  name: string;
  option: O;
  fault: Fault | undefined;
}

interface NumberProps extends OptionProps<NumberOption> {
  /** What the plan took where nothing was said: a rich milk's usual moisture is not a lean one's. */
  taken: number | undefined;
}

function NumberChoice({ method, name, option, fault, taken }: NumberProps) {
  const dispatch = useAppDispatch();
  const format = useFormat();
  const field = useAppSelector((state) => state.draft.options[method.id]?.[name]) ?? {
    value: taken ?? option.default,
    text: null,
  };
  const set = (next: typeof field) => dispatch(optionSet({ method: method.id, key: name, field: next }));
  const { suggestion } = fault ?? {};
  return (
    <>
      <NumberField
        label={option.label}
        hint={option.reason}
        value={field.value}
        text={field.text}
        onChange={set}
        quantity={option.quantity}
        unit={option.unit}
        units={format.units}
        min={option.min}
        max={option.max}
        step={option.step}
        fault={fault && faultText(fault, format, option.quantity, option.unit)}
      />
      {suggestion !== undefined && (
        <Button size="small" className="mt-1" onClick={() => set({ value: suggestion, text: null })}>
          Take{' '}
          {option.quantity === 'temperature'
            ? format.temp(suggestion)
            : `${format.number(suggestion, 1)} ${option.unit}`}
        </Button>
      )}
    </>
  );
}

function School({ method, name, option }: OptionProps<ChoiceOption>) {
  const dispatch = useAppDispatch();
  const chosen = useAppSelector((state) => state.draft.choices[method.id]?.[name]) ?? option.default;
  return (
    <>
      <Select
        label={option.label}
        value={String(chosen)}
        options={option.choices.map(({ value, text }) => ({ value, text }))}
        onChange={(value) => dispatch(choiceSet({ method: method.id, key: name, value }))}
      />
      <p className="mt-0.5 text-sm text-ink-soft">
        {option.choices.find((one) => one.value === chosen)?.reason ?? option.reason}
      </p>
    </>
  );
}

function YesNo({ method, name, option }: OptionProps<Extract<MethodOption, { type: 'boolean' }>>) {
  const dispatch = useAppDispatch();
  const hint = useId();
  const chosen = useAppSelector((state) => state.draft.choices[method.id]?.[name]) ?? option.default;
  return (
    <>
      <Switch
        label={option.label}
        on={chosen === true}
        describedBy={hint}
        onChange={(value) => dispatch(choiceSet({ method: method.id, key: name, value }))}
      />
      <p id={hint} className="text-sm text-ink-soft">
        {option.reason}
      </p>
    </>
  );
}

/** Loads one after the other, as typed. */
function Steps({ method, name, option, fault }: OptionProps<Extract<MethodOption, { type: 'steps' }>>) {
  const dispatch = useAppDispatch();
  const typed = useAppSelector((state) => state.draft.choices[method.id]?.[name]) ?? '';
  return (
    <>
      <TextLine
        label={option.label}
        value={String(typed)}
        onChange={(value) => dispatch(choiceSet({ method: method.id, key: name, value }))}
      />
      <p className="text-sm text-ink-soft">{option.reason}</p>
      {fault && <FaultLine fault={fault} />}
    </>
  );
}

/** How it is made, each choice with its reason; what few ask for is folded away, and opens where something is said or wrong. */
export function Options({
  method,
  faults,
  plan,
}: {
  method: Method;
  faults: readonly Fault[];
  plan: Plan | null;
}) {
  const said = useAppSelector(
    (state) => ({
      ...state.draft.options[method.id],
      ...state.draft.choices[method.id],
    }),
    shallowEqual,
  );
  const all = Object.entries(method.options);
  const isRare = (option: MethodOption) => 'rare' in option && option.rare === true;
  const faulty = (name: string) => faults.some((one) => one.path.startsWith(`options.${name}`));
  const line = ([name, option]: [string, MethodOption]) => {
    const fault = faults.find((one) => one.path === `options.${name}`);
    const about = { method, name, fault };
    const took = plan?.method === method.id ? plan.brief.options?.[name] : undefined;
    const taken = typeof took === 'number' ? took : undefined;
    return (
      <div key={name} className="stitch pt-2">
        {option.type === 'number' && <NumberChoice {...about} option={option} taken={taken} />}
        {option.type === 'choice' && <School {...about} option={option} />}
        {option.type === 'boolean' && <YesNo {...about} option={option} />}
        {option.type === 'steps' && <Steps {...about} option={option} />}
        {fault && (option.type === 'choice' || option.type === 'boolean') && <FaultLine fault={fault} />}
      </div>
    );
  };
  const rare = all.filter(([, option]) => isRare(option));
  const open = rare.some(([name]) => said[name] !== undefined || faulty(name));
  const columns = 'space-y-2.5 tab:max-lap:columns-2 tab:max-lap:gap-x-8 [&>*]:break-inside-avoid';
  return (
    <section aria-label="How it is made" className="mt-7 px-1 lap:col-start-1">
      <h2 className="text-[23px]">How it is made</h2>
      <div className={columns}>{all.filter(([, option]) => !isRare(option)).map(line)}</div>
      <Warmed method={method} faults={faults} />
      {rare.length > 0 && (
        <details className="stitch mt-3 pt-2" open={open}>
          <summary className="name min-h-11 cursor-pointer py-2 text-[18px]">
            Your own times, pieces and loads
          </summary>
          <div className={columns}>{rare.map(line)}</div>
        </details>
      )}
    </section>
  );
}

function FaultLine({ fault }: { fault: Fault }) {
  const format = useFormat();
  return <FaultText>{faultText(fault, format)}</FaultText>;
}

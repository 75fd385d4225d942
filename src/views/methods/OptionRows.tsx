import { useState } from 'react';
import { type Fault, faultLine } from '../../core/faults/fault';
import { readNumber } from '../../core/units/numbers';
import type { Method, MethodOption, NumberOption } from '../../makes/method';
import { Button } from '../../ui/parts/Button';
import { FaultText } from '../../ui/parts/NumberField';
import { Select } from '../../ui/parts/Select';
import { Switch } from '../../ui/parts/Switch';
import { toast } from '../../ui/parts/toast';
import { InlineField } from './InlineField';

type Options = Method['options'];

/** A number the maker sets before a make, as a new one begins. */
const NEW_OPTION: NumberOption = {
  type: 'number',
  label: 'New option',
  unit: '',
  quantity: 'plain',
  default: 1,
  min: 1,
  max: 10,
  step: 1,
  reason: 'Say why one would turn it.',
};

/** What an option's field is called on the page. */
const FIELD_NAMES: Readonly<Record<string, string>> = {
  default: 'usually',
  min: 'from',
  max: 'to',
  label: 'called',
  reason: 'because',
};
function fieldOf(path: string): string {
  const field = path.split('.').slice(2).join('.');
  return FIELD_NAMES[field] ?? field;
}

/** What cannot be read as a number goes in as it was typed: its fault then stands at the option. */
const readAsNumber = (text: string) => (readNumber(text) ?? text) as number;
const asTyped = (text: string) => text;

/** The options of a make being written: what a maker may turn, between what bounds, and why. */
export function OptionRows({
  options,
  faults,
  change,
}: {
  options: Options;
  faults: readonly Fault[];
  change(how: (was: Options) => Options): void;
}) {
  const [adding, setAdding] = useState('');
  const key = adding.trim();
  const taken = key in options;
  const set = (name: string, option: MethodOption) => change((was) => ({ ...was, [name]: option }));
  const remove = (name: string, option: MethodOption, place: number) => {
    change(({ [name]: _, ...others }) => others);
    toast(`Option “${name}” is out.`, {
      action: {
        label: 'Put it back',
        onClick: () =>
          change((was) => {
            const others = Object.entries(was);
            return Object.fromEntries([...others.slice(0, place), [name, option], ...others.slice(place)]);
          }),
      },
    });
  };
  return (
    <section aria-label="Options" className="mt-6 max-w-[60rem]">
      <h2 className="text-[24px]">Options</h2>
      <p className="text-[15px] text-ink-soft">
        What one may turn before a make. A stage uses one by its name with a colon before it.
      </p>
      <ul>
        {Object.entries(options).map(([name, option], place) => (
          <li key={name} className="stitch py-2" data-option={name}>
            <div>
              <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
                <span className="name text-[18px]">:{name}</span>
                <InlineField
                  name="called"
                  aria={`Name of ${name}`}
                  value={option.label}
                  read={asTyped}
                  write={asTyped}
                  onChange={(label) => set(name, { ...option, label })}
                />
                <OptionValue name={name} option={option} set={(next) => set(name, next)} />
                <Button
                  size="small"
                  className="ml-auto min-h-11"
                  tone="quiet"
                  aria-label={`take out option ${name}`}
                  onClick={() => remove(name, option, place)}
                >
                  take out
                </Button>
              </div>
              <InlineField
                width="whole"
                name="because"
                aria={`Reason of ${name}`}
                value={option.reason}
                read={asTyped}
                write={asTyped}
                onChange={(reason) => set(name, { ...option, reason })}
              />
              {faults
                .filter(
                  (fault) => fault.path.startsWith(`options.${name}.`) || fault.path === `options.${name}`,
                )
                .map((fault) => (
                  <FaultText key={faultLine(fault)}>
                    {fieldOf(fault.path) || name}: {fault.problem}; {fault.remedy}.
                  </FaultText>
                ))}
            </div>
          </li>
        ))}
      </ul>
      <form
        className="mt-2 flex flex-wrap items-center gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (!/^[a-z][A-Za-z0-9]*$/.test(key) || taken) return;
          set(key, NEW_OPTION);
          setAdding('');
        }}
      >
        <label className="flex items-center gap-2 text-[15px] text-ink-soft">
          Add an option named
          <input
            value={adding}
            onChange={(event) => setAdding(event.target.value)}
            className="field-line min-h-11 w-40 bg-transparent text-[16px] font-semibold text-ink outline-none"
          />
        </label>
        <Button size="small" type="submit" className="min-h-11" disabled={key === ''}>
          Add it
        </Button>
        {key !== '' && (taken || !/^[a-z][A-Za-z0-9]*$/.test(key)) && (
          <FaultText>
            {taken
              ? 'There is one of that name already.'
              : 'Give a name of letters and figures, small first.'}
          </FaultText>
        )}
      </form>
    </section>
  );
}

function OptionValue({
  name,
  option,
  set,
}: {
  name: string;
  option: MethodOption;
  set(next: MethodOption): void;
}) {
  if (option.type === 'boolean')
    return (
      <Switch label="usually on" on={option.default} onChange={(on) => set({ ...option, default: on })} />
    );
  if (option.type === 'choice')
    return (
      <div className="w-72">
        <Select
          label="usually"
          value={option.default}
          options={option.choices.map(({ value, text }) => ({ value, text }))}
          onChange={(value) => set({ ...option, default: value })}
        />
      </div>
    );
  // Press steps are none as a rule, and have no ends.
  if (option.type === 'steps') return null;
  return (
    <>
      {(
        [
          ['usually', 'default'],
          ['from', 'min'],
          ['to', 'max'],
          ['step', 'step'],
        ] as const
      ).map(([word, part]) => (
        <InlineField
          key={part}
          width="short"
          name={word}
          aria={`${word}, ${name}`}
          value={option[part]}
          read={readAsNumber}
          write={String}
          onChange={(value) => set({ ...option, [part]: value })}
        />
      ))}
      <InlineField
        width="short"
        name="unit"
        aria={`unit of ${name}`}
        value={option.unit}
        read={asTyped}
        write={asTyped}
        onChange={(unit) => set({ ...option, unit })}
      />
    </>
  );
}

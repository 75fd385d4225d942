import type { Format } from '../core/units/format';
import { decimalsOf } from '../core/units/numbers';
import {
  type Method,
  type MethodOption,
  type OptionValue,
  type OptionValues,
  optionNamed,
  type StageSpec,
} from './method';
import type { Part, Slot } from './sentence';

/** A piece of a sentence as a make says it: words, or a value and the option that sets it. */
export interface Clause {
  text: string;
  option?: string;
  /** The parameter of its stage, where it is one. */
  param?: string;
  shown?: number;
}

/** The option a make keeps something in, or undefined where it keeps none. */
export function slotOption({ acid, coagulant, culture, options }: Method, slot: Slot): string | undefined {
  switch (slot) {
    case 'acid':
      return optionNamed(acid);
    case 'coagulant':
      return optionNamed(coagulant && 'minutes' in coagulant ? coagulant.minutes : undefined);
    case 'culture':
      return optionNamed(culture?.labelShare);
    case 'strains':
      return Object.hasOwn(options, 'cultureGroup') ? 'cultureGroup' : undefined;
    case 'bag':
      return Object.hasOwn(options, 'bagKg') ? 'bagKg' : undefined;
  }
}

const measured = ({ unit }: { unit: string }, value: number, decimals: number, format: Format) =>
  `${format.number(value, decimals)}${unit === '' ? '' : `\u00a0${unit}`}`;

/** An option's value in words, in the maker's units. Example: 40 of “Cook to” → `'40 °C'`. */
export function valueText(option: MethodOption, set: OptionValue | undefined, format: Format): string {
  switch (option.type) {
    case 'number':
      if (typeof set !== 'number') return '';
      if (option.quantity === 'temperature') return format.temp(set);
      return measured(option, set, decimalsOf(option.step), format);
    case 'boolean':
      return set === true ? 'yes' : 'no';
    case 'choice':
      return option.choices.find((one) => one.value === set)?.text ?? String(set ?? '');
    case 'steps':
      return Array.isArray(set) && set.length > 0
        ? set.map(([kg, min]) => `${format.kg(kg)} for ${format.minutes(min)}`).join(', then ')
        : 'none';
  }
}

/** Says where a value usually is in its make, where it has been set outside that; nothing otherwise. */
export function unusual(option: MethodOption, set: OptionValue | undefined, format: Format): string {
  if (option.type !== 'number' || !option.usually || typeof set !== 'number') return '';
  const [from, to] = option.usually;
  if (set >= from && set <= to) return '';
  // The unit is said once, but for degrees, which are not what they were within; whole numbers are said whole.
  if (option.quantity === 'temperature') return ` (usually ${format.temp(from)} to ${format.temp(to)})`;
  const decimals = [from, to].every(Number.isInteger) ? 0 : decimalsOf(option.step);
  return ` (usually ${format.number(from, decimals)} to ${measured(option, to, decimals, format)})`;
}

/** A stage's parts as its make says them: values know the option that sets them, slots a make has not are left out. */
export function clausesOf(
  parts: readonly Part[],
  method: Method,
  stage: StageSpec | undefined,
  options: OptionValues,
  format: Format,
): Clause[] {
  return parts.flatMap((part): Clause[] => {
    if (typeof part === 'string') return part === '' ? [] : [{ text: part }];
    if ('param' in part) {
      const name = optionNamed(stage?.params[part.param]) ?? part.or;
      const known = name !== undefined && Object.hasOwn(method.options, name);
      return [
        {
          text: part.text,
          param: part.param,
          ...(known && { option: name }),
          ...(part.shown !== undefined && { shown: part.shown }),
        },
      ];
    }
    const name = slotOption(method, part.slot);
    const option = name === undefined ? undefined : method.options[name];
    // A dose in hand is not found by anything: nothing is said of what would have found it.
    if (name === undefined || !option || options[name] === undefined) return [];
    return [
      { text: part.before },
      { text: valueText(option, options[name], format), option: name },
      ...(part.after ? [{ text: part.after }] : []),
    ];
  });
}

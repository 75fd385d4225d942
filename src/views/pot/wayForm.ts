import { boundedBy } from '../../core/faults/bounds';
import type { Fault } from '../../core/faults/fault';
import { parse } from '../../core/faults/zodFaults';
import type { Format } from '../../core/units/format';
import type { MethodOption, OptionValue, OptionValues } from '../../makes/method';
import { type Asked, thingOf, type Words, wordsOf } from '../common/asking';

type Options = readonly (readonly [key: string, option: MethodOption])[];

const YES_NO = [
  { value: 'true', text: 'yes' },
  { value: 'false', text: 'no' },
];

/** Options of a make as fields of a form. */
export const wayFields = (options: Options): Asked[] =>
  options.map(([key, option]) =>
    option.type === 'number'
      ? {
          key,
          label: option.label,
          kind: 'number',
          quantity: option.quantity,
          ...(option.quantity === 'plain' && { unit: option.unit }),
        }
      : {
          key,
          label: option.label,
          kind: 'choice',
          options:
            option.type === 'choice' ? option.choices.map(({ value, text }) => ({ value, text })) : YES_NO,
        },
  );

/** What stands in those fields for a make that goes on as it is. */
export const wayWords = (options: Options, now: OptionValues, format: Format): Words =>
  wordsOf(wayFields(options), now, format);

/** The options that are to be otherwise, or what is wrong with them, each by its key. */
export function wayOf(
  options: Options,
  words: Words,
  now: OptionValues,
  format: Format,
): { changed: OptionValues; faults: Fault[] } {
  const asked = wayFields(options);
  const typed = thingOf(asked, words, '', format);
  const before = wayWords(options, now, format);
  const changed: Record<string, OptionValue> = {};
  const faults: Fault[] = [];
  for (const [key, option] of options) {
    // What was not touched stays to the last digit.
    if (words[key] === before[key]) continue;
    if (option.type !== 'number') {
      changed[key] = option.type === 'boolean' ? typed[key] === 'true' : String(typed[key]);
      continue;
    }
    const read = parse<number>(boundedBy(option.min, option.max, option.unit), typed[key]);
    if (read.ok) changed[key] = read.value;
    else faults.push(...read.faults.map((fault) => ({ ...fault, path: key })));
  }
  return { changed, faults };
}

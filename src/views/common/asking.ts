import { FIELD_UNITS, type Format, type Quantity } from '../../core/units/format';
import { readNumber, roundTo } from '../../core/units/numbers';

/** What stands in the fields of a form, as typed, by field. */
export type Words = Record<string, string>;

/** One thing a form asks for. */
export interface Asked {
  key: string;
  label: string;
  kind: 'text' | 'number' | 'choice' | 'day';
  quantity?: Quantity;
  unit?: string;
  options?: readonly (string | { value: string; text: string })[];
  /** Where a fault of it lies, if not at its key. */
  path?: string;
}

/** Decimals with which a number stands in a form: as many as may matter, no zeros behind. */
const DECIMALS = 2;

/** A thing as it stands in its form, in the kitchen's units. */
export const wordsOf = (fields: readonly Asked[], thing: object, format: Format): Words =>
  Object.fromEntries(
    fields.map(({ key, kind, quantity = 'plain' }) => {
      const value = (thing as Record<string, unknown>)[key];
      if (value === null || value === undefined) return [key, ''];
      if (kind !== 'number') return [key, String(value)];
      const shown = roundTo(FIELD_UNITS[quantity].out(value as number, format.units), DECIMALS);
      return [key, String(shown).replace('.', format.units.decimal)];
    }),
  );

/** The thing a form stands for, unread: what holds no number goes in as typed, so that its fault names it. */
export function thingOf(
  fields: readonly Asked[],
  words: Words,
  id: string,
  format: Format,
): Record<string, unknown> {
  const read = ({ key, kind, quantity = 'plain' }: Asked) => {
    const text = (words[key] ?? '').trim();
    if (kind === 'text' || kind === 'choice') return text;
    if (text === '') return null;
    if (kind === 'day') return text;
    const number = readNumber(text);
    return number === null ? text : FIELD_UNITS[quantity].in(number, format.units);
  };
  return { id, ...Object.fromEntries(fields.map((field) => [field.key, read(field)])) };
}

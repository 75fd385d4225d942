import { ACIDS } from '../../core/acid/acids';
import { crudeProteinPct, type Species } from '../../core/milk/species';
import { uncapital } from '../../core/units/capital';
import { FIELD_UNITS, type Format, type Quantity } from '../../core/units/format';
import { type Given, givenText } from '../../core/units/given';
import { roundTo } from '../../core/units/numbers';
import { valueText } from '../../makes/clauses';
import type { Method, OptionValue } from '../../makes/method';
import type { Change } from '../../plan/compare';
import { HEATED_WORDS, KEPT_WORDS, MILK_OF, TREATMENT_WORDS } from '../../plan/milkWords';
import { COAGULANT_FORMS, CULTURE_FORMS } from './partWords';

interface Known {
  name: string;
  quantity?: Quantity;
  unit?: string;
  /** What each of its values is called. */
  words?: Readonly<Record<string, string>>;
}

const price = (of: string): Known => ({ name: `price of the ${of}` });
const inHand = (of: string): Known => ({ name: `${of} in hand` });

const mapped = <Value extends string, From>(
  facts: Readonly<Record<Value, From>>,
  of: (one: From) => string,
) => Object.fromEntries(Object.entries<From>(facts).map(([value, one]) => [value, of(one)]));

/** What stands in the plan's own sentences and on its labels beside the make's options: its name there, and what it is measured in. */
const KNOWN: Readonly<Record<string, Known>> = {
  method: { name: 'make' },
  'milk.species': { name: 'milk', words: MILK_OF },
  'milk.litres': { name: 'milk', quantity: 'volume' },
  'milk.fatPct': { name: 'fat', unit: '%' },
  'milk.proteinPct': { name: 'protein', unit: '%' },
  'milk.treatment': { name: 'treated', words: TREATMENT_WORDS },
  'milk.startC': { name: 'starts at', quantity: 'temperature' },
  'milk.pricePerLitre': { name: 'price', quantity: 'perVolume' },
  roomC: { name: 'room', quantity: 'temperature' },
  altitudeM: { name: 'height', quantity: 'height' },
  wantKg: { name: 'cheese', quantity: 'cheese' },
  'cream.litres': { name: 'cream', quantity: 'volume' },
  'cream.fatPct': { name: 'the cream’s fat', unit: '%' },
  'acid.kind': { name: 'acid', words: mapped(ACIDS, ({ name }) => name) },
  'acid.strengthPct': { name: 'the acid’s strength', unit: '%' },
  'acid.given': inHand('acid'),
  'acid.price': price('acid'),
  'coagulant.form': { name: 'coagulant', words: COAGULANT_FORMS },
  'coagulant.imcuPerMl': { name: 'the coagulant’s strength', unit: 'IMCU in a mL' },
  'coagulant.imcuEach': { name: 'the coagulant’s strength', unit: 'IMCU a tablet' },
  'coagulant.imcuPerG': { name: 'the coagulant’s strength', unit: 'IMCU in a gram' },
  'coagulant.per': { name: 'its label is for a' },
  'coagulant.setsLitres': { name: 'it sets', quantity: 'volume' },
  'coagulant.inMin': { name: 'it sets in', unit: 'min' },
  'coagulant.atC': { name: 'it sets at', quantity: 'temperature' },
  'coagulant.ageMonths': { name: 'coagulant kept for', unit: 'months' },
  'coagulant.given': inHand('coagulant'),
  'coagulant.price': price('coagulant'),
  'culture.form': { name: 'culture', words: CULTURE_FORMS },
  'culture.labelLitresPerGram': { name: 'a gram of culture is for', quantity: 'volume' },
  'culture.labelLitresPerSachet': { name: 'a sachet of culture is for', quantity: 'volume' },
  'culture.percent': { name: 'culture', unit: '% of the milk' },
  'culture.ageDays': { name: 'culture kept for', unit: 'days' },
  'culture.generation': { name: 'generation' },
  'culture.given': inHand('culture'),
  'culture.price': price('culture'),
  'salt.kind': { name: 'salt' },
  'salt.given': inHand('salt'),
  'salt.price': price('salt'),
  calcium: { name: 'calcium' },
  'heat.by': { name: 'warmed', words: mapped(HEATED_WORDS, ([text]) => text) },
  'heat.kW': { name: 'its power', unit: 'kW' },
  'heat.bathLitres': { name: 'the bath’s water', quantity: 'volume' },
  'heat.bathC': { name: 'the bath at', quantity: 'temperature' },
  keepWarm: { name: 'kept warm', words: KEPT_WORDS },
};

/** A dose in hand, among what has been read. */
const givenIn = (value: unknown): Given | null =>
  value !== null && typeof value === 'object'
    ? 'given' in value
      ? (value.given as Given)
      : 'amount' in value
        ? (value as Given)
        : null
    : null;

/**
 * What was changed, by the name it has in the plan's sentences and in the maker's units; protein as the kitchen's labels give it, crude
 * where `crudeOf` names the milk's species.
 *
 * @example changeText({ path: 'milk.startC', before: 4, after: 20 }, method, format, null) // 'starts at 4 → 20 °C'
 */
export function changeText(
  { path, before, after }: Change,
  method: Method,
  format: Format,
  crudeOf: Species | null,
): string {
  const option = path.startsWith('options.') ? method.options[path.slice('options.'.length)] : undefined;
  const known = KNOWN[path];
  const quantity = (option?.type === 'number' ? option.quantity : known?.quantity) ?? 'plain';
  const unit =
    quantity === 'plain'
      ? ((option?.type === 'number' ? option.unit : known?.unit) ?? '')
      : FIELD_UNITS[quantity].unit(format.units);
  const yesOrNo = path === 'calcium' || typeof (before ?? after) === 'boolean';
  const said = (value: unknown): string => {
    if (value === undefined || value === null)
      return yesOrNo ? 'no' : path.endsWith('.given') ? 'as reckoned' : 'not given';
    if (option && option.type !== 'number') return valueText(option, value as OptionValue, format);
    if (typeof value === 'boolean') return value ? 'yes' : 'no';
    const given = givenIn(value);
    if (given) return givenText(given);
    if (known?.words) return known.words[String(value)] ?? String(value);
    if (typeof value !== 'number') return String(value);
    const plain = crudeOf !== null && path === 'milk.proteinPct' ? crudeProteinPct(value, crudeOf) : value;
    const shown = roundTo(FIELD_UNITS[quantity].out(plain, format.units), 2);
    return String(shown).replace('-', '\u2212').replace('.', format.units.decimal);
  };
  const of = quantity === 'perVolume' ? ` a ${format.volumeWord}` : '';
  const name = `${uncapital(option?.label ?? known?.name ?? path.replace(/^milk\./, ''))}${of}`;
  const to = said(after);
  return `${name} ${said(before)} → ${to}${unit !== '' && typeof after === 'number' ? `\u00a0${unit}` : ''}`;
}

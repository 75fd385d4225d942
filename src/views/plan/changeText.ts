import { crudeProteinPct, type Species } from '../../core/milk/species';
import { uncapital } from '../../core/units/capital';
import { FIELD_UNITS, type Format, type Quantity } from '../../core/units/format';
import { roundTo } from '../../core/units/numbers';
import type { Method } from '../../makes/method';
import type { Change } from '../../plan/compare';

/** What stands in the plan's own sentences beside the make's options: its name there, and what it is measured in. */
const KNOWN: Readonly<Record<string, { name: string; quantity?: Quantity; unit?: string }>> = {
  'milk.litres': { name: 'Milk', quantity: 'volume' },
  'milk.fatPct': { name: 'Fat', unit: '%' },
  'milk.proteinPct': { name: 'Protein', unit: '%' },
  'milk.startC': { name: 'Starts at', quantity: 'temperature' },
  'milk.pricePerLitre': { name: 'Price', quantity: 'perVolume' },
  roomC: { name: 'Room', quantity: 'temperature' },
  wantKg: { name: 'Cheese', quantity: 'cheese' },
};

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
  const said = (value: unknown): string => {
    if (value === undefined || value === null) return 'not given';
    if (typeof value === 'boolean') return value ? 'yes' : 'no';
    if (option?.type === 'choice')
      return option.choices.find((one) => one.value === value)?.text ?? String(value);
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

import type { Format } from '../../core/units/format';
import type { WeightDoubt } from '../../run/slip';

const BESIDE: Record<WeightDoubt['is'], (kg: string, beside: string) => string> = {
  'not-as-planned': (kg, beside) => `${kg}, where about ${beside} was to be expected.`,
  'more-than-milk': (kg, beside) => `${kg} is more than all the milk, about ${beside}.`,
  'less-than-dry': (kg, beside) => `${kg} is less than what is dry in this cheese, about ${beside}.`,
};

/** A figure in grams, where kilograms are asked for: what it comes to, in that field. */
function inGrams(kg: number, besideKg: number, format: Format): string {
  const meantKg = kg / 1000;
  const near = format.units.mass === 'g' && meantKg > besideKg / 30 && meantKg < 3 * besideKg;
  return near ? ` In grams? Then it is ${format.number(meantKg, 3)} here.` : '';
}

/** Why a weight, kg, can hardly be right, and how it is kept all the same. */
export const doubtText = (kg: number, { is, besideKg }: WeightDoubt, format: Format): string =>
  `${BESIDE[is](format.kg(kg), format.kg(besideKg))}${inGrams(kg, besideKg, format)} If that is what the scale says, press again.`;

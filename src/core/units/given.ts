import { DROP_ML } from '../coagulant/strength';
import { ML_PER_CUP, ML_PER_TABLESPOON, ML_PER_TEASPOON } from './measures';

/** Measures a dose may be given in. */
export const GIVEN_UNITS = ['g', 'mL', 'tsp', 'tbsp', 'cup', 'drop', 'tablet', 'sachet'] as const;
export type GivenUnit = (typeof GIVEN_UNITS)[number];

/** So much or so little nobody gives of anything. */
export const GIVEN_BOUNDS = { min: 0.001, max: 1_000_000 } as const;

/** A dose as the maker has it in hand. */
export interface Given {
  amount: number;
  unit: GivenUnit;
}

const ML: Partial<Record<GivenUnit, number>> = {
  mL: 1,
  tsp: ML_PER_TEASPOON,
  tbsp: ML_PER_TABLESPOON,
  cup: ML_PER_CUP,
  drop: DROP_ML,
};

/** Volume of a given dose, mL; null where it is weighed or counted. */
export const givenMl = ({ amount, unit }: Given): number | null => {
  const each = ML[unit];
  return each === undefined ? null : amount * each;
};

/** Grams of a powder given by weight or in level spoons, `gramsPerTsp` to a teaspoon; null where it is counted or dropped. */
export function givenGrams(given: Given, gramsPerTsp: number): number | null {
  if (given.unit === 'g') return given.amount;
  if (given.unit === 'drop' || given.unit === 'mL') return null;
  const ml = givenMl(given);
  return ml === null ? null : (ml / ML_PER_TEASPOON) * gramsPerTsp;
}

const FRACTIONS: readonly (readonly [number, string])[] = [
  [1 / 8, '⅛'],
  [1 / 4, '¼'],
  [1 / 3, '⅓'],
  [3 / 8, '⅜'],
  [1 / 2, '½'],
  [5 / 8, '⅝'],
  [2 / 3, '⅔'],
  [3 / 4, '¾'],
  [7 / 8, '⅞'],
];
const MANY: Partial<Record<GivenUnit, string>> = {
  cup: 'cups',
  drop: 'drops',
  tablet: 'tablets',
  sachet: 'sachets',
};

/**
 * A given dose as one says it: "¼ tsp", "1½ tablets", "1 drop", "2.5 g".
 *
 * @example givenText({ amount: 0.25, unit: 'tsp' }) // '¼ tsp'
 */
export function givenText({ amount, unit }: Given): string {
  const name = amount > 1 ? (MANY[unit] ?? unit) : unit;
  if (unit === 'g' || unit === 'mL') return `${Number(amount.toPrecision(4))} ${unit}`;
  const whole = Math.floor(amount + 1e-9);
  const rest = amount - whole;
  const fraction = FRACTIONS.find(([value]) => Math.abs(value - rest) < 0.01)?.[1];
  if (rest < 0.01) return `${whole} ${name}`;
  return fraction
    ? `${whole > 0 ? whole : ''}${fraction} ${name}`
    : `${Number(amount.toPrecision(3))} ${name}`;
}

/** A reckoned dose in the same words, no finer than it is measured: "2.64 mL". */
export const aboutText = ({ amount, unit }: Given): string =>
  givenText({ amount: Number(amount.toPrecision(3)), unit });

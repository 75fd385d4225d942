import { ML_PER_CUP, ML_PER_TABLESPOON, ML_PER_TEASPOON } from '../units/measures';

/**
 * Grams in a level 4.93 mL teaspoon. Powders: from memory, ±10 %. Liquids: density times volume.
 */
export const GRAMS_PER_TEASPOON = {
  'fine salt': 6.0,
  'flaked salt': 2.9,
  'coarse salt': 5.0,
  'citric acid': 4.6,
  'glucono-delta-lactone': 3.9,
  vinegar: 1.006 * ML_PER_TEASPOON,
  'lemon juice': 1.03 * ML_PER_TEASPOON,
  'lime juice': 1.03 * ML_PER_TEASPOON,
  'lactic acid': 1.02 * ML_PER_TEASPOON,
  water: 0.998 * ML_PER_TEASPOON,
} as const;
export type Spoonable = keyof typeof GRAMS_PER_TEASPOON;
export const SPOONABLES = Object.keys(GRAMS_PER_TEASPOON) as Spoonable[];

/** How salt is ground: a spoon of one holds twice as much as of another. */
export const SALT_KINDS = ['fine', 'coarse', 'flaked'] as const;
export type SaltKind = (typeof SALT_KINDS)[number];

/** Salt of a kind as an ingredient; of one nobody has named, fine. */
export const saltOf = (kind: SaltKind = 'fine') => `${kind} salt` as const;

const POWDERS: readonly Spoonable[] = [...SALT_KINDS.map(saltOf), 'citric acid', 'glucono-delta-lactone'];

/** Below half of the smallest spoon nothing sensible can be said. */
const SMALLEST_TSP = 1 / 8;
const EIGHTHS = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'] as const;
const QUARTERS = ['', '¼', '½', '¾'] as const;
const TSP_PER_TBSP = ML_PER_TABLESPOON / ML_PER_TEASPOON;
const TSP_PER_CUP = ML_PER_CUP / ML_PER_TEASPOON;

export interface Spoons {
  /** "1 tbsp + 2¼ tsp", or '' where it is too little to spoon. */
  text: string;
  /** What those spoons hold, g. */
  grams: number;
}

const mixed = (whole: number, fraction: string) => (whole === 0 ? fraction : `${whole}${fraction}`);

/**
 * The level spoons that come closest to `grams`: to an eighth of a teaspoon below one tablespoon, a quarter above it,
 * and for liquids to a quarter cup with spoons from a quarter cup up. `smallestTsp` is the smallest spoon there is.
 */
export function spoonsFor(ingredient: Spoonable, grams: number, smallestTsp: number = SMALLEST_TSP): Spoons {
  const perTsp = GRAMS_PER_TEASPOON[ingredient];
  const teaspoons = grams / perTsp;
  const finest = teaspoons < TSP_PER_TBSP ? SMALLEST_TSP : teaspoons < TSP_PER_CUP ? 1 / 4 : TSP_PER_TBSP / 2;
  const step = Math.max(finest, smallestTsp);
  const rounded = Math.round(teaspoons / step) * step;
  if (rounded < step) return { text: '', grams: 0 };
  let left = rounded;
  const parts: string[] = [];
  if (!POWDERS.includes(ingredient)) {
    const quarterCups = Math.floor(left / (TSP_PER_CUP / 4) + 1e-9);
    if (quarterCups > 0) {
      const text = mixed(Math.floor(quarterCups / 4), QUARTERS[quarterCups % 4] ?? '');
      parts.push(`${text} ${quarterCups > 4 ? 'cups' : 'cup'}`);
      left -= (quarterCups * TSP_PER_CUP) / 4;
    }
  }
  const halfTbsp = step >= TSP_PER_TBSP / 2;
  const tablespoons = halfTbsp
    ? Math.round((left / TSP_PER_TBSP) * 2) / 2
    : Math.floor(left / TSP_PER_TBSP + 1e-9);
  if (tablespoons > 0) {
    parts.push(`${mixed(Math.floor(tablespoons), tablespoons % 1 === 0 ? '' : '½')} tbsp`);
    left -= tablespoons * TSP_PER_TBSP;
  }
  const eighths = Math.round(left * 8);
  if (eighths > 0) parts.push(`${mixed(Math.floor(eighths / 8), EIGHTHS[eighths % 8] ?? '')} tsp`);
  return { text: parts.join(' + '), grams: rounded * perTsp };
}

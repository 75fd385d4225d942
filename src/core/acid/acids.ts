import { lnOf, powOf } from '../numeric/elementary';
import { CITRATE_PKA } from './groups';

/** Acids a maker has on the shelf. */
export const ACID_KINDS = ['citric', 'vinegar', 'lemon', 'lime', 'lactic', 'gdl'] as const;
export type AcidKind = (typeof ACID_KINDS)[number];

/** An acid as bought. */
export interface AcidProduct {
  kind: AcidKind;
  /** g of acid per 100 mL; vinegar and lactic only. */
  strengthPct?: number | undefined;
}

interface AcidFacts {
  name: string;
  /** Of the molecule that does the work. */
  gramsPerMol: number;
  pKa: readonly number[];
  /** Acid per litre of the product, g/L; null where it is the strength on the label or the pure solid. */
  gramsPerL: number | null;
  /** kg/L of the product; null for a powder. */
  densityKgPerL: number | null;
  defaultStrengthPct: number | null;
  /** Relative standard deviation of the product's acid content. */
  strengthSd: number;
  /** Water to dilute in, mL per g of a solid or per mL of a liquid. */
  diluteRatio: number;
  taste: string;
}

const CITRIC = { gramsPerMol: 192.12, pKa: CITRATE_PKA } as const;

/**
 * Molar masses and pKa: standard tables, from memory. Juice strength: Penniston et al. 2008, J. Endourol., from memory,
 * with a wide spread from fruit to fruit. Densities: from memory. Dilution: common practice.
 */
export const ACIDS: Record<AcidKind, AcidFacts> = {
  citric: {
    name: 'citric acid',
    ...CITRIC,
    gramsPerL: null,
    densityKgPerL: null,
    defaultStrengthPct: null,
    strengthSd: 0.01,
    diluteRatio: 10,
    taste: 'neutral',
  },
  vinegar: {
    name: 'vinegar',
    gramsPerMol: 60.05,
    pKa: [4.66],
    gramsPerL: null,
    densityKgPerL: 1.006,
    defaultStrengthPct: 5,
    strengthSd: 0.03,
    diluteRatio: 1,
    taste: 'faintly of vinegar',
  },
  lemon: {
    name: 'lemon juice',
    ...CITRIC,
    gramsPerL: 48,
    densityKgPerL: 1.03,
    defaultStrengthPct: null,
    strengthSd: 0.15,
    diluteRatio: 1,
    taste: 'plainly of lemon',
  },
  lime: {
    name: 'lime juice',
    ...CITRIC,
    gramsPerL: 46,
    densityKgPerL: 1.03,
    defaultStrengthPct: null,
    strengthSd: 0.15,
    diluteRatio: 1,
    taste: 'plainly of lime',
  },
  lactic: {
    name: 'lactic acid',
    gramsPerMol: 90.08,
    pKa: [3.76],
    gramsPerL: null,
    densityKgPerL: 1.02,
    defaultStrengthPct: 10,
    strengthSd: 0.03,
    diluteRatio: 2,
    taste: 'of clean soured milk',
  },
  // Turns into gluconic acid by and by: half of it in 40 min at 30 °C, from memory, ±50 %; the amount is for the end.
  gdl: {
    name: 'glucono-delta-lactone',
    gramsPerMol: 178.14,
    pKa: [3.6],
    gramsPerL: null,
    densityKgPerL: null,
    defaultStrengthPct: null,
    strengthSd: 0.02,
    diluteRatio: 10,
    taste: 'mild, faintly sweet',
  },
};

/** Half of the lactone has turned to acid after this at 30 °C, min; half the time for every 10 °C more. From memory, ±50 %. */
const LACTONE_HALF_MIN = 40;
/** A lactone has turned when no more than this is left of it. Judgement: that little moves the pH by less than a meter reads. */
const LEFT_UNTURNED = 0.05;

/**
 * Minutes until an acid is all acid in milk of `tempC`: none for most, long for a lactone in the cold.
 *
 * @example turningMin('gdl', 4) // 1048
 */
export const turningMin = (kind: AcidKind, tempC: number): number =>
  kind === 'gdl' ? ((LACTONE_HALF_MIN * lnOf(1 / LEFT_UNTURNED)) / lnOf(2)) * powOf(2, (30 - tempC) / 10) : 0;

/** Grams of the acid itself in a gram of a solid product, or in a millilitre of a liquid one. */
export function acidPerUnit(acid: AcidProduct): number {
  const facts = ACIDS[acid.kind];
  if (facts.densityKgPerL === null) return 1;
  if (facts.gramsPerL !== null) return facts.gramsPerL / 1000;
  return (acid.strengthPct ?? (facts.defaultStrengthPct as number)) / 100;
}

/** Amount of product (g of a solid, mL of a liquid) in grams. */
export const gramsOfProduct = (acid: AcidProduct, amount: number): number =>
  amount * (ACIDS[acid.kind].densityKgPerL ?? 1);

/** Product (g) in its own measure: g of a solid, mL of a liquid. */
export const amountOfGrams = (acid: AcidProduct, grams: number): number =>
  grams / (ACIDS[acid.kind].densityKgPerL ?? 1);

/** Whether the product is measured by volume. */
export const isLiquidAcid = (kind: AcidKind): boolean => ACIDS[kind].densityKgPerL !== null;

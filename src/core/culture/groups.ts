import { squareOf } from '../numeric/elementary';
import { type CultureGroup, SOURING, type Souring } from './fitted';

export interface GroupFacts {
  /** Growth rate at the optimum, 1/h. */
  mu: number;
  minC: number;
  optC: number;
  maxC: number;
  minPH: number;
  optPH: number;
  /** CFU/mL at which growth ends. */
  most: number;
  /** Salt in the water phase, g/g, at which growth ends. */
  saltEnd: number;
}

/** What no table here decides: the coldest and the sourest each group works in, and its end in salt and in numbers. From memory. */
const KNOWN: Record<CultureGroup, Omit<GroupFacts, 'mu' | 'optC' | 'maxC'>> = {
  mesophilic: { minC: 7, minPH: 4.2, optPH: 6.4, most: 1.2e9, saltEnd: 0.06 },
  aromatic: { minC: 7, minPH: 4.2, optPH: 6.4, most: 1.0e9, saltEnd: 0.06 },
  thermophilic: { minC: 20, minPH: 4.1, optPH: 6.5, most: 1.0e9, saltEnd: 0.04 },
  yogurt: { minC: 20, minPH: 3.9, optPH: 6.2, most: 1.2e9, saltEnd: 0.04 },
};

/** The groups as fitted. */
export const groupFacts = ({ groups }: Souring): Record<CultureGroup, GroupFacts> => ({
  mesophilic: { ...KNOWN.mesophilic, ...groups.mesophilic },
  aromatic: { ...KNOWN.aromatic, ...groups.aromatic },
  thermophilic: { ...KNOWN.thermophilic, ...groups.thermophilic },
  yogurt: { ...KNOWN.yogurt, ...groups.yogurt },
});

export const GROUP_FACTS = groupFacts(SOURING);

/** pH above which nothing grows. */
const MAX_PH = 9;

/** Temperature factor on growth, 0 to 1: cardinal temperature model with inflection (Rosso et al. 1993). */
export function heatGrowth({ minC, optC, maxC }: GroupFacts, tempC: number): number {
  if (tempC <= minC || tempC >= maxC) return 0;
  const over = (tempC - maxC) * squareOf(tempC - minC);
  const under = (optC - minC) * ((optC - minC) * (tempC - optC) - (optC - maxC) * (optC + minC - 2 * tempC));
  return over / under;
}

/** pH factor on growth, 0 to 1: cardinal pH model (Rosso et al. 1995), nothing above pH 9. */
export function acidGrowth({ minPH, optPH }: GroupFacts, pH: number): number {
  if (pH <= minPH || pH >= MAX_PH) return 0;
  const span = (pH - minPH) * (pH - MAX_PH);
  return span / (span - squareOf(pH - optPH));
}

/** Salt factor on growth, 0 to 1; `saltPerWater` g of salt per g of water. */
export const saltGrowth = ({ saltEnd }: GroupFacts, saltPerWater: number): number =>
  Math.max(0, 1 - saltPerWater / saltEnd);

/** Strain groups, as far as acid is concerned. Parameters: literature, from memory; A, B and μ fitted to known makes. */
export const CULTURE_GROUPS = ['mesophilic', 'aromatic', 'thermophilic', 'yogurt'] as const;
export type CultureGroup = (typeof CULTURE_GROUPS)[number];

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
  /** Lag of a freeze-dried dose at the optimum, h. */
  freezeDriedLagH: number;
}

export const GROUP_FACTS: Record<CultureGroup, GroupFacts> = {
  mesophilic: {
    mu: 0.85,
    minC: 7,
    optC: 33,
    maxC: 42,
    minPH: 4.2,
    optPH: 6.4,
    most: 1.2e9,
    saltEnd: 0.06,
    freezeDriedLagH: 1.5,
  },
  aromatic: {
    mu: 0.7,
    minC: 7,
    optC: 31,
    maxC: 40,
    minPH: 4.2,
    optPH: 6.4,
    most: 1.0e9,
    saltEnd: 0.06,
    freezeDriedLagH: 1.5,
  },
  thermophilic: {
    mu: 1.0,
    minC: 20,
    optC: 43,
    maxC: 52,
    minPH: 4.1,
    optPH: 6.5,
    most: 1.0e9,
    saltEnd: 0.04,
    freezeDriedLagH: 0.5,
  },
  yogurt: {
    mu: 0.96,
    minC: 20,
    optC: 43,
    maxC: 52,
    minPH: 3.9,
    optPH: 6.2,
    most: 1.2e9,
    saltEnd: 0.04,
    freezeDriedLagH: 0.5,
  },
};

/** Lactic acid formed with growth, mol/L per CFU/mL. Fitted. */
export const LACTATE_WITH_GROWTH = 3.2e-11;
/** Lactic acid formed by standing cells, mol/L/h per CFU/mL. Fitted. */
export const LACTATE_STANDING = 3.5e-11;

/** pH above which nothing grows. */
const MAX_PH = 9;

/** Temperature factor on growth, 0 to 1: cardinal temperature model with inflection (Rosso et al. 1993). */
export function heatGrowth({ minC, optC, maxC }: GroupFacts, tempC: number): number {
  if (tempC <= minC || tempC >= maxC) return 0;
  const over = (tempC - maxC) * (tempC - minC) ** 2;
  const under = (optC - minC) * ((optC - minC) * (tempC - optC) - (optC - maxC) * (optC + minC - 2 * tempC));
  return over / under;
}

/** pH factor on growth, 0 to 1: cardinal pH model (Rosso et al. 1995), nothing above pH 9. */
export function acidGrowth({ minPH, optPH }: GroupFacts, pH: number): number {
  if (pH <= minPH || pH >= MAX_PH) return 0;
  const span = (pH - minPH) * (pH - MAX_PH);
  return span / (span - (pH - optPH) ** 2);
}

/** Salt factor on growth, 0 to 1; `saltPerWater` g of salt per g of water. */
export const saltGrowth = ({ saltEnd }: GroupFacts, saltPerWater: number): number =>
  Math.max(0, 1 - saltPerWater / saltEnd);

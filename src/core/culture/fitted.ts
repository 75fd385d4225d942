/** Strain groups, as far as acid is concerned. */
export const CULTURE_GROUPS = ['mesophilic', 'aromatic', 'thermophilic', 'yogurt'] as const;
export type CultureGroup = (typeof CULTURE_GROUPS)[number];

/** Everything about souring that is fitted to known makes, in one place; `npm run fit` finds it anew. */
export interface Souring {
  /** Growth rate at the optimum, 1/h; the best temperature and the highest, °C. */
  groups: Record<CultureGroup, { mu: number; optC: number; maxC: number }>;
  /** Lactic acid formed with growth, mol/L per CFU/mL. */
  lactateWithGrowth: number;
  /** Lactic acid formed by standing cells, mol/L/h per CFU/mL. */
  lactateStanding: number;
  /** 1 % of active liquid starter, CFU/mL of milk; its lag, h at the best temperature. From memory, not fitted: a culture's strength is counted by it. */
  liquidPerPercent: number;
  liquidLagH: number;
  /** A freeze-dried dose at its label's rate, CFU/mL of milk; its lag, h at the best temperature. */
  freezeDried: number;
  freezeDriedLagH: Record<CultureGroup, number>;
}

/** Result of `npm run fit` over the tables in `tables.ts`, rounded; starting values from the literature, from memory. */
export const SOURING: Souring = {
  groups: {
    mesophilic: { mu: 0.81, optC: 33.4, maxC: 41.9 },
    aromatic: { mu: 0.642, optC: 31.4, maxC: 39.9 },
    thermophilic: { mu: 1.14, optC: 43, maxC: 52 },
    yogurt: { mu: 1, optC: 43, maxC: 52 },
  },
  lactateWithGrowth: 5.46e-11,
  lactateStanding: 3.77e-11,
  liquidPerPercent: 1e7,
  liquidLagH: 0.3,
  freezeDried: 1.04e7,
  freezeDriedLagH: { mesophilic: 0.21, aromatic: 0.21, thermophilic: 0.07, yogurt: 0.07 },
};

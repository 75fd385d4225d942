/** What milk is when nobody has measured it, by species. */
export const SPECIES = ['cow', 'goat', 'sheep', 'buffalo'] as const;
export type Species = (typeof SPECIES)[number];

export const TREATMENTS = ['raw', 'pasteurised', 'high-pasteurised', 'boiled', 'ultra-heat'] as const;
export type Treatment = (typeof TREATMENTS)[number];

export interface SpeciesFacts {
  fatPct: number;
  /** True protein, % by mass. */
  proteinPct: number;
  lactosePct: number;
  ashPct: number;
  /** Casein as a share of true protein. */
  caseinShare: number;
  /** Crude less true protein, percentage points: the non-protein nitrogen that a crude test counts. */
  crudeLessTrue: number;
}

/** Source: dairy literature, from memory; the cow's row is held against an open food table in a test. */
export const SPECIES_FACTS: Record<Species, SpeciesFacts> = {
  cow: {
    fatPct: 3.7,
    proteinPct: 3.2,
    lactosePct: 4.7,
    ashPct: 0.73,
    caseinShare: 0.82,
    crudeLessTrue: 0.19,
  },
  goat: { fatPct: 3.8, proteinPct: 3.1, lactosePct: 4.4, ashPct: 0.8, caseinShare: 0.8, crudeLessTrue: 0.25 },
  sheep: {
    fatPct: 7.0,
    proteinPct: 5.4,
    lactosePct: 4.8,
    ashPct: 0.92,
    caseinShare: 0.81,
    crudeLessTrue: 0.25,
  },
  buffalo: {
    fatPct: 7.3,
    proteinPct: 4.2,
    lactosePct: 4.9,
    ashPct: 0.78,
    caseinShare: 0.83,
    crudeLessTrue: 0.19,
  },
};

/** pH of fresh milk as at 25 °C where nobody has measured it. Source: from memory. */
export const FRESH_MILK_PH = 6.65;

/** True protein from the crude protein of a label or a milk test, both % by mass. */
export const trueProteinPct = (crudePct: number, species: Species): number =>
  crudePct - SPECIES_FACTS[species].crudeLessTrue;
/** Crude protein, as labels give it, from true protein, both % by mass. */
export const crudeProteinPct = (truePct: number, species: Species): number =>
  truePct + SPECIES_FACTS[species].crudeLessTrue;

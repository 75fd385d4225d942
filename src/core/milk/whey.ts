import type { Composition } from './composition';
import { SPECIES_FACTS, type Species } from './species';

/** Sweet whey where nobody has measured it: fat, % by mass, and its pH. Source: from memory. */
export const USUAL_WHEY = { fatPct: 0.3, pH: 6.4 } as const;
/** Its true protein, % by mass: sheep's 1.3 to 1.6, buffalo's about 1. Source: from memory. */
export const USUAL_WHEY_PROTEIN_PCT: Record<Species, number> = {
  cow: 0.75,
  goat: 0.7,
  sheep: 1.4,
  buffalo: 1,
};
/** Casein fines as a share of the protein that whey carries. Source: from memory. */
const FINES = 0.05;

/** Whey of a known fat and true protein: nearly all of its protein is whey protein; lactose and ash as in the milk's serum. */
export function wheyComposition(species: Species, fatPct: number, proteinPct: number): Composition {
  const facts = SPECIES_FACTS[species];
  const serum = (100 - fatPct) / (100 - facts.fatPct);
  const lactosePct = facts.lactosePct * serum;
  // About a third of the milk's minerals stay behind with the casein. From memory.
  const ashPct = facts.ashPct * serum * 0.7;
  const caseinPct = proteinPct * FINES;
  return {
    fatPct,
    caseinPct,
    wheyProteinPct: proteinPct - caseinPct,
    lactosePct,
    ashPct,
    waterPct: 100 - fatPct - proteinPct - lactosePct - ashPct,
  };
}

import { densityKgPerL } from './density';
import { SPECIES_FACTS, type Species } from './species';

/** Milk by mass, %; the parts add up to 100. */
export interface Composition {
  fatPct: number;
  caseinPct: number;
  wheyProteinPct: number;
  lactosePct: number;
  ashPct: number;
  waterPct: number;
}

/**
 * Composition of a milk of known fat and true protein (% by mass): casein by the species' share, lactose and
 * ash by the species in the fat-free part, water by difference, so that the sum is 100.
 *
 * Lactose and ash are dissolved in the milk's fat-free part, so they thin out as cream comes in: the species'
 * figures hold at the species' own fat.
 */
export function compositionOf(species: Species, fatPct: number, proteinPct: number): Composition {
  const facts = SPECIES_FACTS[species];
  const serum = (100 - fatPct) / (100 - facts.fatPct);
  const caseinPct = proteinPct * facts.caseinShare;
  const lactosePct = facts.lactosePct * serum;
  const ashPct = facts.ashPct * serum;
  return {
    fatPct,
    caseinPct,
    wheyProteinPct: proteinPct - caseinPct,
    lactosePct,
    ashPct,
    waterPct: 100 - fatPct - proteinPct - lactosePct - ashPct,
  };
}

/** A quantity of milk: its mass and what it is made of. */
export interface MilkBatch {
  litres: number;
  massKg: number;
  densityKgPerL: number;
  composition: Composition;
}

/** The milk in a pail of `litres` at 20 °C. */
export function milkBatch(litres: number, composition: Composition): MilkBatch {
  const density = densityKgPerL(composition);
  return { litres, massKg: litres * density, densityKgPerL: density, composition };
}

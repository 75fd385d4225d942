import { byName } from '../numeric/byName';
import { type Composition, compositionOf, type MilkBatch, milkBatch } from './composition';
import { densityKgPerL } from './density';
import type { Species } from './species';
import { SPECIES_FACTS } from './species';

const PARTS = ['fatPct', 'caseinPct', 'wheyProteinPct', 'lactosePct', 'ashPct', 'waterPct'] as const;

/**
 * Blends milks and creams: masses of every part add up, and so do the litres (the change of volume on mixing is
 * far below what a jug can show).
 */
export function blend(batches: readonly MilkBatch[]): MilkBatch {
  const massKg = batches.reduce((sum, batch) => sum + batch.massKg, 0);
  const composition: Composition = byName(
    PARTS,
    (part) => batches.reduce((sum, batch) => sum + batch.massKg * batch.composition[part], 0) / massKg,
  );
  const density = densityKgPerL(composition);
  return { litres: massKg / density, massKg, densityKgPerL: density, composition };
}

/**
 * Cream of a given fat: the species' skim milk with fat in it, so protein, lactose and ash thin out together.
 */
export function creamBatch(species: Species, litres: number, fatPct: number): MilkBatch {
  const facts = SPECIES_FACTS[species];
  const skim = (100 - fatPct) / (100 - facts.fatPct);
  return milkBatch(litres, compositionOf(species, fatPct, facts.proteinPct * skim));
}

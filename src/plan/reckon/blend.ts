import { z } from 'zod';
import { costPerKg } from '../../core/cost/cost';
import { bounded, boundedBy } from '../../core/faults/bounds';
import { blend as blended, creamBatch } from '../../core/milk/blend';
import { compositionOf, milkBatch } from '../../core/milk/composition';
import { massToCaseinToFat, massToFat } from '../../core/milk/standardise';
import { computation, knownMilk, MILK_INPUT, milkInput, numberIn, refuse } from './computation';

const FAT = { label: 'fat', unit: '%', min: 0, max: 60 } as const;
const PROTEIN = { label: 'true protein', unit: '%', min: 0.5, max: 9 } as const;
const RATIO = { label: 'casein to fat', unit: '', min: 0.01, max: 60 } as const;
const part = z.strictObject({
  litres: boundedBy(0.001, 10_000, 'L'),
  fatPct: numberIn(FAT),
  proteinPct: numberIn(PROTEIN),
});

export const blend = computation({
  name: 'blend',
  title: 'Milks poured together',
  inputs: { parts: { label: 'parts', unit: 'a list of {litres, fatPct, proteinPct}' } },
  outputs: {
    litres: { label: 'blend', unit: 'L' },
    fatPct: { label: 'fat', unit: '%' },
    proteinPct: { label: 'true protein', unit: '%' },
  },
  formula: 'masses of every part add up; density from fat, solids and water',
  source: 'mass balance; densities from memory',
  schema: z.strictObject({ parts: z.array(part).min(1, 'give at least one part') }),
  compute({ parts }) {
    const mixed = blended(
      parts.map((one) => milkBatch(one.litres, compositionOf('cow', one.fatPct, one.proteinPct))),
    );
    const { fatPct, caseinPct, wheyProteinPct } = mixed.composition;
    return { litres: mixed.litres, fatPct, proteinPct: caseinPct + wheyProteinPct };
  },
});

export const standardise = computation({
  name: 'standardise',
  title: 'Cream or skim to a wanted fat or casein to fat',
  inputs: {
    milk: MILK_INPUT,
    with: {
      label: 'what goes in',
      unit: '{fatPct, proteinPct}; proteinPct is that of the species’ cream or skim where left out',
    },
    targetFatPct: { ...FAT, label: 'fat wanted', optional: true },
    targetCaseinToFat: { ...RATIO, label: 'or casein to fat wanted', optional: true },
  },
  outputs: { litresOfWith: { label: 'of what goes in', unit: 'L' } },
  formula:
    'Pearson’s square: mass × (target − fat) / (fat of the other − target); for a ratio the same over casein − target × fat',
  source: 'mass balance; densities from memory',
  schema: z.strictObject({
    milk: milkInput,
    with: z.strictObject({ fatPct: numberIn(FAT), proteinPct: numberIn(PROTEIN).optional() }),
    targetFatPct: numberIn(FAT).optional(),
    targetCaseinToFat: numberIn(RATIO).optional(),
  }),
  compute({ milk, with: other, targetFatPct, targetCaseinToFat }) {
    if ((targetFatPct === undefined) === (targetCaseinToFat === undefined))
      refuse(
        'targetFatPct',
        targetFatPct === undefined ? 'is missing' : 'is given beside a casein to fat',
        'give one of the two: with one milk poured into another the other follows',
      );
    const second =
      other.proteinPct === undefined
        ? creamBatch(milk.species, 1, other.fatPct)
        : milkBatch(1, compositionOf(milk.species, other.fatPct, other.proteinPct));
    const { batch } = knownMilk(milk);
    const massKg =
      targetCaseinToFat === undefined
        ? massToFat(batch, second, targetFatPct as number)
        : massToCaseinToFat(batch, second, targetCaseinToFat);
    return { litresOfWith: massKg / second.densityKgPerL };
  },
});

export const cost = computation({
  name: 'cost',
  title: 'Milk in a kilogram',
  inputs: {
    litres: { label: 'milk', unit: 'L', min: 0.2, max: 500 },
    pricePerLitre: { label: 'price', unit: 'a litre', min: 0, max: 100_000 },
    kg: { label: 'cheese', unit: 'kg', min: 0.001, max: 1000 },
  },
  outputs: { perKg: { label: 'cost', unit: 'a kilogram' } },
  formula: 'litres × price / kg',
  source: 'definition',
  schema: z.strictObject({ litres: bounded('litres'), pricePerLitre: bounded('price'), kg: bounded('kg') }),
  compute: ({ litres, pricePerLitre, kg }) => ({ perKg: costPerKg(litres, pricePerLitre, kg) }),
});

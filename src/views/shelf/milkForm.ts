import { crudeProteinPct, SPECIES, TREATMENTS, trueProteinPct } from '../../core/milk/species';
import type { Format } from '../../core/units/format';
import type { KnownMilk } from '../../kitchen/milk';
import { TREATMENT_WORDS } from '../../plan/milkWords';
import { type Asked, thingOf, type Words, wordsOf } from '../common/asking';

/** What a lot of milk is asked for; its protein by the basis the kitchen's tests have, its price by what milk is measured in. */
export const milkFields = (crude: boolean, { volumeWord }: Format): readonly Asked[] => [
  { key: 'name', label: 'Name', kind: 'text' },
  { key: 'farm', label: 'Farm', kind: 'text' },
  { key: 'day', label: 'Came on', kind: 'day' },
  { key: 'useBy', label: 'Use by', kind: 'day' },
  { key: 'litres', label: 'How much came', kind: 'number', quantity: 'volume' },
  { key: 'species', label: 'Milk of', kind: 'choice', options: SPECIES },
  { key: 'fatPct', label: 'Fat', kind: 'number', unit: '%' },
  { key: 'proteinPct', label: crude ? 'Protein, as labelled' : 'True protein', kind: 'number', unit: '%' },
  { key: 'pH', label: 'pH, if measured', kind: 'number' },
  {
    key: 'treatment',
    label: 'Treated',
    kind: 'choice',
    options: TREATMENTS.map((value) => ({ value, text: TREATMENT_WORDS[value] })),
  },
  {
    key: 'homogenised',
    label: 'Fat globules',
    kind: 'choice',
    options: [
      { value: 'false', text: 'cream rises' },
      { value: 'true', text: 'homogenised' },
    ],
  },
  { key: 'startC', label: 'Comes at', kind: 'number', quantity: 'temperature' },
  { key: 'pricePerLitre', label: `Price a ${volumeWord}`, kind: 'number', quantity: 'perVolume' },
];

/** A lot of milk as it stands in its form. */
export const milkWords = (milk: KnownMilk, crude: boolean, format: Format): Words =>
  wordsOf(
    milkFields(crude, format),
    { ...milk, proteinPct: crude ? crudeProteinPct(milk.proteinPct, milk.species) : milk.proteinPct },
    format,
  );

/** The lot of milk a form stands for, unread. */
export function milkOf(words: Words, id: string, crude: boolean, format: Format): unknown {
  const { proteinPct, homogenised, ...plain } = thingOf(milkFields(crude, format), words, id, format);
  const species = SPECIES.find((one) => one === words.species);
  return {
    ...plain,
    proteinPct:
      crude && species && typeof proteinPct === 'number' ? trueProteinPct(proteinPct, species) : proteinPct,
    homogenised: homogenised === 'true',
  };
}

import { z } from 'zod';
import { bounded, boundedBy } from '../../core/faults/bounds';
import { boilingC } from '../../core/heat/boiling';
import { mixedTempC, SPECIFIC_HEAT, type Substance } from '../../core/heat/mixing';
import { saltGrams } from '../../core/salt/dry';
import { SPOONABLES, spoonsFor } from '../../core/salt/spoons';
import { computation } from './computation';

const SUBSTANCES = Object.keys(SPECIFIC_HEAT) as Substance[];

export const spoons = computation({
  name: 'spoons',
  title: 'Spoons for grams',
  inputs: {
    ingredient: { label: 'ingredient', unit: '', choices: SPOONABLES },
    grams: { label: 'amount', unit: 'g', min: 0.01, max: 1_000_000 },
  },
  outputs: {
    spoons: { label: 'level spoons', unit: 'text; empty where it is too little to spoon' },
    gramsOfSpoons: { label: 'what those spoons hold', unit: 'g' },
  },
  formula: 'grams / grams in a level 4.93 mL teaspoon, to the nearest spoon a set has',
  source: 'powders from memory, ±10 %; liquids by density',
  schema: z.strictObject({ ingredient: z.enum(SPOONABLES), grams: bounded('grams') }),
  compute({ ingredient, grams }) {
    const { text, grams: held } = spoonsFor(ingredient, grams);
    return { spoons: text, gramsOfSpoons: held };
  },
});

export const salt = computation({
  name: 'salt',
  title: 'Salt for a weighed cheese',
  inputs: {
    kg: { label: 'cheese', unit: 'kg', min: 0.001, max: 1000 },
    percent: { label: 'salt', unit: '% of the cheese', min: 0, max: 20 },
  },
  outputs: { grams: { label: 'salt', unit: 'g' } },
  formula: 'grams = kg × 1000 × percent / 100',
  source: 'definition',
  schema: z.strictObject({ kg: bounded('kg'), percent: boundedBy(0, 20, '%') }),
  compute: ({ kg, percent }) => ({ grams: saltGrams(kg, percent) }),
});

export const heatMix = computation({
  name: 'heat-mix',
  title: 'Temperature of a mixture',
  inputs: { parts: { label: 'parts', unit: `a list of {what: ${SUBSTANCES.join(' | ')}, kg, tempC}` } },
  outputs: { tempC: { label: 'mixed', unit: '°C' } },
  formula: 'Σ m c T / Σ m c with c milk 3.93, curd 3.3, whey 4.1, water 4.18 kJ/kg/K',
  source: 'heat balance; specific heats from memory',
  schema: z.strictObject({
    parts: z
      .array(z.strictObject({ what: z.enum(SUBSTANCES), kg: bounded('kg'), tempC: bounded('potTempC') }))
      .min(1, 'give at least one part'),
  }),
  compute: ({ parts }) => ({ tempC: mixedTempC(parts) }),
});

export const boil = computation({
  name: 'boil',
  title: 'Where milk boils',
  inputs: { altitudeM: { label: 'altitude', unit: 'm', min: -400, max: 5000, default: 0 } },
  outputs: { tempC: { label: 'boils at', unit: '°C' } },
  formula: '100 − altitude / 300',
  source: 'about 1 °C per 300 m, from memory',
  schema: z.strictObject({ altitudeM: bounded('altitudeM').default(0) }),
  compute: ({ altitudeM }) => ({ tempC: boilingC(altitudeM) }),
});

import { z } from 'zod';
import { amountOfGrams, gramsOfProduct, isLiquidAcid } from '../../core/acid/acids';
import { bufferOf } from '../../core/acid/buffer';
import { coagulationPH } from '../../core/acid/coagulation';
import { amountForPH, pHAfter, titrantOf } from '../../core/acid/titrate';
import { bounded } from '../../core/faults/bounds';
import {
  ACID_INPUT,
  acidInput,
  computation,
  knownAcid,
  knownMilk,
  MILK_INPUT,
  milkInput,
  numberIn,
  refuse,
} from './computation';

const AMOUNT = { label: 'amount of acid', min: 0, max: 100_000 } as const;
const source =
  'charge balance of milk’s buffering groups; amounts and pKa from memory, the course of colloidal phosphate fitted';

/** Doses in jugs have no dilution water here: it is the acid alone, as measured out. */
const bare = (acid: z.infer<typeof acidInput>) => titrantOf(knownAcid(acid), { diluted: false });

export const acidPH = computation({
  name: 'acid-ph',
  title: 'pH after an acid',
  inputs: {
    milk: MILK_INPUT,
    acid: ACID_INPUT,
    grams: { ...AMOUNT, unit: 'g', optional: true },
    millilitres: { ...AMOUNT, unit: 'mL', optional: true },
  },
  outputs: { pH: { label: 'pH as at 25 °C', unit: '' } },
  formula: 'Σ bound protons(pH) + 10^−pH = Σ bound protons(pH₀) + 10^−pH₀ + acid × protons given up(pH)',
  source,
  schema: z.strictObject({
    milk: milkInput,
    acid: acidInput,
    grams: numberIn({ ...AMOUNT, unit: 'g' }).optional(),
    millilitres: numberIn({ ...AMOUNT, unit: 'mL' }).optional(),
  }),
  compute({ milk, acid, grams, millilitres }) {
    if ((grams === undefined) === (millilitres === undefined))
      refuse('grams', 'or millilitres must be given, one of the two', 'give one');
    if (millilitres !== undefined && !isLiquidAcid(acid.kind))
      refuse('millilitres', `does not apply to ${acid.kind} acid, a powder`, 'give grams');
    const { batch, pH0 } = knownMilk(milk);
    const amount = millilitres ?? amountOfGrams(knownAcid(acid), grams as number);
    return { pH: pHAfter(bufferOf(batch, pH0), bare(acid), amount / batch.litres) };
  },
});

export const acidDose = computation({
  name: 'acid-dose',
  title: 'Acid for a pH',
  inputs: { milk: MILK_INPUT, acid: ACID_INPUT, pH: { label: 'pH wanted', unit: '', min: 3.6, max: 7 } },
  outputs: {
    grams: { label: 'product', unit: 'g' },
    millilitres: { label: 'product', unit: 'mL; null for a powder' },
  },
  formula: 'acid = (Σ bound protons(pH) − Σ bound protons(pH₀) + 10^−pH − 10^−pH₀) / protons given up(pH)',
  source,
  schema: z.strictObject({
    milk: milkInput,
    acid: acidInput,
    pH: numberIn({ label: '', unit: '', min: 3.6, max: 7 }),
  }),
  compute({ milk, acid, pH }) {
    const { batch, pH0 } = knownMilk(milk);
    if (pH > pH0) refuse('pH', `is ${pH}, above the milk’s own ${pH0}`, `give ${pH0} or less`);
    const amount = amountForPH(bufferOf(batch, pH0), bare(acid), pH) * batch.litres;
    const product = knownAcid(acid);
    return {
      grams: gramsOfProduct(product, amount),
      millilitres: isLiquidAcid(product.kind) ? amount : null,
    };
  },
});

export const coagulation = computation({
  name: 'coagulation-ph',
  title: 'Where warm milk turns',
  inputs: { tempC: { label: 'temperature', unit: '°C', min: 0, max: 105 } },
  outputs: { pH: { label: 'pH as at 25 °C', unit: '' } },
  formula:
    'straight lines through 20 °C 4.70, 35 5.10, 50 5.40, 70 5.65, 80 5.75, 90 5.85, 100 5.95; flat outside',
  source: 'fitted to common practice',
  schema: z.strictObject({
    tempC: bounded('potTempC').min(0, 'give 0 to 105 °C').max(105, 'give 0 to 105 °C'),
  }),
  compute: ({ tempC }) => ({ pH: coagulationPH(tempC) }),
});

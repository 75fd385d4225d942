import { z } from 'zod';
import {
  flocculationMin,
  imcuForFlocculation,
  MOST_CALCIUM_MMOL_PER_L,
  setsWithCoagulant,
  usualMultiplier,
} from '../../core/coagulant/clotting';
import { amountOfImcu, productOf } from '../../core/coagulant/product';
import { sameWork } from '../../core/coagulant/strength';
import { coagulantSchema } from '../brief/schema';
import { computation, type InputSpec, MILK_INPUT, milkInput, numberIn, refuse } from './computation';

const IMCU_PER_LITRE: InputSpec = { label: 'coagulant', unit: 'IMCU/L of milk', min: 1, max: 2000 };
const TEMP: InputSpec = { label: 'milk temperature', unit: '°C', min: 10, max: 60 };
const PH: InputSpec = { label: 'milk pH', unit: '', min: 5, max: 7, default: 6.6 };
const CALCIUM: InputSpec = {
  label: 'calcium added',
  unit: 'mmol/L',
  min: 0,
  max: MOST_CALCIUM_MMOL_PER_L,
  default: 0,
};
const MULTIPLIER: InputSpec = {
  label: 'time to cut over flocculation time',
  unit: '',
  min: 2,
  max: 4,
  default: '3; 3.5 for homogenised milk',
};
const IMCU: InputSpec = { label: 'strength', unit: 'IMCU', min: 1, max: 1_000_000 };
const AMOUNT: InputSpec = { label: 'amount', unit: 'any measure', min: 0.0001, max: 100_000 };

/** A set shorter than this cannot be caught, one longer than this is not a coagulant set, min. Common practice. */
const QUICKEST_CUT_MIN = 3;
const SLOWEST_CUT_MIN = 180;
const WANTED: InputSpec = {
  label: 'time to a clean cut',
  unit: 'min',
  min: QUICKEST_CUT_MIN,
  max: SLOWEST_CUT_MIN,
};

const source = 'rate law of calf-type chymosin; constants fitted to observed sets (common practice)';
const formula =
  'flocculation = 12.0 × (65 / IMCU per litre) × f(temperature) × f(pH) × f(calcium) × f(treatment) × f(species); cut = flocculation × multiplier';

const about = {
  milk: milkInput,
  tempC: numberIn(TEMP),
  pH: numberIn(PH).default(6.6),
  calciumMmolPerLitre: numberIn(CALCIUM).default(0),
  multiplier: numberIn(MULTIPLIER).optional(),
};

/** What a milk is to a coagulant; refuses one that does not set. */
function clottingOf({
  milk,
  tempC,
  pH,
  calciumMmolPerLitre,
  multiplier,
}: z.infer<z.ZodObject<typeof about>>) {
  const treatment = milk.treatment ?? 'pasteurised';
  if (!setsWithCoagulant(treatment))
    refuse(
      'milk.treatment',
      `is ${treatment}, and such milk does not set with a coagulant`,
      'take raw or pasteurised milk, or a hot-acid make',
    );
  return {
    clotting: { species: milk.species, treatment, tempC, pH, calciumMmolPerLitre },
    times: multiplier ?? usualMultiplier(milk.homogenised ?? false),
  };
}

export const strength = computation({
  name: 'strength',
  title: 'A recipe’s coagulant in yours',
  inputs: {
    fromImcu: { ...IMCU, label: 'strength it speaks of' },
    amount: AMOUNT,
    toImcu: { ...IMCU, label: 'strength of yours' },
  },
  outputs: { amount: { label: 'amount of yours', unit: 'the same measure' } },
  formula: 'amount × from / to',
  source: 'definition: the units of activity stay the same',
  schema: z.strictObject({ fromImcu: numberIn(IMCU), amount: numberIn(AMOUNT), toImcu: numberIn(IMCU) }),
  compute: ({ fromImcu, amount, toImcu }) => ({ amount: sameWork(fromImcu, amount, toImcu) }),
});

export const clottingTime = computation({
  name: 'clotting-time',
  title: 'When it can be cut',
  inputs: {
    milk: MILK_INPUT,
    imcuPerLitre: IMCU_PER_LITRE,
    tempC: TEMP,
    pH: PH,
    calciumMmolPerLitre: CALCIUM,
    multiplier: MULTIPLIER,
  },
  outputs: {
    flocculationMin: { label: 'flocculation', unit: 'min' },
    cutMin: { label: 'clean cut', unit: 'min' },
  },
  formula,
  source,
  schema: z.strictObject({ ...about, imcuPerLitre: numberIn(IMCU_PER_LITRE) }),
  compute(input) {
    const { clotting, times } = clottingOf(input);
    const minutes = flocculationMin({ ...clotting, imcuPerLitre: input.imcuPerLitre });
    return { flocculationMin: minutes, cutMin: minutes * times };
  },
});

export const coagulantDose = computation({
  name: 'coagulant-dose',
  title: 'Coagulant for a wanted set',
  inputs: {
    milk: MILK_INPUT,
    coagulant: {
      label: 'coagulant',
      unit: 'a coagulant as in the brief: form, strength or label statement, ageMonths',
    },
    tempC: TEMP,
    pH: PH,
    calciumMmolPerLitre: CALCIUM,
    wantedCutMin: WANTED,
    multiplier: MULTIPLIER,
  },
  outputs: {
    imcuPerLitre: { label: 'strength in the milk', unit: 'IMCU/L' },
    grams: { label: 'product', unit: 'g; null for tablets' },
    millilitres: { label: 'product', unit: 'mL; null unless liquid' },
    drops: { label: 'product', unit: 'drops of 0.05 mL; null unless liquid' },
    tablets: { label: 'product', unit: 'tablets; null unless tablets' },
  },
  formula,
  source,
  schema: z.strictObject({ ...about, coagulant: coagulantSchema, wantedCutMin: numberIn(WANTED) }),
  compute(input) {
    const { clotting, times } = clottingOf(input);
    const imcuPerLitre = imcuForFlocculation(clotting, input.wantedCutMin / times);
    const amount = amountOfImcu(productOf(input.coagulant), imcuPerLitre * (input.milk.litres ?? 1));
    return {
      imcuPerLitre,
      grams: amount.grams,
      millilitres: amount.millilitres,
      drops: amount.drops,
      tablets: amount.tablets,
    };
  },
});

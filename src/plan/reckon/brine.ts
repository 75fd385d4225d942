import { z } from 'zod';
import { boundedBy } from '../../core/faults/bounds';
import { brineOf, SATURATED_PCT_WW } from '../../core/salt/brine';
import { BRINE_SHAPES, brineHours, endSaltShare, KNIT_NAMES } from '../../core/salt/diffusion';
import { KEPT_WHEN_PRESSED, salted, saltInMoisturePct } from '../../core/salt/taken';
import { computation, type InputSpec, numberIn, refuse } from './computation';

const CM: InputSpec = { label: 'size', unit: 'cm', min: 0.5, max: 100 };
const GRAMS: InputSpec = { label: 'piece', unit: 'g', min: 5, max: 50_000 };
const BRINE: InputSpec = { label: 'brine', unit: '% w/w', min: 1, max: SATURATED_PCT_WW };
const SALT: InputSpec = { label: 'salt', unit: '% of the cheese', min: 0, max: 15 };
const MOISTURE: InputSpec = { label: 'moisture', unit: '%', min: 30, max: 85 };

export const brine = computation({
  name: 'brine',
  title: 'How strong a brine is',
  inputs: {
    waterLitres: { label: 'water', unit: 'L', min: 0.05, max: 1000 },
    saltGrams: { label: 'salt', unit: 'g', min: 0, max: 400_000 },
  },
  outputs: {
    percentWw: { label: 'salt by mass of brine', unit: '%' },
    percentWv: { label: 'g per 100 mL of brine at 20 °C', unit: '%' },
    gramsPerLitreWater: { label: 'salt per litre of water', unit: 'g/L' },
    densityKgPerL: { label: 'density at 20 °C', unit: 'kg/L' },
  },
  formula: 'w/w = salt / (water + salt); w/v = w/w × density; density = 0.9982 + 0.7 w + 0.25 w²',
  source: 'definition; density fitted to handbook values, from memory',
  schema: z.strictObject({ waterLitres: boundedBy(0.05, 1000, 'L'), saltGrams: boundedBy(0, 400_000, 'g') }),
  compute({ waterLitres, saltGrams }) {
    const made = brineOf(waterLitres, saltGrams);
    if (made.percentWw > SATURATED_PCT_WW) {
      const most = Math.floor((waterLitres * 998.2 * SATURATED_PCT_WW) / (100 - SATURATED_PCT_WW));
      refuse(
        'saltGrams',
        `is ${saltGrams}, more than ${waterLitres} L of water dissolves`,
        `give ${most} g or less, which saturates it at ${SATURATED_PCT_WW} % w/w`,
      );
    }
    return { ...made };
  },
});

export const brineTime = computation({
  name: 'brine-time',
  title: 'How long in the brine',
  inputs: {
    shape: { label: 'shape', unit: '', choices: BRINE_SHAPES },
    grams: GRAMS,
    diameterCm: { ...CM, label: 'diameter of a cylinder', optional: true },
    thicknessCm: { ...CM, label: 'thickness of a slab or brick', optional: true },
    brinePctWw: BRINE,
    targetSaltPct: { ...SALT, label: 'salt wanted' },
    moisturePct: MOISTURE,
    startSaltPct: { ...SALT, label: 'salt it has', default: 0 },
    tempC: { label: 'brine', unit: '°C', min: 0, max: 30, default: 12 },
    knit: { label: 'the curd is', unit: '', choices: KNIT_NAMES, default: 'close' },
  },
  outputs: { hours: { label: 'in brine', unit: 'h' } },
  formula:
    'Fick: D = 0.20 exp(0.029 (T − 12)) cm²/day, surface at 0.85 × (g salt per g brine water) × moisture; series for the shape, mean salt against time; loosely knit curd five times, open curd twelve times as fast',
  source: 'Geurts; Guinee and Fox, from memory; series of Crank 1975',
  schema: z.strictObject({
    shape: z.enum(BRINE_SHAPES),
    grams: numberIn(GRAMS),
    diameterCm: numberIn(CM).optional(),
    thicknessCm: numberIn(CM).optional(),
    brinePctWw: numberIn(BRINE),
    targetSaltPct: numberIn(SALT),
    moisturePct: numberIn(MOISTURE),
    startSaltPct: numberIn(SALT).default(0),
    tempC: boundedBy(0, 30, '°C').default(12),
    knit: z.enum(KNIT_NAMES).default('close'),
  }),
  compute(input) {
    if (input.shape === 'cylinder' && input.diameterCm === undefined)
      refuse('diameterCm', 'is missing', 'give the diameter of the cylinder');
    if ((input.shape === 'slab' || input.shape === 'brick') && input.thicknessCm === undefined)
      refuse('thicknessCm', 'is missing', `give the thickness of the ${input.shape}`);
    return { hours: brineHours(input) };
  },
});

const KG: InputSpec = { label: 'curd as it is salted', unit: 'kg', min: 0.01, max: 1000 };
const STREWN: InputSpec = { label: 'salt strewn', unit: 'g', min: 0, max: 100_000 };
/** Solutes in a curd's moisture, share; from memory. */
const SOLUTES = 0.05;

export const saltLoss = computation({
  name: 'salt-loss',
  title: 'What becomes of the salt strewn',
  inputs: {
    saltGrams: STREWN,
    kg: KG,
    moisturePct: MOISTURE,
    pressed: { label: 'pressed or drained afterwards', unit: 'true or false', default: true },
  },
  outputs: {
    keptGrams: { label: 'salt that stays', unit: 'g' },
    lostGrams: { label: 'salt that runs off', unit: 'g' },
    waterLostGrams: { label: 'water it takes along', unit: 'g' },
    cheeseKg: { label: 'cheese', unit: 'kg' },
    saltPct: { label: 'salt in the cheese', unit: '%' },
    saltInMoisturePct: { label: 'salt in its moisture', unit: '%' },
  },
  formula:
    'kept = strewn × 0.65 where curd is pressed or drained afterwards, × 1 in a tub; water lost = 2 × salt kept, solutes with it',
  source: '50 to 80 % kept, twice its mass in water: Guinee and Fox, from memory',
  schema: z.strictObject({
    saltGrams: numberIn(STREWN),
    kg: numberIn(KG),
    moisturePct: numberIn(MOISTURE),
    pressed: z.boolean().default(true),
  }),
  compute({ saltGrams, kg, moisturePct, pressed }) {
    const keptGrams = saltGrams * (pressed ? KEPT_WHEN_PRESSED : 1);
    const before = { kg, waterKg: (kg * moisturePct) / 100, saltKg: 0 };
    if (keptGrams > before.waterKg * 300)
      refuse('saltGrams', `is ${saltGrams}, more than its moisture holds`, 'give less');
    const cheese = salted(before, keptGrams / 1000, SOLUTES);
    return {
      keptGrams,
      lostGrams: saltGrams - keptGrams,
      waterLostGrams: 1000 * (before.waterKg - cheese.waterKg),
      cheeseKg: cheese.kg,
      saltPct: (100 * cheese.saltKg) / cheese.kg,
      saltInMoisturePct: saltInMoisturePct(cheese),
    };
  },
});

export const cheeseInBrine = computation({
  name: 'cheese-in-brine',
  title: 'Where a cheese kept in brine ends',
  inputs: {
    brinePctWw: BRINE,
    moisturePct: MOISTURE,
    startSaltPct: { ...SALT, label: 'salt it has', default: 0 },
  },
  outputs: {
    saltPct: { label: 'salt in the cheese', unit: '%' },
    saltInMoisturePct: { label: 'salt in its moisture', unit: '%' },
    moisturePct: { label: 'moisture', unit: '%' },
    weightChangePct: { label: 'change of weight', unit: '%' },
  },
  formula:
    'salt / water in the cheese → 0.85 × salt / water in the brine; each gram that goes in takes two of water out: S = r (W₀ + 2 S₀) / (1 + 2 r)',
  source: 'Geurts; Guinee and Fox, from memory',
  schema: z.strictObject({
    brinePctWw: numberIn(BRINE),
    moisturePct: numberIn(MOISTURE),
    startSaltPct: numberIn(SALT).default(0),
  }),
  compute({ brinePctWw, moisturePct, startSaltPct }) {
    const share = endSaltShare(brinePctWw);
    const [water, had] = [moisturePct / 100, startSaltPct / 100];
    const end = (share * (water + 2 * had)) / (1 + 2 * share);
    // A brine weaker than the cheese draws no salt out here: that is desalting, and another time.
    const taken = Math.max(0, end - had);
    const cheese = salted({ kg: 1, waterKg: water, saltKg: had }, taken, SOLUTES);
    return {
      saltPct: (100 * cheese.saltKg) / cheese.kg,
      saltInMoisturePct: saltInMoisturePct(cheese),
      moisturePct: (100 * cheese.waterKg) / cheese.kg,
      weightChangePct: 100 * (cheese.kg - 1),
    };
  },
});

import { z } from 'zod';
import { boundedBy } from '../../core/faults/bounds';
import {
  COOL_SHAPES,
  coreTauMin,
  minutesToCore,
  SURROUNDING_NAMES,
  type Surrounding,
} from '../../core/heat/coolThrough';
import { FRIDGE_C } from '../../core/heat/places';
import { TREATMENTS } from '../../core/milk/species';
import { daysInFridge, fridgeDays } from '../../core/safety/fridge';
import { allowanceUsed, allowedHours, RIPENS_WARM_C } from '../../core/safety/slowSouring';
import { METHODS, methodById } from '../../makes';
import { computation, type InputSpec, numberIn, refuse } from './computation';

const BRINE: InputSpec = {
  label: 'kept in a brine of',
  unit: '% w/w; 0 for none',
  min: 0,
  max: 26.4,
  default: 0,
};
const FRIDGE: InputSpec = { label: 'fridge', unit: '°C', min: 0, max: 15, default: FRIDGE_C };
const CORE: InputSpec = { label: 'core', unit: '°C', min: -5, max: 100 };

export const fridgeDaysOf = computation({
  name: 'fridge-days',
  title: 'Days in the fridge',
  inputs: {
    method: { label: 'make', unit: '', choices: METHODS.map((method) => method.id) },
    treatment: { label: 'milk', unit: '', choices: TREATMENTS, default: 'pasteurised' },
    pasteurised: { label: 'held hot enough in the pot', unit: 'true or false', default: false },
    brinePctWw: BRINE,
    fridgeC: FRIDGE,
  },
  outputs: { days: { label: 'to eat it within', unit: 'days from the day made' } },
  formula:
    'days by kind at or below 4 °C: acid-set and cottage 5, filled with cream 3, stretched, squeaky and pressed 7, lactic 10, in 10 % brine 30; raw milk half of it and at most 7; half above 4 °C, one above 8 °C',
  source: 'from memory, cautious; local codes come first',
  schema: z.strictObject({
    method: z.string(),
    treatment: z.enum(TREATMENTS).default('pasteurised'),
    pasteurised: z.boolean().default(false),
    brinePctWw: numberIn(BRINE).default(0),
    fridgeC: numberIn(FRIDGE).default(FRIDGE_C),
  }),
  compute({ method: id, treatment, pasteurised, brinePctWw, fridgeC }) {
    const method =
      methodById(id, METHODS) ??
      refuse('method', `is ${JSON.stringify(id)}`, `give ${METHODS.map((m) => m.id).join(' or ')}`);
    const days = fridgeDays(method.style, treatment, pasteurised, {
      brinePctWw,
      creamFilled: method.cream === 'dressing' && method.family === 'stretched-curd',
    });
    return { days: daysInFridge(days, fridgeC) };
  },
});

export const slowSouring = computation({
  name: 'slow-souring',
  title: 'How long souring may take',
  inputs: { series: { label: 'from the culture on', unit: 'a list of [hour, °C]' } },
  outputs: {
    hours: { label: 'this curve lasts', unit: 'h' },
    usedPct: { label: 'of what is allowed', unit: '%' },
    allowedHours: {
      label: 'allowed on to pH 5.6 if it goes on so',
      unit: 'h; null where it is too cool to count',
    },
    enough: { label: 'within it', unit: 'true or false' },
  },
  formula:
    'Σ dt / H(T), H = 8 h × exp(0.065 (30 − T)), nothing below 15.6 °C; at 1 the milk must be at pH 5.6 or below',
  source: 'guidance of food authorities on ripening, from memory',
  schema: z.strictObject({
    series: z
      .array(z.tuple([boundedBy(0, 240, 'h'), boundedBy(-5, 60, '°C')]))
      .min(2, 'give at least two points')
      .max(2000),
  }),
  compute({ series }) {
    series.forEach(([hour], i) => {
      if (i > 0 && hour < (series[i - 1] as [number, number])[0])
        refuse(`series.${i}`, 'goes back in time', 'give the hours in order');
    });
    const hours = (series.at(-1) as [number, number])[0] - (series[0] as [number, number])[0];
    const share = allowanceUsed(series);
    const lastC = (series.at(-1) as [number, number])[1];
    return {
      hours,
      usedPct: 100 * share,
      allowedHours:
        lastC < RIPENS_WARM_C || share === 0
          ? null
          : share >= 1
            ? hours / share
            : hours + (1 - share) * allowedHours(lastC),
      enough: share <= 1,
    };
  },
});

const KG: InputSpec = { label: 'mass', unit: 'kg', min: 0.02, max: 200 };
const CM: InputSpec = { label: 'thickness of a slab', unit: 'cm', min: 0.5, max: 60, optional: true };

export const coolThrough = computation({
  name: 'cool-through',
  title: 'How soon a cheese is cold to the core',
  inputs: {
    shape: { label: 'shape', unit: '', choices: COOL_SHAPES },
    kg: KG,
    thicknessCm: CM,
    fromC: { ...CORE, label: 'core now' },
    toC: { ...CORE, label: 'core wanted' },
    aroundC: { ...CORE, label: 'round it' },
    surroundings: { label: 'in', unit: '', choices: SURROUNDING_NAMES, default: 'fridge' },
  },
  outputs: {
    minutes: { label: 'to there', unit: 'min' },
    tauMin: { label: 'time constant', unit: 'min' },
  },
  formula:
    'τ = L² / (2.5 α) for a slab of half-thickness L, R² / (9.9 α) for a ball, α = 1.3e-3 cm²/s, and ρ c L / h of its surface (a third for a ball); left = min(1, first term × exp(−t / τ)), first term 4/π and 2',
  source: 'conduction, Carslaw and Jaeger, first term; α and surface from memory',
  schema: z.strictObject({
    shape: z.enum(COOL_SHAPES),
    kg: numberIn(KG),
    thicknessCm: numberIn(CM).optional(),
    fromC: numberIn(CORE),
    toC: numberIn(CORE),
    aroundC: numberIn(CORE),
    surroundings: z.enum(SURROUNDING_NAMES as [Surrounding, ...Surrounding[]]).default('fridge'),
  }),
  compute({ fromC, toC, aroundC, ...piece }) {
    if (piece.shape === 'slab' && piece.thicknessCm === undefined)
      refuse('thicknessCm', 'is missing', 'give the thickness of the slab');
    if ((fromC - toC) * (toC - aroundC) <= 0 && toC !== fromC)
      refuse('toC', `is ${toC} °C, where ${aroundC} °C never brings it`, 'give a core between the two');
    return { minutes: minutesToCore(piece, fromC, toC, aroundC), tauMin: coreTauMin(piece) };
  },
});

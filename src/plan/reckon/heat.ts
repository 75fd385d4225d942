import { z } from 'zod';
import { bounded, boundedBy } from '../../core/faults/bounds';
import { denaturedShare, heatOver, NO_HEAT } from '../../core/heat/denaturation';
import { hotWaterKg } from '../../core/heat/hotWater';
import { microwaveSeconds } from '../../core/heat/microwave';
import { LOSS_W_PER_M2K, potOf, tempAfter } from '../../core/heat/pot';
import { sinkBath as bathAnswer } from '../../core/heat/sinkBath';
import { USUAL_MILK_KG_PER_L } from '../../core/milk/density';
import { equivalentMinutesAt63, wantsHotter } from '../../core/safety/pasteurise';
import { computation, type InputSpec, numberIn, refuse } from './computation';

const TEMP: InputSpec = { label: 'temperature', unit: '°C', min: 0, max: 110 };
const LITRES: InputSpec = { label: 'milk', unit: 'L', min: 0.2, max: 500 };
const BATH: InputSpec = { label: 'bath', unit: 'L', min: 0.2, max: 2000 };
const CURD: InputSpec = { label: 'curd', unit: 'kg', min: 0.001, max: 500 };
const litres = bounded('litres');
const temp = numberIn(TEMP);

const SERIES: InputSpec = { label: 'temperature course', unit: 'a list of [minute, °C], straight between' };
const series = z
  .array(z.tuple([boundedBy(0, 20_160, 'min'), boundedBy(-5, 150, '°C')]))
  .min(2, 'give at least two points');

function inOrder(points: readonly (readonly [number, number])[]) {
  points.forEach(([at], i) => {
    if (i > 0 && at < (points[i - 1]?.[0] as number))
      refuse(`series.${i}`, 'lies before the one above it', 'give the minutes in order');
  });
}

export const hotWater = computation({
  name: 'hot-water',
  title: 'Hot water for stretching',
  inputs: {
    curdKg: CURD,
    curdC: { ...TEMP, label: 'curd' },
    waterC: { ...TEMP, label: 'water' },
    targetC: { ...TEMP, label: 'core wanted' },
  },
  outputs: { waterKg: { label: 'water', unit: 'kg' } },
  formula: 'curd × 3.3 × (target − curd °C) / (4.18 × (water °C − target))',
  source: 'heat balance without loss; specific heats from memory',
  schema: z.strictObject({ curdKg: numberIn(CURD), curdC: temp, waterC: temp, targetC: temp }),
  compute: ({ curdKg, curdC, waterC, targetC }) => ({ waterKg: hotWaterKg(curdKg, curdC, waterC, targetC) }),
});

export const sinkBath = computation({
  name: 'sink-bath',
  title: 'Warming in a sink',
  inputs: {
    milkLitres: LITRES,
    fromC: { ...TEMP, label: 'milk now' },
    toC: { ...TEMP, label: 'milk wanted' },
    bathLitres: BATH,
    bathC: { ...TEMP, label: 'bath' },
  },
  outputs: {
    minutes: { label: 'time, unstirred', unit: 'min; left out where it cannot be reached' },
    whyNot: { label: 'why it cannot be reached', unit: 'text' },
  },
  formula: 'two masses and one wall: d(Tb − Tm)/dt = −U A (1/mc + 1/mc) (Tb − Tm), U 50 W/m²K',
  source: 'U fitted: 7.6 L from 30 to 41 °C in a 50 °C sink in about 45 min (common practice)',
  schema: z.strictObject({
    milkLitres: litres,
    fromC: temp,
    toC: temp,
    bathLitres: numberIn(BATH),
    bathC: temp,
  }),
  compute: ({ milkLitres, fromC, toC, bathLitres, bathC }) => ({
    ...bathAnswer(milkLitres, fromC, toC, bathLitres, bathC),
  }),
});

export const microwave = computation({
  name: 'microwave',
  title: 'Curd in the microwave',
  inputs: {
    kg: CURD,
    fromC: { ...TEMP, label: 'curd now' },
    toC: { ...TEMP, label: 'curd wanted' },
    watts: { label: 'power', unit: 'W', min: 100, max: 3000 },
  },
  outputs: { seconds: { label: 'in all, in short bursts', unit: 's' } },
  formula: 'kg × 3.3 × ΔT × 1000 / (0.6 × watts)',
  source: 'heat balance; efficiency from memory',
  schema: z.strictObject({ kg: numberIn(CURD), fromC: temp, toC: temp, watts: boundedBy(100, 3000, 'W') }),
  compute: ({ kg, fromC, toC, watts }) => ({ seconds: microwaveSeconds(kg, fromC, toC, watts) }),
});

export const coolDown = computation({
  name: 'cool-down',
  title: 'A pot left to stand',
  inputs: {
    litres: LITRES,
    startC: TEMP,
    roomC: { ...TEMP, label: 'room', min: -5, max: 45 },
    minutes: { label: 'how long', unit: 'min', min: 0, max: 20_160 },
    wrapped: { label: 'wrapped in', unit: '', choices: ['lid', 'towel', 'blanket', 'box'], default: 'lid' },
  },
  outputs: { tempC: { label: 'temperature', unit: '°C' } },
  formula:
    'room + (start − room) exp(−U A t / (m c)); U 10 lidded, 6 towel, 3 blanket, 1 insulated box, W/m²K',
  source: 'lumped pot; heat losses from memory',
  schema: z.strictObject({
    litres,
    startC: temp,
    roomC: bounded('roomC'),
    minutes: boundedBy(0, 20_160, 'min'),
    wrapped: z.union([z.enum(['lid', 'towel', 'blanket', 'box']), z.boolean()]).default('lid'),
  }),
  compute({ litres: volume, startC, roomC, minutes, wrapped }) {
    const how = typeof wrapped === 'boolean' ? (wrapped ? 'towel' : 'lid') : wrapped;
    const loss = {
      lid: LOSS_W_PER_M2K.lidded,
      towel: LOSS_W_PER_M2K.towel,
      blanket: LOSS_W_PER_M2K.blanket,
      box: LOSS_W_PER_M2K.insulatedBox,
    }[how];
    return {
      tempC: tempAfter(potOf(volume, volume * USUAL_MILK_KG_PER_L, 'milk', loss), startC, minutes, roomC, 0),
    };
  },
});

export const pasteurise = computation({
  name: 'pasteurise',
  title: 'Was it pasteurised',
  inputs: {
    series: SERIES,
    fatPct: { label: 'fat', unit: '%', min: 0, max: 60, default: 3.7 },
    totalSolidsPct: { label: 'total solids', unit: '%', min: 0, max: 60, default: 12.5 },
    sweetened: { label: 'sugar added', unit: 'true or false', default: false },
  },
  outputs: {
    equivalentMinutesAt63: { label: 'worth at 63 °C', unit: 'min' },
    enough: { label: 'enough', unit: 'true or false; legally it is one continuous hold' },
  },
  formula:
    '30 × ∫ dt / t(T), log t straight between the pairs, nothing below 63 °C; 3 °C more for 10 % fat, 18 % solids or sugar',
  source: 'US Pasteurized Milk Ordinance, from memory',
  schema: z.strictObject({
    series,
    fatPct: boundedBy(0, 60, '%').default(3.7),
    totalSolidsPct: boundedBy(0, 60, '%').default(12.5),
    sweetened: z.boolean().default(false),
  }),
  compute({ series: points, fatPct, totalSolidsPct, sweetened }) {
    inOrder(points);
    const minutes = equivalentMinutesAt63(points, wantsHotter(fatPct, totalSolidsPct, sweetened));
    // A hold of exactly 30 min must not fail on the last bit.
    return { equivalentMinutesAt63: minutes, enough: minutes >= 30 * (1 - 1e-9) };
  },
});

export const denaturation = computation({
  name: 'denaturation',
  title: 'Whey protein caught by heat',
  inputs: { series: SERIES },
  outputs: { percent: { label: 'whey protein denatured', unit: '%' } },
  formula:
    '0.52 β + 0.20 α + 0.14 min(1, 1.2 β), β of order 1.5 and α of order 1 in time, Arrhenius in temperature',
  source: 'Dannenberg and Kessler 1988, J. Food Sci., from memory',
  schema: z.strictObject({ series }),
  compute({ series: points }) {
    inOrder(points);
    let heat = NO_HEAT;
    for (let i = 1; i < points.length; i++) {
      const [m0, c0] = points[i - 1] as [number, number];
      const [m1, c1] = points[i] as [number, number];
      heat = heatOver(heat, c0, c1, m1 - m0);
    }
    return { percent: 100 * denaturedShare(heat) };
  },
});

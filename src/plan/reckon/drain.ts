import { z } from 'zod';
import { BAG_NAMES, BAGS, bagAfter } from '../../core/curd/bag';
import { boundedBy } from '../../core/faults/bounds';
import {
  computation,
  type InputSpec,
  knownMilk,
  MILK_INPUT,
  milkInput,
  numberIn,
  refuse,
} from './computation';

const HOURS: InputSpec = { label: 'in the bag', unit: 'h', min: 0, max: 168 };
const TEMP: InputSpec = { label: 'room', unit: '°C', min: 0, max: 40, default: 20 };

export const drain = computation({
  name: 'drain',
  title: 'A bag of lactic curd',
  inputs: {
    milk: MILK_INPUT,
    method: { label: 'make', unit: '', choices: BAG_NAMES },
    hours: HOURS,
    tempC: TEMP,
    weighed: { label: 'weighings', unit: 'a list of [hour, kg]; the last one sets the pace', optional: true },
  },
  outputs: { kgLeft: { label: 'in the bag', unit: 'kg' }, moisturePct: { label: 'moisture', unit: '%' } },
  formula:
    'r(t) = r∞ + (r0 − r∞) exp(−(t/τ)^0.7) of the milk’s mass; τ = 5 h (m/4)^(2/3) exp(0.0255 (20 − T)), solved anew from a weighing',
  source: 'fitted to common practice',
  schema: z.strictObject({
    milk: milkInput,
    method: z.enum(BAG_NAMES),
    hours: numberIn(HOURS),
    tempC: numberIn(TEMP).default(20),
    weighed: z.array(z.tuple([boundedBy(0.01, 168, 'h'), boundedBy(0.001, 600, 'kg')])).optional(),
  }),
  compute({ milk, method, hours, tempC, weighed }) {
    const { batch } = knownMilk(milk);
    weighed?.forEach(([at, kg], i) => {
      if (kg > batch.massKg)
        refuse(`weighed.${i}`, `is ${kg} kg at ${at} h, more than the milk weighed`, 'weigh the bag alone');
    });
    const bag = { composition: batch.composition, milkKg: batch.massKg, tempC, style: BAGS[method] };
    return { ...bagAfter(weighed ? { ...bag, weighed } : bag, hours) };
  },
});

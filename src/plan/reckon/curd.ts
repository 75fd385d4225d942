import { z } from 'zod';
import {
  DENATURED_RETAINED,
  fatInDryMatterPct,
  retainedDryMatter,
  yieldPerMilk,
} from '../../core/curd/balance';
import { curdAt, keptDry, plainCurd, unsalted } from '../../core/curd/nonFat';
import { boxAreaM2, pressureKPa, roundAreaM2 } from '../../core/curd/press';
import { CURD_STYLES } from '../../core/curd/styles';
import { bounded } from '../../core/faults/bounds';
import { METHODS, methodById } from '../../makes';
import { planBrief } from '../plan';
import { computation, knownMilk, MILK_INPUT, milkInput, numberIn, refuse } from './computation';

const MOISTURE = { label: 'moisture of the cheese', unit: '%', min: 30, max: 90 } as const;
const KG = { label: 'weight on the cheese', unit: 'kg', min: 0.001, max: 1000 } as const;
const CM = { label: 'mould', unit: 'cm', min: 1, max: 200 } as const;

export const yieldOfMilk = computation({
  name: 'yield',
  title: 'Cheese from milk',
  inputs: {
    milk: MILK_INPUT,
    method: { label: 'make', unit: '', choices: METHODS.map((method) => method.id) },
    moisturePct: { ...MOISTURE, optional: true },
  },
  outputs: {
    kg: { label: 'unsalted cheese', unit: 'kg' },
    fatInDryMatterPct: { label: 'fat in dry matter', unit: '%' },
  },
  formula:
    'D = F Rf + C Rc × 1.07 + W Rw; yield = D / (1 − M (1 + s)); M, where it is not given, by the moisture in the non-fat substance of the make',
  source:
    'mass balance; retention and moisture by style, common practice; heat on the whey protein by Dannenberg and Kessler 1988, from memory',
  schema: z.strictObject({ milk: milkInput, method: z.string(), moisturePct: numberIn(MOISTURE).optional() }),
  compute({ milk, method: id, moisturePct }) {
    const method =
      methodById(id, METHODS) ??
      refuse('method', `is ${JSON.stringify(id)}`, `give ${METHODS.map((m) => m.id).join(' or ')}`);
    const style = CURD_STYLES[method.style];
    const litres = milk.litres ?? 1;
    const planned = planBrief(
      { format: 'plump-pail/brief', version: 1, method: id, milk: { ...milk, litres } },
      { spread: false },
    );
    if (!planned.ok) {
      const fault = planned.faults[0] as { path: string; problem: string; remedy: string };
      return refuse(fault.path, fault.problem, fault.remedy);
    }
    const { batch } = knownMilk({ ...milk, litres });
    const keep = {
      fat: style.fat,
      casein: style.casein,
      wheyProtein: planned.value.outcome.denatured * DENATURED_RETAINED,
    };
    const own = keptDry(batch.composition, keep, style.solutes);
    const { nonFat, salt } = plainCurd(style);
    const usualMoisturePct = (kept: typeof own) =>
      unsalted(curdAt(kept, nonFat, salt), salt, style.solutes).moisturePct;
    const moisture = moisturePct ?? usualMoisturePct(own);
    const kg =
      batch.massKg *
      yieldPerMilk(
        retainedDryMatter(batch.composition, keep),
        { moisturePct: moisture, solutes: style.solutes },
        0,
      );
    return {
      kg,
      fatInDryMatterPct: fatInDryMatterPct(
        (batch.massKg * batch.composition.fatPct * keep.fat) / 100,
        kg,
        moisture,
      ),
    };
  },
});

export const press = computation({
  name: 'press',
  title: 'Pressure of a weight',
  inputs: {
    kg: KG,
    diameterCm: { ...CM, label: 'round mould, across', optional: true },
    widthCm: { ...CM, label: 'square mould, width', optional: true },
    lengthCm: { ...CM, label: 'square mould, length', optional: true },
  },
  outputs: { kPa: { label: 'pressure', unit: 'kPa' } },
  formula: 'kPa = kg × 9.80665 / area in m² / 1000',
  source: 'definition; standard gravity, NIST SP 330',
  schema: z.strictObject({
    kg: bounded('kg'),
    diameterCm: numberIn(CM).optional(),
    widthCm: numberIn(CM).optional(),
    lengthCm: numberIn(CM).optional(),
  }),
  compute({ kg, diameterCm, widthCm, lengthCm }) {
    const square = widthCm !== undefined && lengthCm !== undefined;
    const half = (widthCm !== undefined) !== (lengthCm !== undefined);
    if (half || (diameterCm !== undefined) === square) {
      refuse(
        'diameterCm',
        'or widthCm with lengthCm must be given, one of the two',
        'give the size of one mould',
      );
    }
    const area = square ? boxAreaM2(widthCm, lengthCm) : roundAreaM2(diameterCm as number);
    return { kPa: pressureKPa(kg, area) };
  },
});

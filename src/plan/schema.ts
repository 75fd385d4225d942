import { z } from 'zod';
import { WHEY_KINDS } from '../core/curd/whey';
import { DOSE_IDS, KIND_NAMES } from '../makes/grammar';
import { briefSchema } from './brief/schema';

const range = z.strictObject({ likely: z.number(), low: z.number(), high: z.number() });

const doseSchema = z.strictObject({
  id: z.enum(DOSE_IDS),
  ingredient: z.string(),
  /** The product as bought, full dose, held-back part included. */
  grams: z.number().nonnegative(),
  millilitres: z.number().nonnegative().nullable(),
  spoons: z.string(),
  diluteInMl: z.number().nonnegative(),
  holdBackGrams: z.number().nonnegative(),
});
export type Dose = z.infer<typeof doseSchema>;

const planStageSchema = z.strictObject({
  id: z.string(),
  kind: z.enum(KIND_NAMES),
  title: z.string(),
  startMin: z.number(),
  durationMin: range,
  targetC: z.number().nullable(),
  handsOnMin: z.number(),
});
export type PlanStage = z.infer<typeof planStageSchema>;

/** A plan, as a file carries it. */
export const planSchema = z.strictObject({
  format: z.literal('plump-pail/plan'),
  version: z.literal(1),
  method: z.string(),
  brief: briefSchema,
  readyAt: z.string().nullable(),
  doses: z.array(doseSchema),
  stages: z.array(planStageSchema).min(1),
  predictions: z.strictObject({
    pHAfterAcid: z.number().nullable(),
    setMin: range.nullable(),
    acidifyHours: range.nullable(),
    yieldKg: range,
    moisturePct: z.number(),
    fatInDryMatterPct: z.number(),
    wheyLitres: z.number(),
    wheyKind: z.enum(WHEY_KINDS),
    wheyPH: z.number(),
    drainHours: range.nullable(),
    handsOnMin: z.number(),
    totalHours: z.number(),
    costPerKg: z.number().nullable(),
  }),
  hinges: z.array(z.strictObject({ on: z.string(), shareOfVariancePct: z.number(), sharpenBy: z.string() })),
  cautions: z.array(z.strictObject({ id: z.string(), stage: z.string(), text: z.string() })),
});
export type Plan = z.infer<typeof planSchema>;

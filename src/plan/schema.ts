import { z } from 'zod';
import { WHEY_KINDS } from '../core/curd/whey';
import { bounded, boundedBy, keyText, oneLine } from '../core/faults/bounds';
import { toldSchema } from '../core/safety/told';
import { DOSE_IDS, STAGE_ID } from '../makes/grammar';
import { KIND_NAMES } from '../makes/kinds';
import { RESOURCES } from '../makes/traits';
import { briefSchema } from './brief/schema';
import { LEARNED_QUANTITIES } from './learnedQuantities';

const range = (one: z.ZodNumber) => z.strictObject({ likely: one, low: one, high: one });
const minutes = bounded('planMin');
const hours = boundedBy(0, 5000, 'h');
const pH = boundedBy(0, 14);
const percent = boundedBy(0, 100, '%');
const grams = boundedBy(0, 10_000_000, 'g');
const millilitres = boundedBy(0, 10_000_000, 'mL');

/** By weight, by volume, in drops, in tablets or sachets, or as a part of a stock where it is too little for all of these. */
export const DOSE_MEASURES = ['weight', 'volume', 'drops', 'pieces', 'stock'] as const;

const doseSchema = z.strictObject({
  id: z.enum(DOSE_IDS),
  ingredient: oneLine(200),
  /** The product as bought, full dose, held-back part included. */
  grams,
  millilitres: millilitres.nullable(),
  spoons: oneLine(200),
  diluteInMl: millilitres,
  holdBackGrams: grams,
  /** How a maker measures it; a plan of an earlier version does not say. */
  measure: z.enum(DOSE_MEASURES).optional(),
});
export type Dose = z.infer<typeof doseSchema>;

const planStageSchema = z.strictObject({
  id: keyText(STAGE_ID, 60, 'give small letters, digits and dashes'),
  kind: z.enum(KIND_NAMES),
  title: oneLine(400),
  startMin: minutes,
  durationMin: range(minutes),
  targetC: bounded('potTempC').nullable(),
  handsOnMin: minutes,
  /** When somebody must be there, minutes within the stage; a plan of an earlier version does not say. */
  hands: z
    .array(z.tuple([minutes, minutes]))
    .max(200)
    .optional(),
  /** How short and how long it may be and still come out right. */
  atLeastMin: minutes.optional(),
  atMostMin: minutes.optional(),
  /** What it takes up while it lasts. */
  uses: z.array(z.enum(RESOURCES)).max(RESOURCES.length).optional(),
});
export type PlanStage = z.infer<typeof planStageSchema>;

/** A plan, as a file carries it. */
export const planSchema = z.strictObject({
  format: z.literal('plump-pail/plan'),
  version: z.literal(1),
  method: oneLine(80),
  brief: briefSchema,
  readyAt: oneLine(40).nullable(),
  doses: z.array(doseSchema).max(40),
  stages: z.array(planStageSchema).min(1, 'give at least one stage').max(100),
  predictions: z.strictObject({
    pHAfterAcid: pH.nullable(),
    setMin: range(minutes).nullable(),
    acidifyHours: range(hours).nullable(),
    yieldKg: range(boundedBy(0, 10_000, 'kg')),
    moisturePct: percent,
    /** At the end; a plan of an earlier version does not say. */
    curdPH: pH.nullable().optional(),
    saltPct: percent.optional(),
    saltInMoisturePct: percent.optional(),
    fatInDryMatterPct: percent,
    wheyLitres: boundedBy(0, 10_000, 'L'),
    wheyKind: z.enum(WHEY_KINDS),
    wheyPH: pH,
    drainHours: range(hours).nullable(),
    handsOnMin: minutes,
    totalHours: hours,
    costPerKg: boundedBy(0, 1e12).nullable(),
  }),
  hinges: z
    .array(z.strictObject({ on: oneLine(200), shareOfVariancePct: percent, sharpenBy: oneLine(400) }))
    .max(40),
  cautions: z
    .array(
      z.strictObject({
        id: oneLine(60),
        stage: oneLine(60),
        text: z.string().max(4000),
        /** A caution of this batch with its figures, so that it can be told in the maker's units. */
        told: toldSchema.optional(),
      }),
    )
    .max(400),
  /** What finished makes have taught, and which figure it moved; left out where nothing did. */
  learned: z
    .array(
      z.strictObject({
        of: oneLine(20),
        id: oneLine(200),
        quantity: z.enum(LEARNED_QUANTITIES),
        likely: boundedBy(0.01, 100),
        low: boundedBy(0.005, 100),
        high: boundedBy(0.01, 200),
        makes: z.int().min(0),
        figure: oneLine(40),
        unit: oneLine(10),
        plain: boundedBy(0, 1e9),
        value: boundedBy(0, 1e9),
      }),
    )
    .max(LEARNED_QUANTITIES.length)
    .optional(),
});
export type Plan = z.infer<typeof planSchema>;

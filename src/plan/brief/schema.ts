import { z } from 'zod';
import { ACID_KINDS } from '../../core/acid/acids';
import { bounded, boundedBy, oneLine } from '../../core/faults/bounds';
import { HEATED_BY, KEEP_WARM } from '../../core/heat/warming';
import { SPECIES, TREATMENTS } from '../../core/milk/species';
import { SALT_KINDS } from '../../core/salt/spoons';
import { clockMinutes } from '../../core/units/blocked';
import { GIVEN_BOUNDS, GIVEN_UNITS } from '../../core/units/given';
import { wallMinutes } from '../../core/units/wallTime';
import { coagulantProduct, cultureLabel } from '../../kitchen/products';
import { pressStepsSchema } from '../../makes/steps';

const price = bounded('price');
const PROTEIN_RANGE = 'give 1 to 9 %, for whey from 0.2 %';

/** Nobody plans outside these years; a calendar holds no more than four digits. */
const FIRST_YEAR = 1970;
const LAST_YEAR = 2098;

export const wallTime = z.string().superRefine((text, context) => {
  const year = Number(text.slice(0, 4));
  if (wallMinutes(text) !== null && year >= FIRST_YEAR && year <= LAST_YEAR) return;
  const params = {
    problem: `is ${JSON.stringify(text)}`,
    remedy: 'give a local time like 2026-11-27T09:00, up to 2098',
  };
  context.addIssue({ code: 'custom', message: params.problem, params });
});

export const clockTime = z.string().refine((text) => clockMinutes(text) !== null, {
  error: 'give a time of day like 22:30',
});

/** A dose as the maker has it in hand: the plan says what comes of it. */
const given = z
  .strictObject({ amount: boundedBy(GIVEN_BOUNDS.min, GIVEN_BOUNDS.max), unit: z.enum(GIVEN_UNITS) })
  .optional();

export const milkSchema = z.strictObject({
  species: z.enum(SPECIES),
  litres: bounded('litres').optional(),
  fatPct: bounded('fatPct').optional(),
  /** Milk 1 to 9 %, whey less: which one is held to its method. */
  proteinPct: z.number().min(0.2, PROTEIN_RANGE).max(9, PROTEIN_RANGE).optional(),
  treatment: z.enum(TREATMENTS).optional(),
  homogenised: z.boolean().optional(),
  /** Milk 5.8 to 7.0, whey 4.0 to 6.9: which one is held to its method. */
  pH: boundedBy(4, 7).optional(),
  startC: bounded('startC').optional(),
  pricePerLitre: price.optional(),
});

export const acidSchema = z
  .strictObject({
    kind: z.enum(ACID_KINDS),
    strengthPct: z.number().optional(),
    given,
    /** Per kg of a solid, per litre of a liquid. */
    price: price.optional(),
  })
  .superRefine((acid, context) => {
    if (acid.strengthPct === undefined) return;
    const range =
      acid.kind === 'vinegar' ? bounded('vinegarPct') : acid.kind === 'lactic' ? bounded('lacticPct') : null;
    const issue = range?.safeParse(acid.strengthPct).error?.issues[0];
    const params = issue
      ? { problem: `is ${acid.strengthPct}`, remedy: issue.message }
      : range
        ? null
        : { problem: `does not apply to ${acid.kind}`, remedy: 'leave it out' };
    if (params) context.addIssue({ code: 'custom', path: ['strengthPct'], message: params.problem, params });
  });

export const coagulantSchema = coagulantProduct.extend({
  ageMonths: bounded('ageMonths').optional(),
  given,
  price: price.optional(),
});

const cultureSchema = z.strictObject({
  ...cultureLabel,
  ageDays: boundedBy(0, 365, 'days').optional(),
  given,
  price: price.optional(),
});

/** How the pot is warmed: what heats it, how strong, and the water it stands in. */
const heatSchema = z.strictObject({
  by: z.enum(HEATED_BY),
  kW: bounded('hobKw').optional(),
  bathLitres: boundedBy(0.5, 1000, 'L').optional(),
  bathC: boundedBy(20, 100, '°C').optional(),
});

/** What is in hand and what is wanted, as a file carries it. */
export const briefSchema = z
  .strictObject({
    format: z.literal('plump-pail/brief'),
    version: z.literal(1),
    method: oneLine(200),
    milk: milkSchema,
    wantKg: bounded('wantKg').optional(),
    cream: z.strictObject({ litres: bounded('creamLitres'), fatPct: bounded('creamFatPct') }).optional(),
    acid: acidSchema.optional(),
    coagulant: coagulantSchema.optional(),
    culture: cultureSchema.optional(),
    salt: z.strictObject({ price: price.optional(), kind: z.enum(SALT_KINDS).optional(), given }).optional(),
    calcium: z.union([z.boolean(), z.strictObject({ given })]).optional(),
    heat: heatSchema.optional(),
    keepWarm: z.enum(KEEP_WARM).optional(),
    sources: z
      .strictObject({
        milk: oneLine(200).optional(),
        acid: oneLine(200).optional(),
        coagulant: oneLine(200).optional(),
        culture: oneLine(200).optional(),
        pot: oneLine(200).optional(),
      })
      .optional(),
    roomC: bounded('roomC').optional(),
    altitudeM: bounded('altitudeM').optional(),
    options: z
      .record(z.string(), z.union([z.number(), z.string(), z.boolean(), pressStepsSchema]))
      .optional(),
    /** When nobody can lend a hand: every night, and spells by the calendar; the plan is laid round them. */
    asleep: z.strictObject({ from: clockTime, to: clockTime }).optional(),
    away: z
      .array(
        z.strictObject({ from: wallTime, to: wallTime }).refine(({ from, to }) => from < to, {
          error: 'ends before it begins: give a later end',
          path: ['to'],
        }),
      )
      .max(60, 'give at most sixty')
      .optional(),
    start: wallTime.optional(),
    readyBy: wallTime.optional(),
    currency: oneLine(12).optional(),
    seed: z
      .int()
      .min(0, 'give a whole number from 0')
      .max(4294967295, 'give a whole number to 4294967295')
      .optional(),
  })
  .superRefine((brief, context) => {
    const both = (path: string[], problem: string, remedy: string) =>
      context.addIssue({ code: 'custom', path, message: problem, params: { problem, remedy } });
    if (brief.milk.litres === undefined && brief.wantKg === undefined)
      both(['milk', 'litres'], 'is missing', 'give the litres in hand, or wantKg');
    if (brief.milk.litres !== undefined && brief.wantKg !== undefined)
      both(['wantKg'], 'is given beside milk.litres', 'give one of the two');
    if (brief.start !== undefined && brief.readyBy !== undefined)
      both(['readyBy'], 'is given beside start', 'give one of the two');
  });

export type Brief = z.infer<typeof briefSchema>;

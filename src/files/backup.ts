import { z } from 'zod';
import { bounded, boundedBy } from '../core/faults/bounds';
import { SPECIES, TREATMENTS } from '../core/milk/species';
import { methodSchema } from '../makes/method';
import { makeSchema } from './make';
import { goodSchema } from './shelf';

/** A milk the kitchen knows by name. Protein is true protein, % by mass; pH is null where nobody measured it. */
export const knownMilkSchema = z.strictObject({
  id: z.string().min(1).max(64),
  name: z.string().min(1).max(120),
  species: z.enum(SPECIES),
  fatPct: bounded('fatPct'),
  proteinPct: bounded('proteinPct'),
  treatment: z.enum(TREATMENTS),
  homogenised: z.boolean(),
  pH: bounded('milkPH').nullable(),
  startC: bounded('startC'),
  pricePerLitre: bounded('price').nullable(),
  /** What is left of it, and the day it came; left out where nobody counts. */
  litres: boundedBy(0, 100_000, 'L').nullable().optional(),
  day: z.string().max(10).nullable().optional(),
});
export type KnownMilk = z.infer<typeof knownMilkSchema>;

/** The kitchen: units, room, altitude and look. */
const kitchenSchema = z.strictObject({
  temperature: z.enum(['C', 'F']),
  volume: z.enum(['L', 'gal']),
  mass: z.enum(['g', 'oz']),
  decimal: z.enum(['.', ',']),
  proteinBasis: z.enum(['crude', 'true']),
  roomC: bounded('roomC'),
  altitudeM: bounded('altitudeM'),
  currency: z.string().max(12),
  look: z.enum(['as the machine', 'light', 'dark']),
  /** Whether alarms sound, and whether they are spoken. */
  sound: z.boolean().optional(),
  spoken: z.boolean().optional(),
  /** The largest pot and the largest mould, L; left out where nobody has said. */
  potLitres: bounded('potLitres').nullable().optional(),
  mouldLitres: bounded('mouldLitres').nullable().optional(),
  /** Hours of the day between which nobody stands at a pot. */
  asleepFrom: bounded('hourOfDay').optional(),
  asleepTo: bounded('hourOfDay').optional(),
  /** What the thermometer shows in ice water and at the boil, °C; null where it has not been checked. */
  iceReadsC: boundedBy(-10, 10, '°C').nullable().optional(),
  boilReadsC: boundedBy(80, 110, '°C').nullable().optional(),
});
export type Kitchen = z.infer<typeof kitchenSchema>;

/** Everything there is, as one file. */
export const backupSchema = z
  .strictObject({
    format: z.literal('plump-pail/backup'),
    version: z.literal(1),
    kitchen: kitchenSchema,
    milks: z.array(knownMilkSchema),
    makes: z.array(makeSchema),
    goods: z.array(goodSchema).optional(),
    methods: z.array(methodSchema).optional(),
  })
  .superRefine((backup, context) => {
    for (const list of ['milks', 'makes', 'goods'] as const) {
      const seen = new Set<string>();
      (backup[list] ?? []).forEach(({ id }, index) => {
        const params = { problem: `"${id}" stands twice`, remedy: 'keep one of them' };
        if (seen.has(id))
          context.addIssue({ code: 'custom', path: [list, index, 'id'], message: params.problem, params });
        seen.add(id);
      });
    }
  });
export type Backup = z.infer<typeof backupSchema>;

import { z } from 'zod';
import { bounded, boundedBy } from '../core/faults/bounds';
import { DOSE_IDS } from '../makes/grammar';
import { planSchema } from '../plan/schema';

export const WHEY_LOOKS = ['milky', 'cloudy', 'clear', 'creamy'] as const;
export type WheyLook = (typeof WHEY_LOOKS)[number];

/** What a hand test may find, the clean break's three and the stretch's three. */
export const HAND_TESTS = ['not yet', 'nearly', 'clean', 'tears', 'stretches', 'melts'] as const;
export type HandTest = (typeof HAND_TESTS)[number];

/** What is to be done after a make. */
export const TICKS = ['cooled', 'cleaned'] as const;
export type Tick = (typeof TICKS)[number];

/** What whey is good for, and what becomes of the rest. */
export const WHEY_USES = [
  'ricotta',
  'brine or stretching',
  'bread and soup',
  'drinks',
  'animals',
  'the garden',
  'poured away',
] as const;
export type WheyUse = (typeof WHEY_USES)[number];

/** Every event says when it happened on the wall clock, ms since 1970 UTC, and stands in order. */
const stamped = { seq: z.int().min(0), at: z.number() };
const text = z.string().max(4000);

/** What can happen to a make. Old events are never rewritten; a later shape is read by upcasting. */
export const eventSchema = z.discriminatedUnion('type', [
  z.strictObject({
    ...stamped,
    type: z.literal('started'),
    name: z.string().min(1).max(120),
    milkName: z.string().max(120),
    plan: planSchema,
    /** Stage parameters by stage id, as planned. */
    parameters: z.record(z.string(), z.unknown()),
    modelVersion: z.int().min(1),
    /** The pot it is made in, and how far that one coasts with this much milk, °C, as known then. */
    pot: z
      .strictObject({
        id: z.string().max(64),
        name: z.string().max(120),
        carryOverC: boundedBy(0, 60, '°C'),
      })
      .optional(),
    /** The stage it begins with, where what lies before has been done elsewhere. */
    fromStage: z.string().max(60).optional(),
    /** Written into the book after it was over: only what came out is known, not how it went. */
    entered: z.boolean().optional(),
    /** The lots of milk in it, litres of each as planned. */
    milks: z
      .array(
        z.strictObject({
          id: z.string().max(64),
          name: z.string().max(120),
          /** The day it came, as in a calendar; empty where nobody said. */
          day: z.string().max(10),
          litres: boundedBy(0, 500, 'L'),
        }),
      )
      .max(20)
      .optional(),
    /** What it takes from the shelf. */
    taken: z
      .array(
        z.strictObject({
          goodId: z.string().max(64),
          dose: z.enum(DOSE_IDS),
          name: z.string().max(120),
          lot: z.string().max(60),
          grams: z.number().nonnegative(),
        }),
      )
      .optional(),
  }),
  z.strictObject({ ...stamped, type: z.literal('done'), stage: z.string() }),
  z.strictObject({ ...stamped, type: z.literal('back'), from: z.string() }),
  /** A stage left out. */
  z.strictObject({ ...stamped, type: z.literal('skipped'), stage: z.string() }),
  /** The clock of the stage under way waits, and goes on. */
  z.strictObject({ ...stamped, type: z.literal('paused') }),
  z.strictObject({ ...stamped, type: z.literal('resumed') }),
  /** The curd was parted: this make goes on with `share` of it, by a plan for so much; the rest with another make. */
  z.strictObject({
    ...stamped,
    type: z.literal('split'),
    share: boundedBy(0.05, 0.95),
    otherId: z.string().max(64),
    plan: planSchema,
    parameters: z.record(z.string(), z.unknown()),
  }),
  /** There was more or less milk than planned: the make goes on by a plan for what there is. */
  z.strictObject({
    ...stamped,
    type: z.literal('remeasured'),
    litres: bounded('litres'),
    plan: planSchema,
    parameters: z.record(z.string(), z.unknown()),
  }),
  /** Another value for a reading that was noted wrongly: °C, pH or kg, as that reading has it. */
  z.strictObject({ ...stamped, type: z.literal('corrected'), target: z.int().min(1), value: z.number() }),
  /** The make went to another device, which writes from here on; and it came to this one. */
  z.strictObject({ ...stamped, type: z.literal('handed') }),
  z.strictObject({ ...stamped, type: z.literal('received') }),
  z.strictObject({ ...stamped, type: z.literal('temperature'), tempC: bounded('potTempC') }),
  z.strictObject({ ...stamped, type: z.literal('whey'), look: z.enum(WHEY_LOOKS) }),
  z.strictObject({ ...stamped, type: z.literal('pH'), pH: bounded('probePH') }),
  /** A logger's file taken in: readings at times of their own. */
  z.strictObject({
    ...stamped,
    type: z.literal('imported'),
    name: z.string().max(200),
    readings: z
      .array(
        z.strictObject({ at: z.number(), tempC: bounded('potTempC'), pH: bounded('probePH').optional() }),
      )
      .min(1)
      .max(50_000),
  }),
  /** Curd or cheese weighed on the way, kg. */
  z.strictObject({ ...stamped, type: z.literal('weighed'), kg: bounded('kg') }),
  /** The bowl on the milk has stopped turning. */
  z.strictObject({ ...stamped, type: z.literal('flocculated') }),
  /** A hand test: how the curd breaks, or how a piece of it stretches. */
  z.strictObject({ ...stamped, type: z.literal('tested'), found: z.enum(HAND_TESTS) }),
  /** A turn of slabs, of a press or of a basket; `turn` counts them, so that a double tap turns once. */
  z.strictObject({ ...stamped, type: z.literal('turned'), turn: z.int().min(0) }),
  /** Something that went wrong, and what was said about it. */
  z.strictObject({ ...stamped, type: z.literal('mishap'), what: z.string().max(60), text }),
  /** Acid that really went in, grams of product; `portion` counts them, so that a double tap adds once. */
  z.strictObject({
    ...stamped,
    type: z.literal('acid'),
    grams: boundedBy(0, 100_000, 'g'),
    portion: z.int().min(0),
  }),
  /** What the program advised, so that a later look can hold it against what came of it; `about` tells one from the next. */
  z.strictObject({ ...stamped, type: z.literal('advised'), about: z.string().max(200), text }),
  z.strictObject({ ...stamped, type: z.literal('note'), text: text.min(1) }),
  z.strictObject({ ...stamped, type: z.literal('undone'), target: z.int().min(1) }),
  z.strictObject({ ...stamped, type: z.literal('finished'), weighedKg: bounded('kg').nullable() }),
  /** After the make: the cheese is cold, the tools are clean. */
  z.strictObject({ ...stamped, type: z.literal('ticked'), what: z.enum(TICKS) }),
  /** What its whey was used for. */
  z.strictObject({ ...stamped, type: z.literal('whey-used'), use: z.enum(WHEY_USES) }),
  z.strictObject({ ...stamped, type: z.literal('tasted'), score: z.int().min(1).max(5), text }),
  z.strictObject({ ...stamped, type: z.literal('abandoned'), reason: text }),
]);

export type MakeEvent = z.infer<typeof eventSchema>;
export type EventType = MakeEvent['type'];
export type Started = Extract<MakeEvent, { type: 'started' }>;

/** An event before the log has given it its place and time. */
export type NewEvent = MakeEvent extends infer E
  ? E extends MakeEvent
    ? Omit<E, 'seq' | 'at'>
    : never
  : never;

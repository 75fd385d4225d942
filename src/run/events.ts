import { z } from 'zod';
import { bounded, boundedBy, idText, oneLine } from '../core/faults/bounds';
import { GIVEN_BOUNDS, GIVEN_UNITS } from '../core/units/given';
import { DOSE_IDS } from '../makes/grammar';
import { KINDS } from '../makes/kinds';
import { methodShape } from '../makes/method';
import { READ_OF } from '../makes/traits';
import { type Courses, coursesSchema } from '../plan/course';
import { ADDED_DOSES } from '../plan/givenDoses';
import { type Plan, planSchema } from '../plan/schema';
import { FINDING_IDS, HAND_TESTS, LATER, TICKS, WHEY_LOOKS, WHEY_USES } from './noted';
import { toldAdviceSchema } from './toldAdvice';

export * from './noted';

/** Every event says when it happened on the wall clock, ms since 1970 UTC, and stands in order. */
const stamped = { seq: z.int().min(0).max(10_000_000), at: bounded('wallMs') };
const text = z.string().max(4000);
const modelVersion = z.int().min(1).max(10_000);
/** A plan that takes the place of the one before, with the model it was reckoned by. */
const planned = {
  plan: planSchema,
  parameters: z.record(z.string(), z.unknown()),
  courses: coursesSchema.optional(),
  modelVersion: modelVersion.optional(),
};
const stageId = z.string().max(60);
/** Readings that one event may bring; a longer file comes as several. */
export const MOST_READINGS = 50_000;
/** An entry that cannot be read is kept as it stands, in so many letters. */
export const MOST_RAW = 10_000_000;

/** The longest name of a make, a milk or a good, letters. */
export const MOST_NAME = 120;

/** What can happen to a make. Old events are never rewritten; a later shape is read by upcasting. */
const shapes = z.discriminatedUnion('type', [
  z.strictObject({
    ...stamped,
    type: z.literal('started'),
    name: oneLine(MOST_NAME).min(1, 'give it a name'),
    milkName: oneLine(MOST_NAME),
    plan: planSchema,
    /** Stage parameters by stage id, as planned. */
    parameters: z.record(z.string(), z.unknown()),
    modelVersion,
    /** The temperatures and pH of that plan, and its method as data: whatever later versions know, this make keeps them. */
    courses: coursesSchema.optional(),
    method: methodShape.optional(),
    /** The pot it is made in, and how far that one coasts with this much milk, °C, as known then. */
    pot: z
      .strictObject({
        id: z.string().max(64),
        name: oneLine(MOST_NAME),
        carryOverC: boundedBy(0, 60, '°C'),
      })
      .optional(),
    /** The stage it begins with, where what lies before has been done elsewhere. */
    fromStage: stageId.optional(),
    /** Written into the book after it was over: only what came out is known, not how it went. */
    entered: z.boolean().optional(),
    /** Made on a practice pot: book, shelf, learning and alarms pass it over. */
    practice: z.literal(true).optional(),
    /** The lots of milk in it, litres of each as planned. */
    milks: z
      .array(
        z.strictObject({
          id: z.string().max(64),
          name: oneLine(MOST_NAME),
          /** The day it came, as in a calendar; empty where nobody said. */
          day: oneLine(10),
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
          name: oneLine(MOST_NAME),
          lot: oneLine(60),
          grams: boundedBy(0, 1_000_000, 'g'),
        }),
      )
      .max(40)
      .optional(),
  }),
  z.strictObject({ ...stamped, type: z.literal('done'), stage: stageId }),
  z.strictObject({
    ...stamped,
    type: z.literal('back'),
    from: stageId,
    /** The stage goes on where it stood; a log of an earlier version begins it anew. */
    resumes: z.literal(true).optional(),
  }),
  /** A stage left out. */
  z.strictObject({ ...stamped, type: z.literal('skipped'), stage: stageId }),
  /** The clock of the stage under way waits, and goes on. */
  z.strictObject({ ...stamped, type: z.literal('paused') }),
  z.strictObject({ ...stamped, type: z.literal('resumed') }),
  /** The curd was parted: this make goes on with `share` of it, by a plan for so much; the rest with another make. */
  z.strictObject({
    ...stamped,
    type: z.literal('split'),
    share: boundedBy(0.05, 0.95),
    otherId: idText(),
    ...planned,
  }),
  /** There was more or less milk than planned: the make goes on by a plan for what there is. */
  z.strictObject({
    ...stamped,
    type: z.literal('remeasured'),
    litres: bounded('litres'),
    ...planned,
  }),
  /** Another value for a reading that was noted wrongly: °C, pH or kg, as that reading has it. */
  z.strictObject({
    ...stamped,
    type: z.literal('corrected'),
    target: z.int().min(1),
    value: boundedBy(-1e6, 1e6),
  }),
  /** The make went to another device, which writes from here on; and it came to this one. */
  z.strictObject({ ...stamped, type: z.literal('handed') }),
  z.strictObject({ ...stamped, type: z.literal('received') }),
  z.strictObject({
    ...stamped,
    type: z.literal('temperature'),
    tempC: bounded('potTempC'),
    /** What it was read of; of what the stage is about, where nobody said. */
    of: z.enum(READ_OF).optional(),
    /** What a thermometer that is known to be off showed; `tempC` is put right by that. */
    shown: z.strictObject({ tempC: bounded('potTempC'), by: oneLine(60) }).optional(),
  }),
  z.strictObject({ ...stamped, type: z.literal('whey'), look: z.enum(WHEY_LOOKS) }),
  z.strictObject({ ...stamped, type: z.literal('pH'), pH: bounded('probePH') }),
  /** A logger's file taken in: readings at times of their own. */
  z.strictObject({
    ...stamped,
    type: z.literal('imported'),
    name: oneLine(200),
    readings: z
      .array(
        z.strictObject({
          at: bounded('wallMs'),
          tempC: bounded('potTempC'),
          pH: bounded('probePH').optional(),
        }),
      )
      .min(1)
      .max(MOST_READINGS),
  }),
  /** Curd or cheese weighed on the way, kg. */
  z.strictObject({ ...stamped, type: z.literal('weighed'), kg: bounded('kg') }),
  /** The bowl on the milk has stopped turning. */
  z.strictObject({ ...stamped, type: z.literal('flocculated') }),
  /** A hand test: how the curd breaks, or how a piece of it stretches. */
  z.strictObject({ ...stamped, type: z.literal('tested'), found: z.enum(HAND_TESTS) }),
  /** A turn of slabs, of a press or of a basket; `turn` counts them, so that a double tap turns once. */
  z.strictObject({ ...stamped, type: z.literal('turned'), turn: z.int().min(0).max(10_000) }),
  /** Something that went wrong, and what was said about it. */
  z.strictObject({
    ...stamped,
    type: z.literal('mishap'),
    what: oneLine(60),
    text,
    /** How far it went, by what was asked, in SI; a log of an earlier version has its text alone. */
    asked: z.record(oneLine(30), z.union([boundedBy(-1e6, 1e6), oneLine(40)])).optional(),
    /** What it costs: points of moisture, and shares of the fat and of the yield. */
    costs: z
      .strictObject({
        moisturePoints: boundedBy(-40, 40),
        fatShare: boundedBy(-1, 1),
        yieldShare: boundedBy(-1, 1),
      })
      .optional(),
    /** Where milk is gone or was never there: what follows, planned for what there is. */
    anew: z.strictObject(planned).optional(),
  }),
  /** Acid that really went in, grams of product; `portion` counts them, so that a double tap adds once. */
  z.strictObject({
    ...stamped,
    type: z.literal('acid'),
    grams: boundedBy(0, 100_000, 'g'),
    portion: z.int().min(0).max(10_000),
  }),
  /** What really went in at a stage, where it was not as planned; `go` counts several. All of it makes a new plan, where one can be made. */
  z.strictObject({
    ...stamped,
    type: z.literal('added'),
    stage: stageId,
    dose: z.enum(ADDED_DOSES),
    /** In the measure the dose is reckoned in, and as the maker said it. */
    amount: boundedBy(0, GIVEN_BOUNDS.max),
    unit: z.enum(GIVEN_UNITS),
    said: z.strictObject({ amount: boundedBy(0, GIVEN_BOUNDS.max), unit: z.enum(GIVEN_UNITS) }),
    go: z.int().min(0).max(10_000),
    anew: z.strictObject(planned).optional(),
  }),
  /** So many pieces were made of it; those that follow are planned for that. */
  z.strictObject({
    ...stamped,
    type: z.literal('pieces'),
    count: z.int().min(1).max(1000),
    anew: z.strictObject(planned).optional(),
  }),
  /** Kilograms put on the press, its board and the pot on it with them. */
  z.strictObject({ ...stamped, type: z.literal('loaded'), kg: bounded('kg') }),
  /** What the program advised, so that a later look can hold it against what came of it; `about` tells one from the next. */
  z.strictObject({
    ...stamped,
    type: z.literal('advised'),
    about: oneLine(200),
    text,
    /** The advice itself; a log of an earlier version has it in `about` alone. */
    advice: toldAdviceSchema.optional(),
  }),
  z.strictObject({ ...stamped, type: z.literal('note'), text: text.min(1) }),
  z.strictObject({ ...stamped, type: z.literal('undone'), target: z.int().min(1) }),
  z.strictObject({ ...stamped, type: z.literal('finished'), weighedKg: bounded('kg').nullable() }),
  /** After the make: the cheese is cold, the tools are clean. */
  z.strictObject({ ...stamped, type: z.literal('ticked'), what: z.enum(TICKS) }),
  /** What was done to the cheese after its make was over; what it weighs, where it was weighed. */
  z.strictObject({
    ...stamped,
    type: z.literal('later'),
    what: z.enum(LATER),
    kg: bounded('kg').nullable(),
    text,
  }),
  /** What its whey was used for. */
  z.strictObject({ ...stamped, type: z.literal('whey-used'), use: z.enum(WHEY_USES) }),
  z.strictObject({
    ...stamped,
    type: z.literal('tasted'),
    score: z.int().min(1).max(5),
    text,
    /** What was wrong with it, where something was. */
    found: z.array(z.enum(FINDING_IDS)).max(FINDING_IDS.length).optional(),
  }),
  z.strictObject({ ...stamped, type: z.literal('abandoned'), reason: text }),
  /** An entry that could not be read, torn or of a later version: it does nothing, and keeps its place and its words. */
  z.strictObject({ ...stamped, type: z.literal('unreadable'), raw: z.string().max(MOST_RAW) }),
]);

/** A plan can be walked only if the parameters of each of its stages are what the stage's kind wants. */
function checkPlanned(
  {
    plan,
    parameters,
    courses,
  }: { plan: Plan; parameters: Record<string, unknown>; courses?: Courses | undefined },
  fault: (path: PropertyKey[], problem: string, remedy: string) => void,
): void {
  if (courses && courses.stages.length !== plan.stages.length)
    fault(
      ['courses', 'stages'],
      `are ${courses.stages.length}`,
      `give one for each of the ${plan.stages.length} stages`,
    );
  const seen = new Set<string>();
  plan.stages.forEach(({ id, kind: name }, index) => {
    if (seen.has(id)) fault(['plan', 'stages', index, 'id'], `"${id}" stands twice`, 'keep one of them');
    seen.add(id);
    const kind = KINDS.find((one) => one.kind === name);
    const read = Object.hasOwn(parameters, id) ? kind?.params.safeParse(parameters[id]) : undefined;
    if (!read?.success)
      fault(['parameters', id], 'cannot be', `give what a ${name} stage needs, as it was planned`);
  });
}

/** What can happen to a make, each with what its plan needs to be walked. */
export const eventSchema = shapes.superRefine((event, context) => {
  const anew = 'anew' in event ? event.anew : 'plan' in event ? event : undefined;
  if (!anew) return;
  checkPlanned(anew, (path, problem, remedy) =>
    context.addIssue({
      code: 'custom',
      path: anew === event ? path : ['anew', ...path],
      message: problem,
      params: { problem, remedy },
    }),
  );
});

export type MakeEvent = z.infer<typeof eventSchema>;
export type Started = Extract<MakeEvent, { type: 'started' }>;

/** An event before the log has given it its place and time. */
export type NewEvent = MakeEvent extends infer E
  ? E extends MakeEvent
    ? Omit<E, 'seq' | 'at'>
    : never
  : never;

import { z } from 'zod';
import { CAUSE_IDS, FINDING_IDS } from '../../judge/ids';
import { briefSchema } from '../../plan/brief/schema';
import { TROUBLE_IDS } from './hidden';
import { type Move, moveSchema } from './moves';

/** More moves than anybody makes. */
const MOST_MOVES = 20_000;

/** What a practice is asked for. */
export const practiceSchema = z
  .strictObject({
    format: z.literal('plump-pail/practice'),
    version: z.literal(1),
    brief: briefSchema,
    /** Without a seed the pot and its milk are as planned, but for what is said to be wrong with them. */
    quirks: z
      .strictObject({
        seed: z.int().min(0).max(1_000_000_000).optional(),
        troubles: z.array(z.enum(TROUBLE_IDS)).max(TROUBLE_IDS.length).optional(),
      })
      .default({}),
    moves: z.array(moveSchema).max(MOST_MOVES, `give ${MOST_MOVES} at most`),
  })
  .superRefine(({ moves }, context) => {
    moves.forEach(({ atMin }, index) => {
      if (index > 0 && atMin < (moves[index - 1] as Move).atMin)
        context.addIssue({
          code: 'custom',
          path: ['moves', index, 'atMin'],
          message: 'is out of order',
          params: {
            problem: 'lies before the move before it',
            remedy: 'give moves in the order of their minutes',
          },
        });
    });
  });
export type PracticeFile = z.infer<typeof practiceSchema>;

const moment = z.strictObject({
  minute: z.number(),
  tempC: z.number(),
  pH: z.number(),
  set: z.number().nullable(),
  stage: z.int(),
});
const worthShape = {
  kg: z.number(),
  moisturePct: z.number(),
  faults: z.array(z.enum(FINDING_IDS)),
  score: z.int(),
};
/** What came of a practice. */
export const practisedSchema = z.strictObject({
  format: z.literal('plump-pail/practised'),
  version: z.literal(1),
  /** A make as it stands in a book, marked as practice. */
  make: z.unknown(),
  truth: z.strictObject({
    troubles: z.array(z.enum(TROUBLE_IDS)),
    /** What it departed by, by name; only what did. */
    departs: z.record(z.string(), z.number()),
    stages: z.array(z.string()),
    course: z.array(moment),
    costs: z.array(
      z.strictObject({
        atMin: z.number(),
        cause: z.enum(CAUSE_IDS).nullable(),
        text: z.string(),
        grams: z.number(),
        marks: z.number(),
      }),
    ),
    best: z.strictObject(worthShape),
    judged: z.strictObject({
      first: z.enum(CAUSE_IDS).nullable(),
      likelyPct: z.number(),
      really: z.array(z.enum(CAUSE_IDS)),
      right: z.boolean().nullable(),
    }),
  }),
  worth: z.strictObject(worthShape),
});
export type PractisedFile = z.infer<typeof practisedSchema>;

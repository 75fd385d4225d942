import { z } from 'zod';
import { boundedBy, oneLine } from '../core/faults/bounds';
import { CAUSE_IDS } from './ids';

const text = z.string().max(2000);
const optionValue = z.union([
  z.number(),
  z.string().max(200),
  z.boolean(),
  z.array(z.tuple([z.number(), z.number()])),
]);

export const answerSchema = z.strictObject({
  format: z.literal('plump-pail/answer'),
  version: z.literal(1),
  causes: z.array(
    z.strictObject({
      id: z.enum(CAUSE_IDS),
      likelyPct: boundedBy(0, 100, '%'),
      because: z.array(z.strictObject({ text, event: z.int().min(0).nullable() })),
      nextTime: z.strictObject({ text, options: z.record(oneLine(40), optionValue) }),
      nowText: text.nullable(),
    }),
  ),
  ask: z.array(z.strictObject({ text, tells: z.array(z.enum(CAUSE_IDS)) })),
});
export type Answer = z.infer<typeof answerSchema>;
export type ToldCause = Answer['causes'][number];

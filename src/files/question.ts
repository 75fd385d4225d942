import { z } from 'zod';
import { bad, good, type Result } from '../core/faults/fault';
import { parse } from '../core/faults/zodFaults';
import { wallMinutes } from '../core/units/wallTime';
import { FINDING_IDS } from '../judge/ids';
import { judge } from '../judge/judge';
import type { Answer } from '../judge/schema';
import { wallTime } from '../plan/brief/schema';
import { stateOf } from '../run/state';
import { makeSchema } from './make';

/** A make, what was found of it, and when: local wall time. */
export const questionSchema = z.strictObject({
  format: z.literal('plump-pail/question'),
  version: z.literal(1),
  make: makeSchema,
  found: z.array(z.enum(FINDING_IDS)).min(1, 'say at least one thing that was found').max(FINDING_IDS.length),
  foundAt: wallTime.optional(),
});
export type Question = z.infer<typeof questionSchema>;

/** A question read from a file, answered. A wall time is taken as UTC, as a make's start is. */
export function judgeFile(value: unknown): Result<Answer> {
  const question = parse<Question>(questionSchema, value);
  if (!question.ok) return question;
  const { make, found, foundAt } = question.value;
  const state = stateOf(make.events);
  const minutes = foundAt === undefined ? null : wallMinutes(foundAt);
  const at = minutes === null ? null : minutes * 60_000;
  if (at !== null && at < state.startedAt)
    return bad({ path: 'foundAt', problem: 'lies before the make began', remedy: 'say when it was tasted' });
  const answer = judge(state, [...new Set(found)], at);
  return answer.causes.length > 0
    ? good(answer)
    : bad({
        path: 'make.events[0].method',
        problem: 'is not there, and no make of that name is known',
        remedy: 'give a make with its method',
      });
}

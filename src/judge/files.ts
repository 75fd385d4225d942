import { bad, good, type Result } from '../core/faults/fault';
import { parse } from '../core/faults/zodFaults';
import { wallMinutes } from '../core/units/wallTime';
import { stateOf } from '../run/state';
import { CAUSES } from './causes';
import { campsOf, FINDINGS, oddsOf } from './findings';
import { CAUSE_IDS, FINDING_IDS, type FindingId } from './ids';
import { judge } from './judge';
import { type Answer, type Question, questionSchema } from './schema';

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

/** What a finding asks, where it belongs and what it can come from; null for one nobody knows. */
export function findingFile(id: string) {
  if (!FINDING_IDS.includes(id as FindingId)) return null;
  const finding = id as FindingId;
  const camps = campsOf(finding);
  const causes = new Set(camps.flatMap((camp) => [...oddsOf(finding, camp).keys()]));
  return {
    id,
    text: FINDINGS[finding].text,
    question: FINDINGS[finding].question,
    families: camps,
    causes: CAUSE_IDS.filter((cause) => causes.has(cause) && cause in CAUSES),
  };
}

import { z } from 'zod';
import { bad, type Result } from '../core/faults/fault';
import { parse } from '../core/faults/zodFaults';
import { answerSchema } from '../judge/schema';
import { learnedSchema } from '../learn/schema';
import { METHODS, type MethodBook } from '../makes';
import { methodSchema } from '../makes/methodSchema';
import { resolveBrief } from '../plan/brief/resolve';
import { type Brief, briefSchema } from '../plan/brief/schema';
import { planSchema } from '../plan/schema';
import { weekPlanSchema, weekSchema } from '../schedule/weekFile';
import { practiceSchema, practisedSchema } from '../sim/practice/fileSchema';
import { backupSchema, upcastBackup } from './backup';
import { makeSchema } from './make';
import { questionSchema } from './question';

/** The open formats, by the word after `plump-pail/`. */
export const FILE_KINDS = {
  brief: briefSchema,
  plan: planSchema,
  make: makeSchema,
  method: methodSchema,
  backup: backupSchema,
  question: questionSchema,
  answer: answerSchema,
  learned: learnedSchema,
  week: weekSchema,
  'week-plan': weekPlanSchema,
  practice: practiceSchema,
  practised: practisedSchema,
} as const;
export type FileKind = keyof typeof FILE_KINDS;

const envelope = z.looseObject({ format: z.string().max(200) });

/** Says what a file is and checks it against its schema, a brief also against its method. */
export function checkFile(
  value: unknown,
  methods: MethodBook = METHODS,
): Result<{ kind: FileKind; version: number }> {
  const head = parse(envelope, value);
  if (!head.ok) return head;
  const kind = head.value.format.replace(/^plump-pail\//, '') as FileKind;
  const schema =
    head.value.format.startsWith('plump-pail/') && Object.hasOwn(FILE_KINDS, kind)
      ? FILE_KINDS[kind]
      : undefined;
  if (!schema) {
    const known = Object.keys(FILE_KINDS).map((name) => `plump-pail/${name}`);
    return bad({
      path: 'format',
      problem: `is ${JSON.stringify(head.value.format)}`,
      remedy: `give ${known.join(' or ')}`,
    });
  }
  const read = parse<unknown>(schema as z.ZodType, kind === 'backup' ? upcastBackup(value) : value);
  if (!read.ok) return read;
  if (kind === 'brief') {
    const resolved = resolveBrief(read.value as Brief, methods);
    if (!resolved.ok) return resolved;
  }
  return { ok: true, value: { kind, version: (read.value as { version: number }).version } };
}

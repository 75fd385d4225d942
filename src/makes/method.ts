import { z } from 'zod';
import { CURD_STYLE_NAMES } from '../core/curd/styles';
import { KIND_NAMES } from './grammar';
import { KINDS } from './kinds';

const FAMILIES = ['acid-set', 'lactic-set', 'stretched-curd', 'squeaky-curd', 'pressed-fresh'] as const;
export type Family = (typeof FAMILIES)[number];

const numberOption = z.strictObject({
  type: z.literal('number'),
  label: z.string(),
  unit: z.string(),
  /** Which of the maker's units it is shown in. */
  quantity: z.enum(['temperature', 'plain']),
  default: z.number(),
  min: z.number(),
  max: z.number(),
  step: z.number().positive(),
  reason: z.string(),
});
export type NumberOption = z.infer<typeof numberOption>;

const parameter = z.union([z.number(), z.string(), z.strictObject({ option: z.string() })]);

const stageSpec = z.strictObject({
  id: z.string().regex(/^[a-z][a-z0-9-]*$/),
  kind: z.enum(KIND_NAMES),
  params: z.record(z.string(), parameter),
  /** Left out of the make unless the option is above nought, or the cream is given. */
  onlyIf: z
    .union([z.strictObject({ option: z.string() }), z.strictObject({ given: z.literal('cream') })])
    .optional(),
});
export type StageSpec = z.infer<typeof stageSpec>;

/** A make, whole, as data. */
const shape = z.strictObject({
  format: z.literal('plump-pail/method'),
  version: z.literal(1),
  id: z.string().regex(/^[a-z][a-z0-9-]*$/),
  title: z.string().min(1),
  /** What the cheese is called in a sentence: "ricotta", "pot cheese". */
  short: z.string().min(1),
  family: z.enum(FAMILIES),
  about: z.string(),
  style: z.enum(CURD_STYLE_NAMES),
  /** Where cream goes, if the make can take it. */
  cream: z.enum(['milk', 'dressing']).nullable(),
  drain: z.strictObject({ wetPct: z.number(), floorPct: z.number(), tauMin: z.number().positive() }),
  options: z.record(z.string(), numberOption),
  stages: z.array(stageSpec).min(1),
});

export type Method = z.infer<typeof shape>;

/** The schema of a method file: its shape, and every stage's parameters by the schema of its kind. */
export const methodSchema = shape.superRefine((method, context) => {
  const seen = new Set<string>();
  method.stages.forEach((stage, index) => {
    const fault = (path: (string | number)[], problem: string, remedy: string) =>
      context.addIssue({
        code: 'custom',
        path: ['stages', index, ...path],
        message: problem,
        params: { problem, remedy },
      });
    if (seen.has(stage.id)) fault(['id'], `"${stage.id}" stands twice`, 'give every stage an id of its own');
    seen.add(stage.id);
    const kind = KINDS.find((one) => one.kind === stage.kind);
    if (!kind) {
      fault(
        ['kind'],
        `"${stage.kind}" cannot be planned yet`,
        `use ${KINDS.map((one) => one.kind).join(', ')}`,
      );
      return;
    }
    const named = Object.values(stage.params).filter((value) => typeof value === 'object');
    for (const { option } of stage.onlyIf && 'option' in stage.onlyIf ? [...named, stage.onlyIf] : named) {
      if (!method.options[option])
        fault(
          ['params'],
          `speaks of an option "${option}" this make does not have`,
          'name one of its options',
        );
    }
    const filled = fillParams(
      stage,
      Object.fromEntries(Object.entries(method.options).map(([k, o]) => [k, o.default])),
    );
    const result = kind.params.safeParse(filled);
    if (!result.success) {
      for (const issue of result.error.issues) {
        fault(['params', ...issue.path.map(String)], issue.message, `give what a ${stage.kind} stage needs`);
      }
    }
  });
});

/** A stage's parameters with its options filled in. */
export function fillParams(
  stage: StageSpec,
  options: Readonly<Record<string, number>>,
): Record<string, unknown> {
  return Object.fromEntries(
    Object.entries(stage.params).map(([key, value]) => [
      key,
      typeof value === 'object' ? options[value.option] : value,
    ]),
  );
}

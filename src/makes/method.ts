import { z } from 'zod';
import { CULTURE_GROUPS, type CultureGroup } from '../core/culture/groups';
import { BAG_NAMES, type BagName } from '../core/curd/bag';
import { CURD_STYLE_NAMES } from '../core/curd/styles';
import { KIND_NAMES } from './grammar';
import { KINDS } from './kinds';

const FAMILIES = ['acid-set', 'lactic-set', 'stretched-curd', 'squeaky-curd', 'pressed-fresh'] as const;
export type Family = (typeof FAMILIES)[number];

const numberOptionSchema = z.strictObject({
  type: z.literal('number'),
  label: z.string(),
  unit: z.string(),
  /** Which of the maker's units it is shown in. */
  quantity: z.enum(['temperature', 'plain']),
  default: z.number(),
  min: z.number(),
  max: z.number(),
  step: z.number().positive(),
  /** Counts things, so only whole numbers will do. */
  whole: z.boolean().optional(),
  reason: z.string(),
});
export type NumberOption = z.infer<typeof numberOptionSchema>;

const toggleOption = z.strictObject({
  type: z.literal('boolean'),
  label: z.string(),
  default: z.boolean(),
  reason: z.string(),
});

const choiceOption = z.strictObject({
  type: z.literal('choice'),
  label: z.string(),
  default: z.string(),
  choices: z.array(z.strictObject({ value: z.string(), text: z.string(), reason: z.string() })).min(2),
  reason: z.string(),
});
export type ChoiceOption = z.infer<typeof choiceOption>;

const option = z.discriminatedUnion('type', [numberOptionSchema, toggleOption, choiceOption]);
export type MethodOption = z.infer<typeof option>;
export type OptionValue = number | string | boolean;
export type OptionValues = Readonly<Record<string, OptionValue>>;

const parameter = z.union([z.number(), z.string(), z.boolean(), z.strictObject({ option: z.string() })]);
const numberOrOption = z.union([z.number(), z.strictObject({ option: z.string() })]);

/** When a stage belongs to the make: an option is on (or above nought), or has one of these values, or something is given. */
const condition = z.union([
  z.strictObject({ option: z.string() }),
  z.strictObject({ option: z.string(), is: z.array(z.union([z.string(), z.boolean()])).min(1) }),
  z.strictObject({ option: z.string(), atLeast: z.number() }),
  z.strictObject({ given: z.enum(['cream', 'calcium']) }),
]);

const stageSpec = z.strictObject({
  id: z.string().regex(/^[a-z][a-z0-9-]*$/),
  kind: z.enum(KIND_NAMES),
  params: z.record(z.string(), parameter),
  /** All of these must hold; left out, the stage is always part of it. */
  onlyIf: z.union([condition, z.array(condition)]).optional(),
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
  /** What stands in the pail. */
  of: z.enum(['milk', 'whey']),
  /** What the milk has where nobody says, beyond its species. */
  usual: z.strictObject({ fatPct: z.number().optional(), creamPerLitre: z.number().optional() }),
  /** Where cream goes, if the make can take it. */
  cream: z.enum(['milk', 'dressing']).nullable(),
  /** The pH the acid goes to: where hot milk turns at the option `setC`, or a pH. */
  acid: z.union([z.literal('turns'), numberOrOption]).nullable(),
  /** The culture, as a share of what its label says and, for a liquid or a saved one, as % of the milk. */
  culture: z.strictObject({ labelShare: numberOrOption, percent: z.number() }).nullable(),
  /** Coagulant: a trace of so many IMCU per litre, or as much as the option's minutes want. */
  coagulant: z
    .union([z.strictObject({ imcuPerLitre: z.number() }), z.strictObject({ minutes: numberOrOption })])
    .nullable(),
  /** How hot acid curd drains in a cloth. */
  drain: z
    .strictObject({ wetPct: z.number(), floorPct: z.number(), tauMin: z.number().positive() })
    .nullable(),
  /** How lactic curd drains in a bag. */
  bag: z.enum(BAG_NAMES as [BagName, ...BagName[]]).nullable(),
  /** Brine for each kilogram of cheese, kg of water. */
  brineWaterPerKg: z.number().positive().optional(),
  options: z.record(z.string(), option),
  stages: z.array(stageSpec).min(1),
});

export type Method = z.infer<typeof shape>;

/** The conditions of a stage, as a list. */
export const conditionsOf = ({ onlyIf }: StageSpec) =>
  onlyIf === undefined ? [] : Array.isArray(onlyIf) ? onlyIf : [onlyIf];

/** A method's number, or that of the option it names. */
export const numberOf = (value: number | { option: string }, options: OptionValues): number =>
  typeof value === 'number' ? value : (options[value.option] as number);

/** Strain groups that the option `cultureGroup` may name, one or two at once. */
export const groupsOf = (options: OptionValues): CultureGroup[] =>
  groupsIn(String(options.cultureGroup ?? ''));

/** Strain groups by name, joined by a plus. */
export const groupsIn = (names: string): CultureGroup[] =>
  CULTURE_GROUPS.filter((group) => names.split('+').includes(group));

/** Every option can be what it usually is, and what the make names outside its stages is there. */
function checkOptions(
  { options, acid, culture, coagulant }: Method,
  fault: (path: string[], problem: string, remedy: string) => void,
): void {
  for (const [key, one] of Object.entries(options)) {
    if (one.type === 'number' && one.min >= one.max)
      fault(['options', key, 'max'], `is ${one.max}`, `give more than ${one.min}, where it begins`);
    else if (one.type === 'number' && (one.default < one.min || one.default > one.max))
      fault(['options', key, 'default'], `is ${one.default}`, `give ${one.min} to ${one.max}`);
    if (one.type === 'choice' && !one.choices.some(({ value }) => value === one.default))
      fault(
        ['options', key, 'default'],
        `is "${one.default}"`,
        `give ${one.choices.map(({ value }) => value).join(' or ')}`,
      );
  }
  const named: [string, unknown][] = [
    ['acid', acid],
    ['culture', culture?.labelShare],
    ['coagulant', coagulant && 'minutes' in coagulant ? coagulant.minutes : null],
  ];
  for (const [where, value] of named) {
    const name = typeof value === 'object' ? (value as { option: string } | null)?.option : undefined;
    if (name !== undefined && !options[name])
      fault([where], `speaks of an option "${name}" this make does not have`, 'put that option back');
  }
}

/** The schema of a method file: its shape, and every stage's parameters by the schema of its kind. */
export const methodSchema = shape.superRefine((method, context) => {
  checkOptions(method, (path, problem, remedy) =>
    context.addIssue({ code: 'custom', path, message: problem, params: { problem, remedy } }),
  );
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
    const conditions = conditionsOf(stage).flatMap((one) => ('option' in one ? [one] : []));
    for (const { option } of [...named, ...conditions]) {
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
export function fillParams(stage: StageSpec, options: OptionValues): Record<string, unknown> {
  return Object.fromEntries(
    Object.entries(stage.params).map(([key, value]) => [
      key,
      typeof value === 'object' ? options[value.option] : value,
    ]),
  );
}

/** A make's option that is a number, or undefined. */
export function numberOption(method: Method | undefined, key: string): NumberOption | undefined {
  const option = method?.options[key];
  return option?.type === 'number' ? option : undefined;
}

import { z } from 'zod';
import { CULTURE_GROUPS, type CultureGroup } from '../core/culture/fitted';
import { BAG_NAMES, type BagName } from '../core/curd/bag';
import { CURD_STYLE_NAMES } from '../core/curd/styles';
import { bounded, boundedBy, keyText, oneLine } from '../core/faults/bounds';
import { SPECIES } from '../core/milk/species';
import { STAGE_ID } from './grammar';
import { KIND_NAMES } from './kinds';
import { type PressSteps, pressStepsSchema } from './steps';

export type { PressSteps };

const FAMILIES = ['acid-set', 'lactic-set', 'stretched-curd', 'squeaky-curd', 'pressed-fresh'] as const;
export type Family = (typeof FAMILIES)[number];

const NAMED = 'give small letters, digits and dashes, a letter first';
const stageId = keyText(STAGE_ID, 60, NAMED);
/** The longest title a make may have, letters. */
export const MOST_TITLE = 100;
const reason = z.string().max(2000);
/** An option's number may be anything a maker counts, weighs or measures. */
const heat = boundedBy(0, 100, '°C');
const counted = boundedBy(-1000, 100_000);

/** Asked for by few: shown when looked for. */
const rare = z.boolean().optional();

const numberOptionSchema = z.strictObject({
  type: z.literal('number'),
  rare,
  label: oneLine(120),
  unit: oneLine(20),
  /** Which of the maker's units it is shown in. */
  quantity: z.enum(['temperature', 'plain']),
  default: counted,
  min: counted,
  max: counted,
  step: boundedBy(0.001, 1000),
  /** From where to where it usually is in this make, where makers go further. */
  usually: z.tuple([counted, counted]).optional(),
  /** Counts things, so only whole numbers will do. */
  whole: z.boolean().optional(),
  reason,
});
export type NumberOption = z.infer<typeof numberOptionSchema>;

const toggleOption = z.strictObject({
  type: z.literal('boolean'),
  label: oneLine(120),
  default: z.boolean(),
  reason,
});

const choiceOption = z.strictObject({
  type: z.literal('choice'),
  rare,
  label: oneLine(120),
  default: oneLine(60),
  choices: z
    .array(z.strictObject({ value: oneLine(60), text: oneLine(120), reason }))
    .min(2, 'give at least two')
    .max(20),
  reason,
});
export type ChoiceOption = z.infer<typeof choiceOption>;

const stepsOption = z.strictObject({
  type: z.literal('steps'),
  rare,
  label: oneLine(120),
  default: pressStepsSchema,
  reason,
});

const option = z.discriminatedUnion('type', [numberOptionSchema, toggleOption, choiceOption, stepsOption]);
export type MethodOption = z.infer<typeof option>;
export type OptionValue = number | string | boolean | PressSteps;
export type OptionValues = Readonly<Record<string, OptionValue>>;

const optionName = keyText(/^[A-Za-z][A-Za-z0-9]*$/, 40, 'give letters and digits, a letter first');
const parameter = z.union([
  z.number(),
  z.string().max(200),
  z.boolean(),
  z.strictObject({ option: optionName }),
]);
/** What an acid goes to (pH), how much of a culture's label goes in (share), how long a set may take (min). */
export const NAMED_RANGES = { acid: [3.5, 6.6], culture: [0.01, 50], coagulant: [2, 600] } as const;
const numberOrOption = (of: keyof typeof NAMED_RANGES) =>
  z.union([boundedBy(NAMED_RANGES[of][0], NAMED_RANGES[of][1]), z.strictObject({ option: optionName })]);

/** When a stage belongs to the make: an option is on (or above nought), or has one of these values, or something is given. */
const condition = z.union([
  z.strictObject({ option: optionName }),
  z.strictObject({
    option: optionName,
    is: z
      .array(z.union([z.string().max(60), z.boolean()]))
      .min(1, 'give at least one')
      .max(20),
  }),
  z.strictObject({ option: optionName, atLeast: counted }),
  z.strictObject({ given: z.enum(['cream', 'calcium']) }),
]);

const stageSpec = z.strictObject({
  id: stageId,
  kind: z.enum(KIND_NAMES),
  params: z.record(z.string().max(40), parameter),
  /** All of these must hold; left out, the stage is always part of it. */
  onlyIf: z.union([condition, z.array(condition).max(10)]).optional(),
});
export type StageSpec = z.infer<typeof stageSpec>;

/** A make, whole, as data. */
export const methodShape = z.strictObject({
  format: z.literal('plump-pail/method'),
  version: z.literal(1),
  id: stageId,
  title: oneLine(MOST_TITLE).min(1, 'give it a title'),
  /** What the cheese is called in a sentence: "ricotta", "pot cheese". */
  short: oneLine(60).min(1, 'say what it is called in a sentence'),
  family: z.enum(FAMILIES),
  about: z.string().max(4000),
  style: z.enum(CURD_STYLE_NAMES),
  /** What stands in the pail. */
  of: z.enum(['milk', 'whey']),
  /** What the milk has where nobody says, beyond its species. */
  usual: z.strictObject({
    /** Whose milk it is at home in; cow's where left out. */
    species: z.enum(SPECIES).optional(),
    fatPct: bounded('fatPct').optional(),
    creamPerLitre: boundedBy(0.001, 2, 'L').optional(),
  }),
  /** Where cream goes, if the make can take it. */
  cream: z.enum(['milk', 'dressing']).nullable(),
  /** The pH the acid goes to: where hot milk turns at the option `setC`, or a pH. */
  acid: z.union([z.literal('turns'), numberOrOption('acid')]).nullable(),
  /**
   * Where it lies on the line of heat against acid: what it is called there, and which makes lie beyond its borders. Only
   * for makes whose acid goes to where hot milk turns.
   */
  heatLine: z
    .strictObject({
      label: oneLine(40),
      cooler: z.strictObject({ method: stageId, belowC: heat }).optional(),
      hotter: z.strictObject({ method: stageId, fromC: heat }).optional(),
    })
    .optional(),
  /** The culture, as a share of what its label says and, for a liquid or a saved one, as % of the milk. */
  culture: z
    .strictObject({ labelShare: numberOrOption('culture'), percent: boundedBy(0.01, 20, '%') })
    .nullable(),
  /** Coagulant: a trace of so many IMCU per litre, or as much as the option's minutes want. */
  coagulant: z
    .union([
      z.strictObject({ imcuPerLitre: boundedBy(0.1, 2000) }),
      z.strictObject({ minutes: numberOrOption('coagulant') }),
    ])
    .nullable(),
  /** How hot acid curd drains in a cloth. */
  drain: z
    .strictObject({
      wetPct: boundedBy(40, 95, '%'),
      floorPct: boundedBy(20, 90, '%'),
      tauMin: boundedBy(0.1, 10_000, 'min'),
    })
    .nullable(),
  /** How lactic curd drains in a bag. */
  bag: z.enum(BAG_NAMES as [BagName, ...BagName[]]).nullable(),
  /** Brine for each kilogram of cheese, kg of water. */
  brineWaterPerKg: boundedBy(0.1, 50, 'kg').optional(),
  options: z.record(optionName, option),
  stages: z.array(stageSpec).min(1, 'give at least one stage').max(60),
});

export type Method = z.infer<typeof methodShape>;

/** The conditions of a stage, as a list. */
export const conditionsOf = ({ onlyIf }: StageSpec) =>
  onlyIf === undefined ? [] : Array.isArray(onlyIf) ? onlyIf : [onlyIf];

/** The option that a parameter, a slot or a condition names; undefined where it names none. */
export const optionNamed = (value: unknown): string | undefined =>
  typeof value === 'object' && value !== null && 'option' in value ? String(value.option) : undefined;

/** A method's number, or that of the option it names. */
export const numberOf = (value: number | { option: string }, options: OptionValues): number =>
  typeof value === 'number' ? value : (options[value.option] as number);

/** Whether a coagulant sets its curd in so many minutes, firm for the knife; elsewhere a trace of it helps the culture, or none goes in. */
export const setsForTheKnife = ({ coagulant }: Pick<Method, 'coagulant'>): boolean =>
  coagulant !== null && 'minutes' in coagulant;

/** Strain groups that the option `cultureGroup` may name, one or two at once. */
export const groupsOf = (options: OptionValues): CultureGroup[] =>
  groupsIn(String(options.cultureGroup ?? ''));

/** Strain groups by name, joined by a plus. */
export const groupsIn = (names: string): CultureGroup[] =>
  CULTURE_GROUPS.filter((group) => names.split('+').includes(group));

/** A stage's parameters with its options filled in. */
export function fillParams(stage: StageSpec, options: OptionValues): Record<string, unknown> {
  return Object.fromEntries(
    Object.entries(stage.params).map(([key, value]) => [
      key,
      typeof value === 'object' && 'option' in value ? options[value.option] : value,
    ]),
  );
}

/** A make's option that is a number, or undefined. */
export function numberOption(method: Method | undefined, key: string): NumberOption | undefined {
  const option = method && Object.hasOwn(method.options, key) ? method.options[key] : undefined;
  return option?.type === 'number' ? option : undefined;
}

import type { Fault } from '../core/faults/fault';
import { parse } from '../core/faults/zodFaults';
import { KINDS } from './kinds';
import {
  conditionsOf,
  fillParams,
  type Method,
  type MethodOption,
  methodShape,
  NAMED_RANGES,
  type OptionValue,
  type OptionValues,
  optionNamed,
  type StageSpec,
} from './method';

type FaultAt = (path: (string | number)[], problem: string, remedy: string) => void;

/**
 * What the options that plans know by name may be at most, whatever make they belong to: outside it no milk, pot or
 * cheese is. Common practice.
 */
const RESERVED: Readonly<Record<string, readonly [min: number, max: number]>> = {
  setC: [4, 100],
  scaldC: [40, 100],
  poachC: [40, 100],
  stretchWaterC: [40, 100],
  saltPct: [0, 10],
  brinePctWw: [1, 40],
  moisturePct: [25, 95],
  bagKg: [0.1, 500],
};

/** The values an option may take that lie furthest apart, each with what to call it. */
function corners(option: MethodOption): { value: OptionValue; at: string }[] {
  switch (option.type) {
    case 'number':
      return [
        { value: option.min, at: 'min' },
        { value: option.max, at: 'max' },
      ];
    case 'boolean':
      return [true, false].map((value) => ({ value, at: 'default' }));
    case 'steps':
      return [
        { value: [], at: 'default' },
        { value: [[20, 60]], at: 'default' },
      ];
    case 'choice':
      return option.choices.map(({ value }) => ({ value, at: 'choices' }));
  }
}

const has = (method: Method, option: string) => Object.hasOwn(method.options, option);

/** Every option can be what it usually is, and what the make names outside its stages is there. */
function checkOptions({ options, ...method }: Method, fault: FaultAt): void {
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
    const range = Object.hasOwn(RESERVED, key) ? RESERVED[key] : undefined;
    if (!range) continue;
    if (one.type !== 'number') {
      fault(['options', key, 'type'], `is ${one.type}`, 'make it a number');
      continue;
    }
    for (const end of ['min', 'max'] as const)
      if (one[end] < range[0] || one[end] > range[1])
        fault(['options', key, end], `is ${one[end]}`, `give ${range[0]} to ${range[1]}`);
  }
  const named = {
    acid: method.acid,
    culture: method.culture?.labelShare,
    coagulant: method.coagulant && 'minutes' in method.coagulant ? method.coagulant.minutes : null,
  };
  for (const where of Object.keys(NAMED_RANGES) as (keyof typeof NAMED_RANGES)[]) {
    const value = named[where];
    if (typeof value !== 'object' || value === null) continue;
    const name = value.option;
    const option = Object.hasOwn(options, name) ? options[name] : undefined;
    const [min, max] = NAMED_RANGES[where];
    if (!option)
      fault([where], `speaks of an option "${name}" this make does not have`, 'put that option back');
    else if (option.type !== 'number')
      fault(['options', name, 'type'], `is ${option.type}`, 'make it a number');
    else
      for (const end of ['min', 'max'] as const)
        if (option[end] < min || option[end] > max)
          fault(['options', name, end], `is ${option[end]}`, `give ${min} to ${max}`);
  }
  if (method.acid === 'turns' && options.setC?.type !== 'number')
    fault(['acid'], 'turns at the option "setC", which this make does not have', 'give it an option setC');
}

/** What is wrong with a stage's parameters once these options are filled in. */
function paramFaults(stage: StageSpec, options: OptionValues): readonly Fault[] {
  const kind = KINDS.find((one) => one.kind === stage.kind);
  if (!kind) return [];
  const read = parse(kind.params, fillParams(stage, options));
  return read.ok ? [] : read.faults;
}

/** A stage can be planned as its options usually are, and with each of them as far out as it may go. */
function checkStage(
  method: Method,
  stage: StageSpec,
  index: number,
  told: ReadonlySet<string>,
  fault: FaultAt,
): void {
  const inStage: FaultAt = (path, problem, remedy) => fault(['stages', index, ...path], problem, remedy);
  if (!KINDS.some((one) => one.kind === stage.kind)) {
    inStage(
      ['kind'],
      `"${stage.kind}" cannot be planned yet`,
      `use ${KINDS.map((one) => one.kind).join(', ')}`,
    );
    return;
  }
  const used = Object.values(stage.params).flatMap((value) => optionNamed(value) ?? []);
  const conditions = conditionsOf(stage).flatMap((one) => optionNamed(one) ?? []);
  const unknown = [...used, ...conditions].filter((option) => !has(method, option));
  for (const option of unknown)
    inStage(['params'], `speaks of an option "${option}" this make does not have`, 'name one of its options');
  if (unknown.length > 0 || used.some((option) => told.has(option))) return;
  const usual = usualOptions(method);
  const faults = paramFaults(stage, usual);
  for (const { path, problem, remedy } of faults)
    inStage(['params', ...(path === '' ? [] : path.split('.'))], problem, remedy);
  if (faults.length > 0) return;
  for (const key of new Set(used)) {
    for (const { value, at } of corners(method.options[key] as MethodOption)) {
      const [first] = paramFaults(stage, { ...usual, [key]: value });
      if (first)
        fault(
          ['options', key, at],
          `is ${JSON.stringify(value)}, and stage "${stage.id}" cannot be so`,
          first.remedy,
        );
    }
  }
}

/** Every option of a make at its usual value. */
export const usualOptions = (method: Method): Record<string, OptionValue> =>
  Object.fromEntries(Object.entries(method.options).map(([key, option]) => [key, option.default]));

/** The schema of a method file: its shape, and every stage's parameters by the schema of its kind, at every end of its options. */
export const methodSchema = methodShape.superRefine((method, context) => {
  const fault: FaultAt = (path, problem, remedy) =>
    context.addIssue({ code: 'custom', path, message: problem, params: { problem, remedy } });
  /** Options whose fault has been told: what comes of it in the stages would only say it again. */
  const told = new Set<string>();
  checkOptions(method, (path, problem, remedy) => {
    if (path[0] === 'options') told.add(String(path[1]));
    fault(path, problem, remedy);
  });
  const seen = new Set<string>();
  method.stages.forEach((stage, index) => {
    if (seen.has(stage.id))
      fault(['stages', index, 'id'], `"${stage.id}" stands twice`, 'give every stage an id of its own');
    seen.add(stage.id);
    checkStage(method, stage, index, told, fault);
  });
});

import { readFileSync } from 'node:fs';
import { bad, type Fault, type Result } from '../src/core/faults/fault';
import { CONVERT_TO, type ConvertTo, convert } from '../src/files/convert';
import { checkFile } from '../src/files/kinds';
import { readJson } from '../src/files/readJson';
import { METHODS, methodById } from '../src/makes';
import { planFile } from '../src/plan/plan';
import { COMPUTATIONS, reckon } from '../src/plan/reckon';

const USAGE =
  'use: plan FILE | methods [ID] | reckon [NAME [JSON]] | check FILE | convert FILE --to markdown|ics|csv';

/** Why a file cannot be read, by what the machine calls it. */
const UNREAD: Readonly<Record<string, string>> = {
  ENOENT: 'is not there',
  EISDIR: 'is a folder',
  EACCES: 'may not be read by you',
};

const json = (value: unknown) => `${JSON.stringify(value, null, 2)}\n`;

function readFile(path: string | undefined): Result<unknown> {
  if (path === undefined)
    return bad({ path: '', problem: 'is missing', remedy: 'give a file, or - for standard input' });
  let text: string;
  try {
    text = readFileSync(path === '-' ? 0 : path, 'utf8');
  } catch (error) {
    return bad({
      path: '',
      problem: UNREAD[(error as NodeJS.ErrnoException).code ?? ''] ?? 'cannot be read',
      remedy: 'give a file, or - for standard input',
    });
  }
  return readJson(text);
}

function plan(path: string | undefined): Result<string> {
  const file = readFile(path);
  if (!file.ok) return file;
  const planned = planFile(file.value);
  return planned.ok ? { ok: true, value: json(planned.value.plan) } : planned;
}

function methods(id: string | undefined): Result<string> {
  if (id === undefined) return { ok: true, value: `${METHODS.map((method) => method.id).join('\n')}\n` };
  const method = methodById(id);
  if (!method)
    return bad({
      path: 'method',
      problem: `is ${JSON.stringify(id)}`,
      remedy: `give ${METHODS.map((m) => m.id).join(' or ')}`,
    });
  const options = Object.fromEntries(
    Object.entries(method.options).map(([key, option]) => {
      const { type, default: usual, reason } = option;
      if (option.type === 'number')
        return [key, { type, default: usual, min: option.min, max: option.max, unit: option.unit, reason }];
      return [
        key,
        option.type === 'choice'
          ? { type, default: usual, choices: option.choices, reason }
          : { type, default: usual, reason },
      ];
    }),
  );
  const stages = method.stages.map(({ id: stage, kind }) => ({ id: stage, kind }));
  return {
    ok: true,
    value: json({
      id: method.id,
      title: method.title,
      family: method.family,
      about: method.about,
      options,
      stages,
    }),
  };
}

function compute(name: string | undefined, input: string | undefined): Result<string> {
  if (name === undefined) return { ok: true, value: `${COMPUTATIONS.map((one) => one.name).join('\n')}\n` };
  const found = COMPUTATIONS.find((one) => one.name === name);
  if (!found)
    return bad({
      path: 'name',
      problem: `is ${JSON.stringify(name)}`,
      remedy: `give ${COMPUTATIONS.map((one) => one.name).join(' or ')}`,
    });
  if (input === undefined) {
    const { title, inputs, outputs, formula, source } = found;
    return { ok: true, value: json({ name, title, inputs, outputs, formula, source }) };
  }
  const value = readJson(input);
  if (!value.ok) return value;
  const result = reckon(found, value.value);
  return result.ok ? { ok: true, value: json(result.value) } : result;
}

function check(path: string | undefined): Result<string> {
  const file = readFile(path);
  if (!file.ok) return file;
  const found = checkFile(file.value);
  return found.ok ? { ok: true, value: json({ ...found.value, valid: true }) } : found;
}

function converted(path?: string, flag?: string, to?: string): Result<string> {
  if (flag !== '--to' || !CONVERT_TO.includes(to as ConvertTo)) {
    return bad({
      path: 'to',
      problem: to === undefined ? 'is missing' : `is ${JSON.stringify(to)}`,
      remedy: `give --to ${CONVERT_TO.join(' or ')}`,
    });
  }
  const file = readFile(path);
  return file.ok ? convert(file.value, to as ConvertTo) : file;
}

const COMMANDS: Record<string, (first?: string, second?: string, third?: string) => Result<string>> = {
  plan,
  methods,
  reckon: compute,
  check,
  convert: converted,
};

/** Runs one command: what goes to standard output, or the faults. */
export function run(words: readonly string[]): { out: string; faults: Fault[] } {
  const [name = '', first, second, third, ...more] = words;
  const command = Object.hasOwn(COMMANDS, name) ? COMMANDS[name] : undefined;
  if (!command || more.length > 0 || (third !== undefined && name !== 'convert')) {
    return {
      out: '',
      faults: [
        {
          path: 'command',
          problem: name === '' ? 'is missing' : `is ${JSON.stringify(words.join(' '))}`,
          remedy: USAGE,
        },
      ],
    };
  }
  const result = command(first, second, third);
  return result.ok ? { out: result.value, faults: [] } : { out: '', faults: result.faults };
}

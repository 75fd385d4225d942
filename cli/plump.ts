import { readFileSync } from 'node:fs';
import { bad, type Fault, type Result } from '../src/core/faults/fault';
import { CONVERT_TO, type ConvertTo, convert, convertMakes } from '../src/files/convert';
import { checkFile } from '../src/files/kinds';
import { learnFiles, planWithLearned } from '../src/files/learned';
import { judgeFile } from '../src/files/question';
import { readJson } from '../src/files/readJson';
import { startFile } from '../src/files/start';
import { weekFile } from '../src/files/week';
import { findingFile } from '../src/judge/findingFile';
import { CAUSE_IDS, FINDING_IDS } from '../src/judge/ids';
import { METHODS, methodById } from '../src/makes';
import { planFile } from '../src/plan/plan';
import { COMPUTATIONS, reckon } from '../src/plan/reckon';
import type { Solver } from '../src/schedule/solver';
import { practise } from '../src/sim/practice/file';

const USAGE =
  'use: plan FILE [--learned FILE] | methods [ID] | reckon [NAME [JSON]] | check FILE | convert FILE… --to markdown|ics|csv | start FILE | findings [ID] | causes | judge FILE | learn FILE… | week FILE [--seconds N] | practise FILE';

/** Why a file cannot be read, by what the machine calls it. */
const UNREAD: Readonly<Record<string, string>> = {
  ENOENT: 'is not there',
  EISDIR: 'is a folder',
  EACCES: 'may not be read by you',
};

/** Words that are no command, or not of this one. */
const unknown = (words: string) =>
  bad({
    path: 'command',
    problem: words === '' ? 'is missing' : `is ${JSON.stringify(words)}`,
    remedy: USAGE,
  });

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

function plan(path: string | undefined, flag?: string, learnedPath?: string): Result<string> {
  if (flag !== undefined && flag !== '--learned') return unknown(flag);
  const file = readFile(path);
  if (!file.ok) return file;
  const learned = flag === undefined ? null : readFile(learnedPath);
  if (learned && !learned.ok) return learned;
  const planned = learned ? planWithLearned(file.value, learned.value) : planFile(file.value);
  return planned.ok ? { ok: true, value: json(planned.value.plan) } : planned;
}

function methods(id: string | undefined): Result<string> {
  if (id === undefined) return { ok: true, value: `${METHODS.map((method) => method.id).join('\n')}\n` };
  const method = methodById(id, METHODS);
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

function converted(...words: string[]): Result<string> {
  const flag = words.indexOf('--to');
  const to = flag < 0 ? undefined : words[flag + 1];
  const paths = flag < 0 ? words : [...words.slice(0, flag), ...words.slice(flag + 2)];
  if (!CONVERT_TO.includes(to as ConvertTo)) {
    return bad({
      path: 'to',
      problem: to === undefined ? 'is missing' : `is ${JSON.stringify(to)}`,
      remedy: `give --to ${CONVERT_TO.join(' or ')}`,
    });
  }
  const files = (paths.length > 0 ? paths : [undefined]).map(readFile);
  const unread = files.find((file) => !file.ok);
  if (unread) return unread as Result<string>;
  const values = files.flatMap((file) => (file.ok ? [file.value] : []));
  return values.length === 1 ? convert(values[0], to as ConvertTo) : convertMakes(values, to as ConvertTo);
}

function findings(id: string | undefined): Result<string> {
  if (id === undefined) return { ok: true, value: `${FINDING_IDS.join('\n')}\n` };
  const found = findingFile(id);
  return found
    ? { ok: true, value: json(found) }
    : bad({
        path: 'finding',
        problem: `is ${JSON.stringify(id)}`,
        remedy: `give ${FINDING_IDS.join(' or ')}`,
      });
}

function judged(path: string | undefined): Result<string> {
  const file = readFile(path);
  if (!file.ok) return file;
  const answer = judgeFile(file.value);
  return answer.ok ? { ok: true, value: json(answer.value) } : answer;
}

function started(path: string | undefined): Result<string> {
  const file = readFile(path);
  if (!file.ok) return file;
  const make = startFile(file.value);
  return make.ok ? { ok: true, value: json(make.value) } : make;
}

function practised(path: string | undefined): Result<string> {
  const file = readFile(path);
  if (!file.ok) return file;
  const came = practise(file.value);
  return came.ok ? { ok: true, value: json(came.value) } : came;
}

/** The most words a command takes after its name. */
const MOST_WORDS = { plan: 3, week: 3, reckon: 2, causes: 0, convert: 200, learn: 2000 } as const;

function learn(...paths: string[]): Result<string> {
  const files = (paths.length > 0 ? paths : [undefined]).map(readFile);
  const unread = files.find((file) => !file.ok);
  if (unread) return unread as Result<string>;
  const learned = learnFiles(files.flatMap((file) => (file.ok ? [file.value] : [])));
  return learned.ok ? { ok: true, value: json(learned.value) } : learned;
}

const COMMANDS: Record<string, (...words: string[]) => Result<string>> = {
  plan,
  methods,
  reckon: compute,
  check,
  convert: converted,
  start: started,
  findings,
  causes: () => ({ ok: true, value: `${CAUSE_IDS.join('\n')}\n` }),
  judge: judged,
  learn,
  practise: practised,
};

/** How long a week's best is looked for, s; longer where somebody asks, up to the hour. */
const PROOF_S = 20;
const MOST_PROOF_S = 3600;

/** A week laid; its solver has to be loaded before. */
function week(solver: Solver | null, path?: string, flag?: string, seconds?: string): Result<string> {
  if (flag !== undefined && flag !== '--seconds') return unknown(flag);
  const wanted = flag === undefined ? PROOF_S : Number(seconds ?? Number.NaN);
  if (!(wanted >= 1 && wanted <= MOST_PROOF_S))
    return bad({
      path: 'seconds',
      problem: seconds === undefined ? 'is missing' : `is ${JSON.stringify(seconds)}`,
      remedy: `say how long the best week may be looked for, 1 to ${MOST_PROOF_S} s`,
    });
  const file = readFile(path);
  if (!file.ok) return file;
  if (!solver) throw new Error('a week is laid with a solver');
  const until = process.uptime() + wanted;
  const laid = weekFile(file.value, solver, () => until - process.uptime());
  return laid.ok ? { ok: true, value: json(laid.value) } : laid;
}

/** Commands that want a solver. */
export const SOLVED: readonly string[] = ['week'];

/** Runs one command: what goes to standard output, or the faults. `solver` is wanted by those that are solved. */
export function run(
  words: readonly string[],
  solver: Solver | null = null,
): { out: string; faults: Fault[] } {
  const [name = '', ...rest] = words;
  const command = SOLVED.includes(name)
    ? (...given: string[]) => week(solver, ...given)
    : Object.hasOwn(COMMANDS, name)
      ? COMMANDS[name]
      : undefined;
  const most = Object.hasOwn(MOST_WORDS, name) ? MOST_WORDS[name as keyof typeof MOST_WORDS] : 1;
  const result = !command || rest.length > most ? unknown(words.join(' ')) : command(...rest);
  return result.ok ? { out: result.value, faults: [] } : { out: '', faults: result.faults };
}

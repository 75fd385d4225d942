import type { z } from 'zod';
import { boundsBehind } from './bounds';
import type { Fault, Result } from './fault';

const articles: Record<string, string> = {
  object: 'a group of fields',
  array: 'a list',
  string: 'text',
  int: 'a whole number',
};
const named = (type: string) => articles[type] ?? `a ${type}`;

/** Joins a Zod path into the dotted form faults use. */
const dotted = (path: readonly PropertyKey[]): string => path.map(String).join('.');

function shown(value: unknown): string {
  if (typeof value === 'string') return JSON.stringify(value.length > 40 ? `${value.slice(0, 40)}…` : value);
  if (typeof value === 'number' || typeof value === 'boolean' || value === null) return String(value);
  return Array.isArray(value) ? 'a list' : typeof value === 'object' ? 'a group of fields' : 'nothing';
}

function at(root: unknown, path: readonly PropertyKey[]): unknown {
  let here = root;
  for (const key of path) here = here == null ? undefined : (here as Record<PropertyKey, unknown>)[key];
  return here;
}

function faultsOf(issue: z.core.$ZodIssue, root: unknown): Fault[] {
  const path = dotted(issue.path);
  const value = at(root, issue.path);
  switch (issue.code) {
    case 'unrecognized_keys':
      return issue.keys.map((key) => ({
        path: dotted([...issue.path, key]),
        problem: 'is not a known field',
        remedy: 'leave it out or correct its name',
      }));
    case 'invalid_type':
      return [
        value === undefined
          ? { path, problem: 'is missing', remedy: `give ${named(issue.expected)}` }
          : { path, problem: `is ${shown(value)}`, remedy: `give ${named(issue.expected)}` },
      ];
    case 'invalid_value':
      return [
        {
          path,
          problem: value === undefined ? 'is missing' : `is ${shown(value)}`,
          remedy: `give ${issue.values.map((v) => String(v)).join(' or ')}`,
        },
      ];
    case 'invalid_union': {
      const branches = issue.errors.filter((branch) => branch.length > 0);
      const best = branches.sort((a, b) => deepest(b) - deepest(a))[0];
      return best
        ? best.flatMap((inner) => faultsOf({ ...inner, path: [...issue.path, ...inner.path] }, root))
        : [{ path, problem: `is ${shown(value)}`, remedy: 'give one of the known kinds' }];
    }
    case 'custom': {
      const given = issue.params as Partial<Fault> | undefined;
      return [
        {
          ...given,
          path: given?.path ?? path,
          problem: given?.problem ?? (issue.message === UNSAID ? 'cannot be' : issue.message),
          remedy: given?.remedy ?? 'correct it',
        },
      ];
    }
    default: {
      const remedy = issue.message === UNSAID ? remedyOf(issue) : issue.message;
      const bounds = boundsBehind(remedy);
      return [{ path, problem: `is ${shown(value)}`, remedy, ...(bounds && { bounds }) }];
    }
  }
}

/** Stands where no schema has said what would be right, so that no library's sentence is ever shown. */
const UNSAID = '\u0000';

const COUNTED: Record<string, string> = { string: 'letters', array: 'of them', set: 'of them' };

/** What would be right, where the schema itself does not say. */
function remedyOf(issue: z.core.$ZodIssue): string {
  switch (issue.code) {
    case 'too_small':
      return `give at least ${issue.minimum}${counted(issue.origin)}`;
    case 'too_big':
      return `give at most ${issue.maximum}${counted(issue.origin)}`;
    case 'invalid_format':
      return FORMATS[issue.format] ?? 'write it with plain letters, digits and dashes';
    case 'not_multiple_of':
      return `give a multiple of ${issue.divisor}`;
    default:
      return 'correct it';
  }
}

const counted = (origin: string) => (COUNTED[origin] ? ` ${COUNTED[origin]}` : '');

const FORMATS: Record<string, string> = {
  date: 'give a day like 2026-11-27',
  datetime: 'give a moment like 2026-11-27T09:00',
  starts_with: 'give what such a field begins with',
};

const deepest = (branch: z.core.$ZodIssue[]): number => Math.max(...branch.map((issue) => issue.path.length));

/** Parses `value` with `schema`, turning what Zod finds into faults. */
export function parse<T>(schema: z.ZodType<T>, value: unknown): Result<T> {
  const result = schema.safeParse(value, { error: () => UNSAID });
  if (result.success) return { ok: true, value: result.data };
  return { ok: false, faults: result.error.issues.flatMap((issue) => faultsOf(issue, value)) };
}

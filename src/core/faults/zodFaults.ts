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
          problem: given?.problem ?? issue.message,
          remedy: given?.remedy ?? 'correct it',
        },
      ];
    }
    case 'too_small':
    case 'too_big': {
      const bounds = boundsBehind(issue.message);
      return [{ path, problem: `is ${shown(value)}`, remedy: issue.message, ...(bounds && { bounds }) }];
    }
    default:
      return [{ path, problem: `is ${shown(value)}`, remedy: issue.message.toLowerCase() }];
  }
}

const deepest = (branch: z.core.$ZodIssue[]): number => Math.max(...branch.map((issue) => issue.path.length));

/** Parses `value` with `schema`, turning what Zod finds into faults. */
export function parse<T>(schema: z.ZodType<T>, value: unknown): Result<T> {
  const result = schema.safeParse(value);
  if (result.success) return { ok: true, value: result.data };
  return { ok: false, faults: result.error.issues.flatMap((issue) => faultsOf(issue, value)) };
}

import { ACID_KINDS } from '../../core/acid/acids';
import { CULTURE_GROUPS } from '../../core/culture/fitted';
import { BOUNDS } from '../../core/faults/bounds';
import { SPECIES, TREATMENTS } from '../../core/milk/species';
import { capital } from '../../core/units/capital';
import type { Quantity } from '../../core/units/format';
import { readNumber } from '../../core/units/numbers';
import type { Computation } from '../../plan/reckon/computation';
import { EXAMPLES } from '../../plan/reckon/examples';

/** One line of a reckoner's form, made from the example's own shape. */
export type Line =
  | {
      kind: 'number';
      path: string;
      label: string;
      unit: string;
      quantity: Quantity;
      min: number;
      max: number;
      step: number;
    }
  | { kind: 'choice'; path: string; label: string; choices: readonly string[] }
  | { kind: 'switch'; path: string; label: string }
  | { kind: 'rows'; path: string; label: string; columns: readonly string[]; tuples: boolean };

type Range = { min: number; max: number };

/** What is known of fields inside a milk, an acid or a coagulant. */
const INNER: Record<string, { label: string; unit?: string; range?: Range; choices?: readonly string[] }> = {
  'milk.species': { label: 'Milk of', choices: SPECIES },
  'milk.litres': { label: 'Milk', unit: 'L', range: BOUNDS.litres },
  'milk.fatPct': { label: 'Fat', unit: '%', range: BOUNDS.fatPct },
  'milk.proteinPct': { label: 'True protein', unit: '%', range: BOUNDS.proteinPct },
  'milk.treatment': { label: 'Treated', choices: TREATMENTS },
  'milk.pH': { label: 'Its pH', range: BOUNDS.milkPH },
  'acid.kind': { label: 'Acid', choices: ACID_KINDS },
  'acid.strengthPct': { label: 'Strength', unit: '%', range: BOUNDS.vinegarPct },
  'coagulant.form': { label: 'Coagulant', choices: ['liquid', 'powder'] },
  'coagulant.imcuPerMl': { label: 'IMCU in a mL', range: BOUNDS.imcuPerMl },
  'coagulant.ageMonths': { label: 'Kept for', unit: 'months', range: BOUNDS.ageMonths },
  'with.fatPct': { label: 'Fat of what goes in', unit: '%', range: { min: 0, max: 60 } },
  'with.proteinPct': { label: 'Its protein', unit: '%', range: { min: 0.5, max: 9 } },
};

const COLUMNS: Record<string, readonly string[]> = {
  series: ['minute', '°C'],
  temps: ['hour', '°C'],
  weighed: ['hour', 'kg'],
};

const QUANTITY: Record<string, Quantity> = { '°C': 'temperature', L: 'volume', kg: 'cheese', m: 'height' };

const stepFor = ({ min, max }: Range) =>
  max - min <= 8 ? 0.05 : max - min <= 60 ? 0.1 : max - min <= 500 ? 1 : 10;

function lineOf(computation: Computation, path: string, value: unknown): Line {
  const spec = computation.inputs[path];
  const inner = INNER[path];
  const label = capital(inner?.label ?? spec?.label ?? path);
  if (Array.isArray(value)) {
    const first = value[0];
    const columns =
      Array.isArray(first) || first === undefined ? COLUMNS[path] : Object.keys(first as object);
    return {
      kind: 'rows',
      path,
      label,
      columns: columns ?? [],
      tuples: first === undefined || Array.isArray(first),
    };
  }
  if (typeof value === 'boolean') return { kind: 'switch', path, label };
  const choices = inner?.choices ?? spec?.choices;
  if (typeof value === 'string') return { kind: 'choice', path, label, choices: choices ?? [value] };
  const unit = inner?.unit ?? spec?.unit ?? '';
  const range = inner?.range ?? { min: spec?.min ?? 0, max: spec?.max ?? 1e6 };
  const quantity = QUANTITY[unit] ?? 'plain';
  return {
    kind: 'number',
    path,
    label,
    unit: unit.split(';')[0] ?? '',
    quantity,
    ...range,
    step: stepFor(range),
  };
}

/** The lines of a computation's form. */
export function linesOf(computation: Computation): Line[] {
  return Object.entries(EXAMPLES[computation.name] ?? {}).flatMap(([key, value]) =>
    value !== null && typeof value === 'object' && !Array.isArray(value)
      ? Object.entries(value).map(([inner, leaf]) => lineOf(computation, `${key}.${inner}`, leaf))
      : [lineOf(computation, key, value)],
  );
}

/** What stands in a form: by path a number as typed, a word, a switch, or rows as text. */
export type Filled = Record<string, string | boolean | { value: number | null; text: string | null }>;

/** Rows as one types them: a line each, columns apart by commas. */
export const rowsText = (rows: readonly unknown[]): string =>
  rows.map((row) => (Array.isArray(row) ? row : Object.values(row as object)).join(', ')).join('\n');

/** The form as it starts. */
export function filledFrom(computation: Computation): Filled {
  const filled: Filled = {};
  const put = (path: string, value: unknown) => {
    if (Array.isArray(value)) filled[path] = rowsText(value);
    else if (typeof value === 'number') filled[path] = { value, text: null };
    else filled[path] = value as string | boolean;
  };
  for (const [key, value] of Object.entries(EXAMPLES[computation.name] ?? {})) {
    if (value !== null && typeof value === 'object' && !Array.isArray(value))
      for (const [inner, leaf] of Object.entries(value)) put(`${key}.${inner}`, leaf);
    else put(key, value);
  }
  return filled;
}

/** Rows read back; a cell that is no number stays the word it is. */
function rowsOf(text: string, line: Extract<Line, { kind: 'rows' }>): unknown[] {
  return text
    .split('\n')
    .filter((row) => row.trim() !== '')
    .map((row) => {
      // Semicolons or tabs part cells; else spaces, where the commas are decimal ones; else commas.
      const apart = /[;\t]/.test(row) ? /[;\t]/ : /,\s/.test(row) || !/\s/.test(row.trim()) ? /,/ : /\s+/;
      const cells = row
        .split(apart)
        .map((cell) => cell.trim())
        .filter((cell) => cell !== '');
      const values = cells.map((cell) => readNumber(cell) ?? cell);
      return line.tuples ? values : Object.fromEntries(line.columns.map((column, i) => [column, values[i]]));
    });
}

/** The request a form stands for, ready to be reckoned; what cannot be read goes in as it was typed. */
export function requestOf(lines: readonly Line[], filled: Filled): Record<string, unknown> {
  const request: Record<string, Record<string, unknown> | unknown> = {};
  for (const line of lines) {
    const held = filled[line.path];
    const value =
      line.kind === 'rows'
        ? rowsOf(String(held ?? ''), line)
        : held !== null && typeof held === 'object'
          ? (held.value ?? held.text ?? '')
          : held;
    const [outer = '', inner] = line.path.split('.');
    if (inner === undefined) request[outer] = value;
    else request[outer] = { ...(request[outer] as object | undefined), [inner]: value };
  }
  // Citric acid and juices have no strength of their own to give.
  const acid = request.acid as { kind?: string; strengthPct?: unknown } | undefined;
  if (acid && acid.kind !== 'vinegar' && acid.kind !== 'lactic') delete acid.strengthPct;
  // A powder's strength is in a gram of it.
  const coagulant = request.coagulant as Record<string, unknown> | undefined;
  if (coagulant?.form === 'powder') {
    coagulant.imcuPerG = coagulant.imcuPerMl;
    delete coagulant.imcuPerMl;
  }
  return request;
}

export const GROUPS_HINT = `groups: ${CULTURE_GROUPS.join(', ')}`;

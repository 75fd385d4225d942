import { createRow, type Row, type Table } from '@tanstack/react-table';

/** A value to sort by: numbers by size, words by the alphabet, what is not known after both. */
type Key = number | string | null;

const keyOf = (value: unknown): Key =>
  typeof value === 'number' ? value : typeof value === 'string' ? value.toLowerCase() : null;

/** Which of two comes first, in the direction wanted; what is not known comes last in both. */
function compared(a: Key, b: Key, desc: boolean): number {
  if (a === b) return 0;
  if (a === null) return 1;
  if (b === null) return -1;
  return (a < b ? -1 : 1) * (desc ? -1 : 1);
}

/** Lines in the order of a value of theirs; those alike stay as they stood. */
export function sortedLines<T>(
  lines: readonly T[],
  value: (line: T) => unknown,
  desc: boolean,
): readonly T[] {
  const keyed = lines.map((line) => ({ line, key: keyOf(value(line)) }));
  return keyed.sort((a, b) => compared(a.key, b.key, desc)).map(({ line }) => line);
}

/**
 * The rows of a table that is not put together, each made when it comes into sight: of ten thousand few ever do. They last as long as
 * the columns they were made for.
 */
export function rowMaker<T extends { id: string }>(
  table: Table<T>,
): (line: T, place: number, columns: object) => Row<T> {
  const made = new WeakMap<object, WeakMap<T, Row<T>>>();
  return (line, place, columns) => {
    const rows = made.get(columns) ?? new WeakMap<T, Row<T>>();
    made.set(columns, rows);
    const row = rows.get(line) ?? createRow(table, line.id, line, place, 0);
    rows.set(line, row);
    return row;
  };
}

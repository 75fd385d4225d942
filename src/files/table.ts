import Papa from 'papaparse';

/** A table as it came: its head and its rows. */
export interface Table {
  head: string[];
  rows: string[][];
}

/** Reads a table with a header row, commas, semicolons or tabs between; empty lines are passed over. */
export function readTable(text: string): Table {
  const { data } = Papa.parse<string[]>(text.replace(/^\ufeff/, ''), { skipEmptyLines: 'greedy' });
  const [head = [], ...rows] = data;
  return { head: head.map((cell) => cell.trim()), rows };
}

/** A first guess at which column holds what, by its head; each column once. */
export function guessColumns<F extends string>(
  { head }: Table,
  looks: Record<F, RegExp>,
): Partial<Record<F, number>> {
  const mapping: Partial<Record<F, number>> = {};
  for (const field of Object.keys(looks) as F[]) {
    const column = head.findIndex(
      (cell, i) => looks[field].test(cell) && !Object.values(mapping).includes(i),
    );
    if (column >= 0) mapping[field] = column;
  }
  return mapping;
}

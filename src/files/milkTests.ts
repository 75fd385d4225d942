import Papa from 'papaparse';
import type { Fault } from '../core/faults/fault';
import { parse } from '../core/faults/zodFaults';
import { type Species, trueProteinPct } from '../core/milk/species';
import { readNumber } from '../core/units/numbers';
import { type KnownMilk, knownMilkSchema } from './backup';

/** What a column of a milk test may hold. */
export const TEST_FIELDS = ['name', 'fatPct', 'proteinPct', 'pH', 'litres', 'day'] as const;
export type TestField = (typeof TEST_FIELDS)[number];
export type Mapping = Partial<Record<TestField, number>>;

/** A table as it came: its head and its rows. */
export interface TestTable {
  head: string[];
  rows: string[][];
}

const LOOKS: Record<TestField, RegExp> = {
  name: /name|farm|sample|probe|milk|lot|id/i,
  fatPct: /fat|fett|grasso/i,
  proteinPct: /prot|eiwei/i,
  pH: /^ph\b|\bph$/i,
  litres: /lit|volume|menge|\bl\b/i,
  day: /date|day|datum/i,
};

/** Reads a table with a header row, commas, semicolons or tabs between; empty lines are passed over. */
export function readTests(text: string): TestTable {
  const { data } = Papa.parse<string[]>(text.replace(/^\ufeff/, ''), { skipEmptyLines: 'greedy' });
  const [head = [], ...rows] = data;
  return { head: head.map((cell) => cell.trim()), rows };
}

/** A first guess at which column holds what, by its head. */
export function guessMapping({ head }: TestTable): Mapping {
  const mapping: Mapping = {};
  for (const field of TEST_FIELDS) {
    const column = head.findIndex(
      (cell, i) => LOOKS[field].test(cell) && !Object.values(mapping).includes(i),
    );
    if (column >= 0) mapping[field] = column;
  }
  return mapping;
}

/** One row of a table as a milk, or what is wrong with it. */
export type TestRow = { ok: true; milk: KnownMilk } | { ok: false; faults: Fault[] };

/**
 * The milks of a table. `crude` says that its protein is crude, as laboratories give it. Each gets the id `idOf` hands
 * out; a row that cannot be a milk says why.
 */
export function milksOf(
  table: TestTable,
  mapping: Mapping,
  about: { species: Species; treatment: KnownMilk['treatment']; crude: boolean },
  idOf: (row: number) => string,
): TestRow[] {
  return table.rows.map((cells, row): TestRow => {
    const cell = (field: TestField) => {
      const column = mapping[field];
      return column === undefined ? '' : (cells[column] ?? '').trim();
    };
    const number = (field: TestField) =>
      cell(field) === '' ? null : (readNumber(cell(field)) ?? cell(field));
    const protein = number('proteinPct');
    const read = parse<KnownMilk>(knownMilkSchema, {
      id: idOf(row),
      name: cell('name') || `Sample ${row + 1}`,
      species: about.species,
      fatPct: number('fatPct') ?? undefined,
      proteinPct:
        typeof protein === 'number' && about.crude
          ? trueProteinPct(protein, about.species)
          : (protein ?? undefined),
      treatment: about.treatment,
      homogenised: false,
      pH: number('pH'),
      startC: 4,
      pricePerLitre: null,
      litres: number('litres'),
      day: cell('day').slice(0, 10) || null,
    });
    return read.ok ? { ok: true, milk: read.value } : { ok: false, faults: read.faults };
  });
}

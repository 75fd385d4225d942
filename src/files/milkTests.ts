import type { Fault } from '../core/faults/fault';
import { parse } from '../core/faults/zodFaults';
import { type Species, trueProteinPct } from '../core/milk/species';
import { readNumber } from '../core/units/numbers';
import { type KnownMilk, knownMilkSchema } from '../kitchen/milk';
import { guessColumns, type Table } from './table';

/** What a column of a milk test may hold. */
export const TEST_FIELDS = ['name', 'fatPct', 'proteinPct', 'pH', 'litres', 'day'] as const;
export type TestField = (typeof TEST_FIELDS)[number];
export type Mapping = Partial<Record<TestField, number>>;

const LOOKS: Record<TestField, RegExp> = {
  name: /name|farm|sample|probe|milk|lot|id/i,
  fatPct: /fat|fett|grasso/i,
  proteinPct: /prot|eiwei/i,
  pH: /^ph\b|\bph$/i,
  litres: /lit|volume|menge|\bl\b/i,
  day: /date|day|datum/i,
};

/** A first guess at which column holds what, by its head. */
export const guessMapping = (table: Table): Mapping => guessColumns(table, LOOKS);

/** One row of a table as a milk, or what is wrong with it. */
export type TestRow = { ok: true; milk: KnownMilk } | { ok: false; faults: Fault[] };

/**
 * The milks of a table. `crude` says that its protein is crude, as laboratories give it. Each gets the id `idOf` hands
 * out; a row that cannot be a milk says why.
 */
export function milksOf(
  table: Table,
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

const same = (one: string, other: string) => one.trim().toLowerCase() === other.trim().toLowerCase();

/**
 * The milk a test is of: one that stands on the shelf by that name, and of that day where both say one, gets the
 * test's figures and keeps what only the kitchen knows; any other is new.
 */
export function tested(known: readonly KnownMilk[], test: KnownMilk): { milk: KnownMilk; isNew: boolean } {
  const here = known.find(
    (one) => same(one.name, test.name) && (!one.day || !test.day || one.day === test.day),
  );
  if (!here) return { milk: test, isNew: true };
  const milk = {
    ...here,
    fatPct: test.fatPct,
    proteinPct: test.proteinPct,
    pH: test.pH ?? here.pH,
    litres: here.litres ?? test.litres,
    day: here.day ?? test.day,
  };
  return { milk, isNew: false };
}

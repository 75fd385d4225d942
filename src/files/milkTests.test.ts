import { describe, expect, it } from 'vitest';
import { guessMapping, milksOf } from './milkTests';
import { readTable } from './table';

const about = { species: 'cow', treatment: 'raw', crude: true } as const;
const id = (row: number) => `row-${row}`;

describe('milk tests from a table', () => {
  it('reads commas, semicolons with decimal commas, and a byte order mark', () => {
    for (const text of [
      'Farm,Fat %,Protein %,pH\nSallow,4.1,3.5,6.7\n\n"Bank, lower",3.9,3.3,\n',
      '\ufeffFarm;Fat %;Protein %;pH\nSallow;4,1;3,5;6,7\nBank, lower;3,9;3,3;\n',
    ]) {
      const table = readTable(text);
      const mapping = guessMapping(table);
      expect(mapping).toEqual({ name: 0, fatPct: 1, proteinPct: 2, pH: 3 });
      const [first, second] = milksOf(table, mapping, about, id);
      expect(first).toMatchObject({ ok: true, milk: { name: 'Sallow', fatPct: 4.1, pH: 6.7 } });
      expect(first?.ok && first.milk.proteinPct).toBeCloseTo(3.31, 10);
      expect(second).toMatchObject({ ok: true, milk: { name: 'Bank, lower', pH: null } });
    }
  });

  it('says for each row what keeps it from being a milk, and takes the others', () => {
    const table = readTable('id,fat,protein\na,4,3.4\nb,high,3.4\nc,44,3.4\nd,4,\n');
    const rows = milksOf(table, guessMapping(table), about, id);
    expect(rows.map((row) => (row.ok ? 'ok' : row.faults[0]?.path))).toEqual([
      'ok',
      'fatPct',
      'fatPct',
      'proteinPct',
    ]);
  });

  it('true protein is left alone, an unnamed sample gets a number', () => {
    const table = readTable('fat,protein\n4,3.4\n');
    const [row] = milksOf(table, guessMapping(table), { ...about, crude: false }, id);
    expect(row).toMatchObject({ ok: true, milk: { name: 'Sample 1', proteinPct: 3.4, id: 'row-0' } });
  });
});

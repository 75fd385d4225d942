import { describe, expect, it } from 'vitest';
import type { KnownMilk } from '../kitchen/milk';
import { guessMapping, milksOf, tested } from './milkTests';
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

  it('gives its figures to the milk that stands on the shelf already, which keeps what only the kitchen knows', () => {
    const table = readTable('name,fat,protein,litres,date\n sallow ,4.4,3.6,12,2026-11-25\nBank,3.9,3.3,,\n');
    const [sallow, bank] = milksOf(table, guessMapping(table), about, id).map((row) => {
      if (!row.ok) throw new Error(row.faults[0]?.path);
      return row.milk;
    }) as [KnownMilk, KnownMilk];
    const here: KnownMilk = {
      ...sallow,
      id: 'can',
      name: 'Sallow',
      species: 'goat',
      fatPct: 4,
      proteinPct: 3,
      pH: 6.6,
      pricePerLitre: 1.2,
      litres: 40,
    };
    expect(tested([here], sallow)).toEqual({
      isNew: false,
      milk: { ...here, fatPct: 4.4, proteinPct: sallow.proteinPct },
    });
    expect(tested([{ ...here, day: '2026-11-20' }], sallow)).toEqual({ isNew: true, milk: sallow });
    expect(tested([{ ...here, day: null, litres: null }], sallow).milk).toMatchObject({
      day: '2026-11-25',
      litres: 12,
    });
    expect(tested([here], bank)).toEqual({ isNew: true, milk: bank });
  });
});

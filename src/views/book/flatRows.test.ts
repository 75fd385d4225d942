import { createTable } from '@tanstack/react-table';
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { rowMaker, sortedLines } from './flatRows';

interface Line {
  id: string;
  score: number | undefined;
  name: string;
}

const order = (lines: readonly Line[], by: keyof Line, desc: boolean) =>
  sortedLines(lines, (line) => line[by], desc).map(({ id }) => id);

it('sorts by number or by word, in both directions, what is not known last, what is alike as it stood', () => {
  const lines: Line[] = [
    { id: 'a', score: 3, name: 'Ricotta' },
    { id: 'b', score: undefined, name: 'paneer' },
    { id: 'c', score: 5, name: 'Paneer' },
    { id: 'd', score: 3, name: 'skyr' },
  ];
  expect(order(lines, 'score', false)).toEqual(['a', 'd', 'c', 'b']);
  expect(order(lines, 'score', true)).toEqual(['c', 'a', 'd', 'b']);
  expect(order(lines, 'name', false)).toEqual(['b', 'c', 'a', 'd']);
  expect(lines.map(({ id }) => id)).toEqual(['a', 'b', 'c', 'd']);
});

it('loses no line, and no two stand the wrong way round', () => {
  const score = fc.option(fc.integer({ min: 0, max: 9 }), { nil: undefined });
  fc.assert(
    fc.property(fc.array(score, { maxLength: 40 }), fc.boolean(), (scores, desc) => {
      const lines = scores.map((one, i) => ({ id: `m${i}`, score: one, name: '' }));
      const ids = order(lines, 'score', desc);
      expect([...ids].sort()).toEqual(lines.map(({ id }) => id).sort());
      const known = ids.map((id) => lines.find((line) => line.id === id)?.score);
      for (let i = 1; i < known.length; i++) {
        const [a, b] = [known[i - 1], known[i]];
        if (b === undefined) continue;
        expect(a).toBeDefined();
        if (a !== undefined) expect(desc ? a >= b : a <= b).toBe(true);
      }
    }),
  );
});

it('makes a row once for each line, with the values of its columns', () => {
  const table = createTable<Line>({
    data: [],
    columns: [{ accessorKey: 'name' }, { id: 'twice', accessorFn: (line) => 2 * (line.score ?? 0) }],
    state: {},
    onStateChange: () => undefined,
    renderFallbackValue: null,
    getCoreRowModel: () => () => ({ rows: [], flatRows: [], rowsById: {} }),
  });
  const rowOf = rowMaker(table);
  const line = { id: 'a', score: 3, name: 'Ricotta' };
  const columns = table.options.columns;
  const row = rowOf(line, 7, columns);
  expect(row.id).toBe('a');
  expect([row.getValue('name'), row.getValue('twice')]).toEqual(['Ricotta', 6]);
  expect(rowOf(line, 7, columns)).toBe(row);
  expect(rowOf({ ...line }, 7, columns)).not.toBe(row);
  expect(rowOf(line, 7, [...columns])).not.toBe(row);
});

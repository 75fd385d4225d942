import type { Table } from '../../files/table';
import { Select } from '../../ui/parts/Select';

/** Which column of a table holds what; one select for each thing it may hold. */
export function Columns<F extends string>({
  table,
  fields,
  words,
  mapping,
  onChange,
}: {
  table: Table;
  fields: readonly F[];
  words: Record<F, string>;
  mapping: Partial<Record<F, number>>;
  onChange(next: Partial<Record<F, number>>): void;
}) {
  return fields.map((field) => (
    <Select
      key={field}
      label={words[field]}
      value={String(mapping[field] ?? -1)}
      options={[
        { value: '-1', text: 'not in it' },
        ...table.head.map((head, i) => ({ value: String(i), text: head || `column ${i + 1}` })),
      ]}
      onChange={(column) => {
        const next = { ...mapping };
        if (column === '-1') delete next[field];
        else next[field] = Number(column);
        onChange(next);
      }}
    />
  ));
}

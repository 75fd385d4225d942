import { useId, useState } from 'react';
import { toast } from 'sonner';
import { SPECIES, type Species, TREATMENTS } from '../../core/milk/species';
import { guessMapping, type Mapping, milksOf, TEST_FIELDS, type TestField } from '../../files/milkTests';
import { readTable, type Table } from '../../files/table';
import { useFormat } from '../../store/hooks';
import { usePorts } from '../../store/ports';
import { useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { FaultText } from '../../ui/parts/NumberField';
import { Select } from '../../ui/parts/Select';
import { Sheet } from '../../ui/parts/Sheet';
import { faultText } from '../common/faultText';

const WORDS: Record<TestField, string> = {
  name: 'Name',
  fatPct: 'Fat, %',
  proteinPct: 'Protein, %',
  pH: 'pH',
  litres: 'Litres',
  day: 'Day',
};
const PREVIEW = 6;

/** Milk test results in from a table: columns said, rows looked at, then taken. */
export function MilkTests() {
  const id = useId();
  const { db } = usePorts();
  const format = useFormat();
  const crude = useAppSelector((state) => state.kitchen.proteinBasis === 'crude');
  const [table, setTable] = useState<Table | null>(null);
  const [mapping, setMapping] = useState<Mapping>({});
  const [species, setSpecies] = useState<Species>('cow');
  const [treatment, setTreatment] = useState<(typeof TREATMENTS)[number]>('raw');
  const rows = table ? milksOf(table, mapping, { species, treatment, crude }, () => crypto.randomUUID()) : [];
  const good = rows.flatMap((row) => (row.ok ? [row.milk] : []));
  const read = async (file: File) => {
    const found = readTable(await file.text());
    setTable(found);
    setMapping(guessMapping(found));
  };
  const take = async () => {
    await db.milks.bulkAdd(good);
    toast.success(`${good.length} ${good.length === 1 ? 'milk' : 'milks'} on the shelf.`);
    setTable(null);
  };
  return (
    <>
      <label
        htmlFor={id}
        className="inline-flex min-h-11 cursor-pointer items-center rounded-xl border-2 border-rim bg-plate px-3 text-[15px] font-semibold has-[:focus-visible]:outline-3"
      >
        Milk tests from a table (CSV)
        <input
          id={id}
          type="file"
          accept=".csv,text/csv,text/plain"
          className="sr-only"
          onChange={(event) => {
            const file = event.target.files?.[0];
            event.target.value = '';
            if (file) void read(file);
          }}
        />
      </label>
      <Sheet
        title="Milk tests from a table"
        open={table !== null}
        onOpenChange={(open) => !open && setTable(null)}
      >
        {table && (
          <div className="mt-3 max-h-[66vh] space-y-2 overflow-y-auto pr-2">
            {TEST_FIELDS.map((field) => (
              <Select
                key={field}
                label={WORDS[field]}
                value={String(mapping[field] ?? -1)}
                options={[
                  { value: '-1', text: 'not in it' },
                  ...table.head.map((head, i) => ({ value: String(i), text: head || `column ${i + 1}` })),
                ]}
                onChange={(column) => {
                  const { [field]: _, ...others } = mapping;
                  setMapping(column === '-1' ? others : { ...others, [field]: Number(column) });
                }}
              />
            ))}
            <Select
              label="Milk of"
              value={species}
              options={SPECIES.map((value) => ({ value, text: value }))}
              onChange={(value) => setSpecies(value as Species)}
            />
            <Select
              label="Treated"
              value={treatment}
              options={TREATMENTS.map((value) => ({ value, text: value }))}
              onChange={(value) => setTreatment(value as (typeof TREATMENTS)[number])}
            />
            <p className="text-[15px]">
              {good.length} of {rows.length} rows can be taken; protein is read as {crude ? 'crude' : 'true'}{' '}
              protein.
            </p>
            <ul className="text-[15px]">
              {rows.slice(0, PREVIEW).map((row, i) => (
                <li key={table.rows[i]?.join()} className="stitch py-1">
                  {row.ok ? (
                    <>
                      <strong>{row.milk.name}</strong>: fat {format.percent(row.milk.fatPct, 2)}, true protein{' '}
                      {format.percent(row.milk.proteinPct, 2)}
                      {row.milk.pH !== null && `, pH ${format.pH(row.milk.pH)}`}
                    </>
                  ) : (
                    <FaultText>
                      Row {i + 2}, {row.faults[0]?.path}: {row.faults[0] && faultText(row.faults[0], format)}
                    </FaultText>
                  )}
                </li>
              ))}
            </ul>
            <div className="flex justify-end gap-4 pt-2">
              <Button onClick={() => setTable(null)}>Leave it</Button>
              <Button tone="main" disabled={good.length === 0} onClick={() => void take()}>
                Take {good.length}
              </Button>
            </div>
          </div>
        )}
      </Sheet>
    </>
  );
}

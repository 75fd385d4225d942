import { useState } from 'react';
import { SPECIES, type Species, TREATMENTS } from '../../core/milk/species';
import {
  guessMapping,
  type Mapping,
  milksOf,
  TEST_FIELDS,
  type TestField,
  tested,
} from '../../files/milkTests';
import { readTable, type Table } from '../../files/table';
import { useFormat } from '../../store/hooks';
import { usePorts } from '../../store/ports';
import { useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { FileButton } from '../../ui/parts/FileButton';
import { FaultText } from '../../ui/parts/NumberField';
import { Select } from '../../ui/parts/Select';
import { Sheet } from '../../ui/parts/Sheet';
import { toastGood } from '../../ui/parts/toast';
import { Columns } from '../common/Columns';
import { faultText } from '../common/faultText';
import { written } from '../common/written';

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
  const { db } = usePorts();
  const format = useFormat();
  const crude = useAppSelector((state) => state.kitchen.proteinBasis === 'crude');
  const milks = useAppSelector((state) => state.data.milks);
  const [table, setTable] = useState<Table | null>(null);
  const [mapping, setMapping] = useState<Mapping>({});
  const [species, setSpecies] = useState<Species>('cow');
  const [treatment, setTreatment] = useState<(typeof TREATMENTS)[number]>('raw');
  const rows = table ? milksOf(table, mapping, { species, treatment, crude }, () => crypto.randomUUID()) : [];
  const good = rows.flatMap((row) => (row.ok ? [tested(milks, row.milk)] : []));
  const read = async (file: File) => {
    const found = readTable(await file.text());
    setTable(found);
    setMapping(guessMapping(found));
  };
  const takeBack = () =>
    db.transaction('rw', db.milks, async () => {
      await db.milks.bulkDelete(good.filter(({ isNew }) => isNew).map(({ milk }) => milk.id));
      await db.milks.bulkPut(milks.filter((one) => good.some(({ milk }) => milk.id === one.id)));
    });
  const take = async () => {
    if (!(await written('The tests', () => db.milks.bulkPut(good.map(({ milk }) => milk))))) return;
    toastGood(`${good.length} ${good.length === 1 ? 'milk' : 'milks'} on the shelf.`, {
      action: { label: 'Take it back', onClick: () => void written('The milks as they were', takeBack) },
    });
    setTable(null);
  };
  return (
    <>
      <FileButton
        look="small"
        text="Milk tests from a table (CSV)"
        accept=".csv,text/csv,text/plain"
        take={(file) => void read(file)}
      />
      <Sheet
        title="Milk tests from a table"
        open={table !== null}
        onOpenChange={(open) => !open && setTable(null)}
      >
        {table && (
          <div className="mt-3 max-h-[66vh] space-y-2 overflow-y-auto pr-2">
            <Columns
              table={table}
              fields={TEST_FIELDS}
              words={WORDS}
              mapping={mapping}
              onChange={setMapping}
            />
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
                      {!tested(milks, row.milk).isNew && ' – on the shelf already, it gets these figures'}
                    </>
                  ) : (
                    <FaultText>
                      Row {i + 2}, {WORDS[row.faults[0]?.path as TestField] ?? row.faults[0]?.path}:{' '}
                      {row.faults[0] && faultText(row.faults[0], format)}
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

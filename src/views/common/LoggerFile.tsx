import { max, min } from 'd3-array';
import { useState } from 'react';
import { readTable, type Table } from '../../files/table';
import {
  guessLogMapping,
  LOG_FIELDS,
  LOG_TIMES,
  type LogField,
  type LogMapping,
  type LogTimes,
  logReadings,
} from '../../files/thermometerLog';
import type { MakeState } from '../../run/state';
import { useFormat } from '../../store/hooks';
import { append } from '../../store/log';
import { usePorts } from '../../store/ports';
import { Button } from '../../ui/parts/Button';
import { FileButton } from '../../ui/parts/FileButton';
import { FaultText } from '../../ui/parts/NumberField';
import { Segments } from '../../ui/parts/Segments';
import { Select } from '../../ui/parts/Select';
import { Sheet } from '../../ui/parts/Sheet';
import { toastGood } from '../../ui/parts/toast';
import { Columns } from './Columns';
import { clockText } from './times';
import { say, sayUnwritten } from './written';

const WORDS: Record<LogField, string> = { time: 'Time', tempC: 'Temperature', pH: 'pH' };
const TIME_WORDS: Record<LogTimes, string> = {
  clock: 'by the clock',
  minutes: 'minutes from the start',
  seconds: 'seconds from the start',
};
const MOST_FAULTS = 4;

/** A logger's file (CSV) into a make: columns said, what it holds looked at, then taken. */
export function LoggerFile({ makeId, state }: { makeId: string; state: MakeState }) {
  const { clock, db } = usePorts();
  const format = useFormat();
  const [file, setFile] = useState<{ name: string; table: Table } | null>(null);
  const [mapping, setMapping] = useState<LogMapping>({});
  const [times, setTimes] = useState<LogTimes>('clock');
  const [unit, setUnit] = useState<'C' | 'F'>(format.units.temperature);
  const rows = file
    ? logReadings(file.table, mapping, {
        times,
        unit,
        startMs: state.startedAt,
        nowMs: clock.wall(),
      })
    : [];
  const readings = rows.flatMap((row) => (row.ok ? [row.reading] : [])).sort((a, b) => a.at - b.at);
  const wrong = rows.flatMap((row, i) => (row.ok ? [] : [{ row: i + 2, fault: row.fault }]));
  const [first] = readings;
  const last = readings.at(-1);
  const read = async (chosen: File) => {
    const table = readTable(await chosen.text());
    const guessed = guessLogMapping(table);
    setFile({ name: chosen.name, table });
    setMapping(guessed);
    const head = table.head[guessed.time ?? -1] ?? '';
    setTimes(/min/i.test(head) ? 'minutes' : /sec/i.test(head) ? 'seconds' : 'clock');
    if (/°\s*F|fahrenheit/i.test(table.head.join())) setUnit('F');
  };
  const take = async () => {
    if (!file) return;
    try {
      const done = await append(
        db,
        makeId,
        { type: 'imported', name: file.name.slice(0, 200), readings },
        clock.wall(),
      );
      if (!done.ok) return say(done.reason);
      toastGood(`${readings.length} readings lie on the track.`);
      setFile(null);
    } catch (error) {
      sayUnwritten('The readings', error);
    }
  };
  return (
    <>
      <FileButton
        look="quiet"
        text="A logger’s file (CSV)"
        accept=".csv,text/csv,text/plain"
        take={(chosen) => void read(chosen)}
      />
      <Sheet title="A logger’s file" open={file !== null} onOpenChange={(open) => !open && setFile(null)}>
        {file && (
          <div className="mt-3 max-h-[66vh] space-y-2 overflow-y-auto pr-2">
            <Columns
              table={file.table}
              fields={LOG_FIELDS}
              words={WORDS}
              mapping={mapping}
              onChange={setMapping}
            />
            <Select
              label="It tells time"
              value={times}
              options={LOG_TIMES.map((value) => ({ value, text: TIME_WORDS[value] }))}
              onChange={(next) => setTimes(next as LogTimes)}
            />
            <Segments
              label="It reads"
              value={unit}
              options={[
                { value: 'C', text: '°C' },
                { value: 'F', text: '°F' },
              ]}
              onChange={(next) => setUnit(next as 'C' | 'F')}
            />
            <p className="text-[16px]">
              {readings.length} of {rows.length} rows can be taken
              {first && last
                ? `: ${clockText(first.at)} to ${clockText(last.at)}, ${format.temp(min(readings, (one) => one.tempC) ?? 0, 1)} to ${format.temp(max(readings, (one) => one.tempC) ?? 0, 1)}.`
                : '.'}
            </p>
            {wrong.slice(0, MOST_FAULTS).map(({ row, fault }) => (
              <FaultText key={row}>
                Row {row}: {fault.problem}; {fault.remedy}.
              </FaultText>
            ))}
            {wrong.length > MOST_FAULTS && (
              <p className="text-[15px]">…and {wrong.length - MOST_FAULTS} more.</p>
            )}
            <div className="flex justify-end gap-4 pt-2">
              <Button onClick={() => setFile(null)}>Leave it</Button>
              <Button tone="main" disabled={readings.length === 0} onClick={() => void take()}>
                Take {readings.length}
              </Button>
            </div>
          </div>
        )}
      </Sheet>
    </>
  );
}

import { addDays, isValid, parse as parseDate, parseISO } from 'date-fns';
import { BOUNDS } from '../core/faults/bounds';
import type { Fault } from '../core/faults/fault';
import { celsiusOf } from '../core/units/measures';
import { readNumber } from '../core/units/numbers';
import { guessColumns, type Table } from './table';

/** What a column of a logger's file may hold. */
export const LOG_FIELDS = ['time', 'tempC', 'pH'] as const;
export type LogField = (typeof LOG_FIELDS)[number];
export type LogMapping = Partial<Record<LogField, number>>;

const LOOKS: Record<LogField, RegExp> = {
  time: /time|date|zeit|heure|\bmin|\bsec|elapsed/i,
  tempC: /temp|°|celsius|fahrenheit|probe/i,
  pH: /^ph\b|\bph$/i,
};

export const guessLogMapping = (table: Table): LogMapping => guessColumns(table, LOOKS);

/** How a file tells the time: by the clock, or from the make's beginning. */
export const LOG_TIMES = ['clock', 'minutes', 'seconds'] as const;
export type LogTimes = (typeof LOG_TIMES)[number];

export interface LogReading {
  /** ms on the wall clock. */
  at: number;
  tempC: number;
  pH?: number;
}
export type LogRow = { ok: true; reading: LogReading } | { ok: false; fault: Fault };

/** Ways loggers write a moment, the machine's zone understood; a time alone is of the make's own day. */
const WRITTEN = [
  'yyyy-MM-dd HH:mm:ss',
  'yyyy-MM-dd HH:mm',
  'dd.MM.yyyy HH:mm:ss',
  'dd.MM.yyyy HH:mm',
  'dd/MM/yyyy HH:mm:ss',
  'dd/MM/yyyy HH:mm',
  'HH:mm:ss',
  'HH:mm',
] as const;

function clockMs(text: string, startMs: number): number | null {
  const iso = parseISO(text);
  if (text.includes('T') && isValid(iso)) return iso.getTime();
  for (const written of WRITTEN) {
    const read = parseDate(text, written, startMs);
    if (isValid(read)) {
      // After midnight a time alone belongs to the next day.
      const nextDay = written.startsWith('HH') && read.getTime() < startMs - 60_000;
      return (nextDay ? addDays(read, 1) : read).getTime();
    }
  }
  return null;
}

const fault = (path: string, problem: string, remedy: string): LogRow => ({
  ok: false,
  fault: { path, problem, remedy },
});

/** A logger may have been started a day before the make, and its clock may be some minutes ahead, ms. */
const LED_MS = 24 * 3_600_000;
const AHEAD_MS = 10 * 60_000;

/** The readings of a logger's file: `startMs` is the make's beginning, `nowMs` the present; a row that is none says why. */
export function logReadings(
  table: Table,
  mapping: LogMapping,
  { times, unit, startMs, nowMs }: { times: LogTimes; unit: 'C' | 'F'; startMs: number; nowMs: number },
): LogRow[] {
  return table.rows.map((cells): LogRow => {
    const cell = (field: LogField) => {
      const column = mapping[field];
      return column === undefined ? '' : (cells[column] ?? '').trim();
    };
    const count = readNumber(cell('time'));
    const at =
      times === 'clock'
        ? clockMs(cell('time'), startMs)
        : count === null
          ? null
          : startMs + count * (times === 'minutes' ? 60_000 : 1000);
    if (at === null)
      return fault(
        'time',
        `"${cell('time')}" is no ${times === 'clock' ? 'time' : 'number'}`,
        times === 'clock' ? 'give it like 2026-11-26 09:12 or 09:12' : `give ${times} from the beginning`,
      );
    if (at < startMs - LED_MS || at > nowMs + AHEAD_MS)
      return fault(
        'time',
        `"${cell('time')}" lies ${at < startMs ? 'long before this make began' : 'in the future'}`,
        'look whether it tells the time otherwise, or the logger’s clock is wrong',
      );
    const read = readNumber(cell('tempC').replace(/\s*°\s*[CF]?$/i, ''));
    const tempC = read === null ? null : unit === 'F' ? celsiusOf(read) : read;
    const { min, max } = BOUNDS.potTempC;
    if (tempC === null || tempC < min || tempC > max)
      return fault('tempC', `"${cell('tempC')}" is no temperature of a pot`, `give ${min} to ${max} °C`);
    const pH = readNumber(cell('pH'));
    if (cell('pH') !== '' && (pH === null || pH < BOUNDS.probePH.min || pH > BOUNDS.probePH.max))
      return fault('pH', `"${cell('pH')}" is no pH`, `give ${BOUNDS.probePH.min} to ${BOUNDS.probePH.max}`);
    return { ok: true, reading: { at, tempC, ...(pH !== null && { pH }) } };
  });
}

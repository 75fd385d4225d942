import type { Random } from '../src/core/stats/random';
import { formatter, METRIC } from '../src/core/units/format';
import { CONVERT_TO, convert } from '../src/files/convert';
import { checkFile } from '../src/files/kinds';
import { guessMapping, milksOf } from '../src/files/milkTests';
import { readTable } from '../src/files/table';
import { guessLogMapping, logReadings } from '../src/files/thermometerLog';
import { METHODS } from '../src/makes';
import type { Method } from '../src/makes/method';
import { cornerBrief } from '../src/plan/fixtures/cornerBriefs';
import { unseemly, unsound } from '../src/plan/fixtures/soundness';
import { kitOf } from '../src/plan/kit';
import { planFile } from '../src/plan/plan';
import { alarmsOf } from '../src/run/alarms';
import { alarmText } from '../src/run/alarmText';
import { runHands } from '../src/run/clashes';
import { runCourse } from '../src/run/course';
import { readyAt } from '../src/run/expect';
import { coursesIn } from '../src/run/frozen';
import { momentOf } from '../src/run/moment';
import { reviewOf } from '../src/run/review';
import { isOver, type MakeState, stateOf } from '../src/run/state';
import { warmSoFar } from '../src/run/warm';
import { asBefore, restore } from '../src/store/bringBack';
import { Database, READ_TABLES } from '../src/store/db';
import { readLog } from '../src/store/log';
import { backup } from '../src/store/saveAll';
import { exportMake, importMake } from '../src/store/vault';

/** How long the slowest trial took, ms. */
export const slowest = { ms: 0, what: '' };
function timed(what: string, begun: number) {
  const ms = performance.now() - begun;
  if (ms > slowest.ms) Object.assign(slowest, { ms, what });
}
const format = formatter(METRIC);

/** What went wrong with a value that was tried, or nothing. */
export type Found = string[];

let count = 0;
const fresh = () => new Database(`fuzz-${count++}`);

async function tables(db: Database) {
  const rows = await Promise.all(READ_TABLES.map((name) => db.raw.table(name).toArray()));
  return JSON.stringify(
    rows.map((of, i) => (READ_TABLES[i] === 'settings' ? of.filter(({ key }) => key === 'kitchen') : of)),
  );
}

const equal = (one: unknown, other: unknown) => JSON.stringify(sorted(one)) === JSON.stringify(sorted(other));
/** Keys in one order, so that only what they hold is compared. */
function sorted(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sorted);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .filter(([, one]) => one !== undefined)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([key, one]) => [key, sorted(one)]),
  );
}

/** Everything the app draws of a make. */
function drawn(state: MakeState, id: string): void {
  const now = state.startedAt + 3_600_000;
  momentOf(state, format);
  reviewOf(state);
  runHands(state, now);
  warmSoFar(state, now);
  if (!isOver(state)) readyAt(state, now);
  for (const alarm of alarmsOf(id, state)) alarmText(alarm, state, format);
  const courses = coursesIn(state);
  if (courses) runCourse(state, courses, now);
}

/** A make's file: refused without a change, or taken in, drawn, exported and backed up equal. */
async function tryMake(value: unknown): Promise<Found> {
  const db = fresh();
  const taken = await importMake(db, value, 1_795_700_000_000);
  if (!taken.ok)
    return (await db.events.count()) + (await db.makes.count()) > 0 ? ['refused and written'] : [];
  const found: Found = [];
  const log = await readLog(db, taken.value);
  drawn(stateOf(log), taken.value);
  if (log.some((event) => event.type === 'unreadable') && !JSON.stringify(value).includes('unreadable'))
    found.push('accepted and then not readable');
  const out = await exportMake(db, taken.value);
  const again = fresh();
  const back = await importMake(again, JSON.parse(JSON.stringify(out)), 1);
  if (!back.ok || !equal(await exportMake(again, taken.value), out))
    found.push('does not survive its own export');
  const saved = JSON.parse(JSON.stringify(await backup(db)));
  const other = fresh();
  const restored = await restore(other, saved);
  if (!restored.ok) found.push(`its backup is refused: ${JSON.stringify(restored.faults[0])}`);
  else if (!equal(await backup(other), saved)) found.push('does not survive its backup');
  return found;
}

/** A backup: refused without a change, or brought back equal and undone to the row. */
async function tryBackup(value: unknown): Promise<Found> {
  const db = fresh();
  await db.milks.put({
    id: 'here',
    name: 'here',
    species: 'goat',
    fatPct: 4,
    proteinPct: 3,
    treatment: 'raw',
    homogenised: false,
    pH: null,
    startC: 5,
    pricePerLitre: null,
  });
  const before = await tables(db);
  const restored = await restore(db, value);
  if (!restored.ok) return (await tables(db)) === before ? [] : ['refused and changed'];
  const found: Found = [];
  const saved = JSON.parse(JSON.stringify(await backup(db)));
  const other = fresh();
  const again = await restore(other, saved);
  if (!again.ok) found.push(`its backup is refused: ${JSON.stringify(again.faults[0])}`);
  else if (!equal(await backup(other), saved)) found.push('does not survive its backup');
  await asBefore(db);
  if ((await tables(db)) !== before) found.push('cannot be undone');
  return found;
}

/** A method: every plan of it, at every corner, is one that can be, or is refused in seemly words. */
function tryMethod(value: Method, random: Random): Found {
  const method = { ...value, id: 'under-trial' };
  const found: Found = [];
  for (let i = 0; i < 4; i++) {
    const result = planFile(cornerBrief(Math.floor(random() * 1e9), [method]), {
      spread: false,
      methods: [method],
    });
    if (result.ok) {
      found.push(...unsound(result.value));
      kitOf(result.value, format);
    } else found.push(...unseemly(result.faults));
  }
  return found;
}

/** A file of any format through the very functions the app uses; what it finds wrong, a crash or a hang among it. */
export async function tryFile(value: unknown, random: Random): Promise<Found> {
  const begun = performance.now();
  const found: Found = [];
  try {
    const checked = checkFile(value);
    if (!checked.ok) found.push(...unseemly(checked.faults));
    const format = (value as { format?: unknown } | null)?.format;
    if (checked.ok || format === 'plump-pail/make' || format === 'plump-pail/backup')
      found.push(...(await tryByFormat(String(format), value, random)));
  } catch (error) {
    found.push(`throws: ${(error as Error).stack?.split('\n').slice(0, 3).join(' ')}`);
  }
  const named = (value as { format?: unknown } | null)?.format;
  timed(typeof named === 'string' ? named : 'a file of no format', begun);
  return found;
}

async function tryByFormat(format: string, value: unknown, random: Random): Promise<Found> {
  switch (format) {
    case 'plump-pail/make':
      for (const to of CONVERT_TO) convert(value, to);
      return tryMake(value);
    case 'plump-pail/backup':
      return tryBackup(value);
    case 'plump-pail/plan':
      for (const to of CONVERT_TO) convert(value, to);
      return [];
    case 'plump-pail/method':
      return tryMethod(value as Method, random);
    default: {
      const result = planFile(value, { spread: false });
      return result.ok ? unsound(result.value) : unseemly(result.faults);
    }
  }
}

/** A brief at the corners of its bounds. */
export function tryCorner(seed: number): Found {
  const begun = performance.now();
  try {
    const result = planFile(JSON.parse(JSON.stringify(cornerBrief(seed, METHODS))), { spread: false });
    const found = result.ok ? unsound(result.value) : unseemly(result.faults);
    timed(`corner ${seed}`, begun);
    return found;
  } catch (error) {
    return [`throws: ${(error as Error).stack?.split('\n').slice(0, 3).join(' ')}`];
  }
}

const TORN = [
  '"',
  ',',
  ';',
  '\n',
  '\r',
  '\u0000',
  '9e99',
  '-',
  'NaN',
  '1e400',
  '31.5',
  '09:12',
  '\ufeff',
  '=1+1',
];

/** A table as a logger or a laboratory might write it, torn. */
export function tryTable(random: Random): Found {
  let text = 'time,temp (°C),pH,fat,protein,name\n';
  const length = Math.floor(random() * 200);
  for (let i = 0; i < length; i++) text += TORN[Math.floor(random() * TORN.length)];
  try {
    const table = readTable(text);
    logReadings(table, guessLogMapping(table), {
      times: 'clock',
      unit: 'C',
      startMs: 1_795_680_000_000,
      nowMs: 1_795_780_000_000,
    });
    milksOf(table, guessMapping(table), { species: 'cow', treatment: 'raw', crude: true }, (i) => `row-${i}`);
    return [];
  } catch (error) {
    return [`throws at ${JSON.stringify(text)}: ${(error as Error).message}`];
  }
}

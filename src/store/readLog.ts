import { faultLine } from '../core/faults/fault';
import { parse } from '../core/faults/zodFaults';
import { eventSchema, type MakeEvent, MOST_RAW } from '../run/events';
import { stateOf } from '../run/state';
import type { StoredEvent } from './db';

/** The log of a make, or why it cannot be read. */
export type ReadLog = { ok: true; log: MakeEvent[] } | { ok: false; why: string };

const isRow = (row: unknown): row is { seq?: unknown; at?: unknown; type?: unknown; raw?: unknown } =>
  typeof row === 'object' && row !== null;

/** An entry as it stands under its make, without the make's name. */
const bare = (row: unknown): unknown => {
  if (!isRow(row)) return row;
  const { makeId: _, ...event } = row as StoredEvent;
  return event;
};

/** An entry that was set aside earlier, tried again: a later version may read it. */
function triedAgain(event: MakeEvent): MakeEvent {
  if (event.type !== 'unreadable') return event;
  try {
    const read = eventSchema.safeParse(JSON.parse(event.raw));
    return read.success && read.data.seq === event.seq && read.data.type !== 'started' ? read.data : event;
  } catch {
    return event;
  }
}

/**
 * The entry at place `seq` of a log; one that cannot be read keeps its place and its words and does nothing, so that
 * one torn entry never costs the make. `before` is the entry's forerunner.
 */
export function readEntry(row: unknown, seq: number, before: MakeEvent | undefined): MakeEvent {
  const event = bare(row);
  const read = eventSchema.safeParse(event);
  if (read.success && read.data.seq === seq) return triedAgain(read.data);
  return {
    type: 'unreadable',
    seq,
    at: before?.at ?? 0,
    raw: (JSON.stringify(event) ?? 'undefined').slice(0, MOST_RAW),
  };
}

/**
 * Reads the rows of one make, in order of their places, on from `known`. A make whose start cannot be read, or that
 * lacks an entry, is refused whole.
 */
export function readLogRows(rows: readonly unknown[], known: readonly MakeEvent[] = []): ReadLog {
  const log = [...known];
  for (const row of rows) {
    const seq = log.length;
    if (isRow(row) && row.seq !== seq) return { ok: false, why: `entry ${seq} of its log is missing` };
    if (seq === 0) {
      const first = parse<MakeEvent>(eventSchema, bare(row));
      const fault = first.ok ? undefined : first.faults[0];
      if (!first.ok || first.value.type !== 'started')
        return { ok: false, why: `its start cannot be read${fault ? ` (${faultLine(fault)})` : ''}` };
      log.push(first.value);
    } else log.push(readEntry(row, seq, log.at(-1)));
  }
  if (log.length === 0) return { ok: false, why: 'it has no entries' };
  // What is added to a log that has been read goes by the same fold, and is checked where it is added.
  if (known.length > 0) return { ok: true, log };
  try {
    stateOf(log);
  } catch {
    return { ok: false, why: 'what its entries say does not go together' };
  }
  return { ok: true, log };
}

import { z } from 'zod';
import { idText } from '../core/faults/bounds';
import type { Result } from '../core/faults/fault';
import { parse } from '../core/faults/zodFaults';
import { unfinishedSchema } from '../makes/unfinished';
import { eventSchema } from '../run/events';

const makeIdSchema = idText();

/** An event in its table carries the make it belongs to. */
function readEventRow(row: unknown): Result<unknown> {
  const { makeId, ...event } = row as { makeId: unknown };
  const id = parse(makeIdSchema, makeId);
  if (!id.ok) return id;
  const read = parse(eventSchema, event);
  return read.ok ? { ok: true, value: { ...read.value, makeId: id.value } } : read;
}

const methodRow = z.object({ id: z.string().max(60), method: unfinishedSchema });

/** What the tables of logs and of own makes may hold. */
export const OF_MAKES = { events: readEventRow, methods: (row: unknown) => parse(methodRow, row) };

import { z } from 'zod';
import type { Method } from '../makes/method';
import { readRow } from './kept';
import type { WaitingRoom } from './settings';

const keyOf = (id: string) => `typed:method:${id}`;

const typedSchema = z.object({
  /** The make as it stood on the disk when it was typed at, and every version since, as text. */
  versions: z.array(z.string()),
  next: z.unknown(),
});

/** Holds what was typed into a make of one's own until the disk has it: a reload drops a write under way. Gives back what lets it go. */
export function holdTyped(room: WaitingRoom, versions: readonly string[], next: Method): () => void {
  const key = keyOf(next.id);
  const text = JSON.stringify({ versions, next });
  try {
    room.setItem(key, text);
  } catch {
    // A full room only costs what a reload in this very instant would.
  }
  return () => {
    if (room.getItem(key) === text) room.removeItem(key);
  };
}

/** What was typed into a make last and never came to the disk; null where nothing was, or where it has been written otherwise since. */
export function typedLast(room: WaitingRoom, kept: Method): Method | null {
  const text = room.getItem(keyOf(kept.id));
  if (text === null) return null;
  try {
    const { versions, next } = typedSchema.parse(JSON.parse(text));
    const row = readRow<{ method: Method }>('methods', { id: kept.id, method: next });
    return row.ok && versions.includes(JSON.stringify(kept)) ? row.value.method : null;
  } catch {
    return null;
  }
}

import { z } from 'zod';
import { bounded } from '../core/faults/bounds';
import type { Summary } from '../run/line';

/** When a backup was last saved on this device, and until when nobody wants to be asked; wall ms, null where never. */
export const savedSchema = z.strictObject({
  at: bounded('wallMs').nullable(),
  putOffUntil: bounded('wallMs').nullable(),
});
export type Saved = z.infer<typeof savedSchema>;
export const NEVER_SAVED: Saved = { at: null, putOffUntil: null };

const DAY_MS = 86_400_000;
/** So much has to have happened, and so long ago, that a backup is offered. Judgement. */
const MAKES = 5;
const DAYS = 14;
/** Put off, it is offered again after so many days. */
const AGAIN_DAYS = 7;

/** What has happened since a backup was last saved. */
export interface Offer {
  makes: number;
  days: number;
  /** Whether there was one at all. */
  ever: boolean;
}

/**
 * What a backup would save that the last one does not, where that is enough to be asked about; null otherwise. Days count from the
 * last backup, or from the first make where there was none.
 *
 * @example backupOffer(lines, { at: null, putOffUntil: null }, now) // { makes: 6, days: 20, ever: false }
 */
export function backupOffer(
  lines: readonly Pick<Summary, 'startedAt' | 'endedAt'>[],
  { at, putOffUntil }: Saved,
  now: number,
): Offer | null {
  if (putOffUntil !== null && putOffUntil > now) return null;
  const since = lines.filter(({ endedAt }) => endedAt !== null && endedAt > (at ?? 0));
  const from = at ?? Math.min(now, ...since.map(({ startedAt }) => startedAt));
  const days = Math.floor((now - from) / DAY_MS);
  return since.length >= MAKES && days >= DAYS ? { makes: since.length, days, ever: at !== null } : null;
}

/** The same, put off from now on. */
export const putOff = (saved: Saved, now: number): Saved => ({
  ...saved,
  putOffUntil: now + AGAIN_DAYS * DAY_MS,
});

import { BOUNDS } from '../core/faults/bounds';
import type { MakeEvent } from './events';

/** What a reading holds, and what it may be, by its kind. */
const READABLE = {
  temperature: ['tempC', BOUNDS.potTempC],
  pH: ['pH', BOUNDS.probePH],
  weighed: ['kg', BOUNDS.kg],
} as const;

/** The values readings were put right to, by the reading's place in the log; of several the latest. */
export const correctionsIn = (
  events: readonly MakeEvent[],
  undone: ReadonlySet<number>,
): ReadonlyMap<number, number> =>
  new Map(
    events.flatMap((event) =>
      event.type === 'corrected' && !undone.has(event.seq) ? [[event.target, event.value] as const] : [],
    ),
  );

/** A reading as it was put right later; as it stands where nobody did, or where the new value cannot be. */
export function putRight(event: MakeEvent, corrections: ReadonlyMap<number, number>): MakeEvent {
  const value = corrections.get(event.seq);
  if (value === undefined || !(event.type in READABLE)) return event;
  const [key, { min, max }] = READABLE[event.type as keyof typeof READABLE];
  if (value < min || value > max) return event;
  const { shown: _, ...rest } = event as MakeEvent & { shown?: unknown };
  return { ...rest, [key]: value } as MakeEvent;
}

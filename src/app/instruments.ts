import { z } from 'zod';
import { bounded } from '../core/faults/bounds';
import type { Clock, Instruments } from '../store/ports';

const reading = z.object({
  format: z.literal('plump-pail/reading'),
  version: z.literal(1),
  simulated: z.boolean().optional(),
  kg: bounded('kg').optional(),
  tempC: bounded('potTempC').optional(),
  pH: bounded('probePH').optional(),
});

/** Silence for this long is a lost probe, ms. */
const LOST_MS = 8_000;
const WATCH_MS = 1000;

/** What a message says; null for one that is no reading. */
function readingIn(text: string): z.infer<typeof reading> | null {
  try {
    return reading.safeParse(JSON.parse(text)).data ?? null;
  } catch {
    return null;
  }
}

/** Instruments behind the server: a stream of events, opened again by the browser itself. docs/instruments.md has the protocol. */
export const serverInstruments = (clock: Clock): Instruments => ({
  listen({ id, litres, tempC }, hear) {
    const source = new EventSource(
      `/bench/readings?pot=${encodeURIComponent(id)}&litres=${litres}&tempC=${tempC}`,
    );
    let heard = clock.mono();
    source.onmessage = (event) => {
      const read = readingIn(event.data);
      if (!read) return;
      heard = clock.mono();
      hear(read);
    };
    const watch = setInterval(() => clock.mono() - heard > LOST_MS && hear(null), WATCH_MS);
    return () => {
      source.close();
      clearInterval(watch);
    };
  },
});

import type { Response } from 'express';

/** So much may wait for a listener that takes nothing off, bytes. */
const MOST_WAITING = 65_536;

/**
 * Sends to a listener. One that has stopped taking anything off is let go before what waits for it piles up: a browser comes back by
 * itself when it can, and hears what is so then.
 */
export function sendTo(
  listener: Pick<Response, 'write' | 'destroy' | 'writableLength'>,
  message: string,
): void {
  if (listener.writableLength > MOST_WAITING) listener.destroy();
  else listener.write(message);
}

import { describe, expect, it } from 'vitest';
import { sendTo } from './listener';

/** A listener that takes nothing off any more after so many messages. */
function slow(after: number) {
  let waiting = 0;
  const heard: string[] = [];
  let gone = false;
  return {
    heard,
    get gone() {
      return gone;
    },
    get writableLength() {
      return waiting;
    },
    write(text: string) {
      heard.push(text);
      if (heard.length > after) waiting += text.length;
      return true;
    },
    destroy() {
      gone = true;
      return this as never;
    },
  };
}

describe('a listener', () => {
  it('hears everything as long as it takes it off', () => {
    const one = slow(Number.POSITIVE_INFINITY);
    for (let i = 0; i < 5000; i++) sendTo(one, `data: ${i}\n\n`);
    expect(one.heard.length).toBe(5000);
    expect(one.gone).toBe(false);
  });

  it('is let go when it has stopped, before much has piled up', () => {
    const one = slow(10);
    const message = 'x'.repeat(150);
    let sent = 0;
    while (!one.gone && sent < 100_000) {
      sendTo(one, message);
      sent += 1;
    }
    expect(one.gone).toBe(true);
    expect(one.writableLength).toBeLessThan(70_000);
    expect(one.heard.length).toBeGreaterThan(100);
  });
});

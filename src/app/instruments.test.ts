import { afterEach, describe, expect, it, vi } from 'vitest';
import type { InstrumentReading } from '../store/ports';
import { serverInstruments } from './instruments';

/** A stream that says what it is told to. */
class Stream {
  static last: Stream | null = null;
  onmessage: ((event: { data: string }) => void) | null = null;
  closed = false;
  constructor(readonly url: string) {
    Stream.last = this;
  }
  say(value: unknown) {
    this.onmessage?.({ data: typeof value === 'string' ? value : JSON.stringify(value) });
  }
  close() {
    this.closed = true;
  }
}

describe('instruments behind the server', () => {
  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  it('are heard where they speak the protocol, told lost where they fall silent, and let go', () => {
    vi.useFakeTimers();
    vi.stubGlobal('EventSource', Stream);
    const clock = { wall: () => Date.now(), mono: () => Date.now() };
    const heard: (InstrumentReading | null)[] = [];
    const letGo = serverInstruments(clock).listen({ id: 'a b', litres: 8, tempC: 12 }, (read) =>
      heard.push(read),
    );
    const stream = Stream.last as Stream;
    expect(stream.url).toBe('/bench/readings?pot=a%20b&litres=8&tempC=12');
    stream.say({ format: 'plump-pail/reading', version: 1, tempC: 31.2 });
    stream.say('not a reading');
    stream.say({ format: 'plump-pail/reading', version: 1, tempC: 9000 });
    expect(heard).toEqual([{ format: 'plump-pail/reading', version: 1, tempC: 31.2 }]);
    vi.advanceTimersByTime(7_000);
    expect(heard).toHaveLength(1);
    vi.advanceTimersByTime(3_000);
    expect(heard.at(-1)).toBeNull();
    stream.say({ format: 'plump-pail/reading', version: 1, pH: 6.4 });
    expect(heard.at(-1)?.pH).toBe(6.4);
    letGo();
    expect(stream.closed).toBe(true);
    const before = heard.length;
    vi.advanceTimersByTime(60_000);
    expect(heard).toHaveLength(before);
  });
});

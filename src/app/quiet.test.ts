import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { watchQuiet } from './quiet';

describe('a page that is watched for what its user does', () => {
  beforeEach(() => vi.useFakeTimers());
  afterEach(() => vi.useRealTimers());

  /** Whether what was asked for has come. */
  function asked(quiet: () => Promise<void>) {
    const told = { came: false };
    void quiet().then(() => {
      told.came = true;
    });
    return told;
  }

  it('is quiet at once while nobody does anything', async () => {
    const told = asked(watchQuiet(new EventTarget()));
    await vi.advanceTimersByTimeAsync(0);
    expect(told.came).toBe(true);
  });

  it('is quiet only when whoever scrolls has stopped, and lets all go on who waited', async () => {
    const page = new EventTarget();
    const quiet = watchQuiet(page);
    page.dispatchEvent(new Event('scroll'));
    const both = [asked(quiet), asked(quiet)];
    for (let i = 0; i < 20; i++) {
      await vi.advanceTimersByTimeAsync(100);
      page.dispatchEvent(new Event(i % 2 ? 'keydown' : 'wheel'));
    }
    expect(both.map(({ came }) => came)).toEqual([false, false]);
    await vi.advanceTimersByTimeAsync(1000);
    expect(both.map(({ came }) => came)).toEqual([true, true]);
    const after = asked(quiet);
    await vi.advanceTimersByTimeAsync(0);
    expect(after.came).toBe(true);
  });
});

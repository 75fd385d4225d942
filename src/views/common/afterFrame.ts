import { startTransition, useEffect, useLayoutEffect, useState } from 'react';
import { flushSync } from 'react-dom';

/** Has something done when what stands on the page now has been painted; what comes back takes that back. */
export function afterFrame(work: () => void): () => void {
  let then: ReturnType<typeof setTimeout>;
  const frame = requestAnimationFrame(() => {
    then = setTimeout(work);
  });
  return () => {
    cancelAnimationFrame(frame);
    clearTimeout(then);
  };
}

/** What may follow a value: the value as it was, until the frame that shows what comes at once is painted; of many in a row, the last. */
export function useFollowing<T>(value: T): T {
  const [followed, follow] = useState(value);
  useEffect(() => afterFrame(() => startTransition(() => follow(value))), [value]);
  return followed;
}

/** Longer than between two keys of one who types fast: what nobody looks at while typing waits for the hands to rest. */
const REST_MS = 250;

/**
 * What may follow when the hands rest, of a value that has come to rest itself: at once where it is there for the first time, or of something
 * else. What is printed is the latest, rested or not.
 */
export function useAtRest<T extends object>(
  value: T | null,
  latest: T | null,
  same: (a: T, b: T) => boolean,
): T | null {
  const [rested, rest] = useState<T | null>(null);
  useEffect(() => {
    const follow = () => startTransition(() => rest(value));
    if (!value || !rested || !same(value, rested)) return afterFrame(follow);
    const timer = setTimeout(follow, REST_MS);
    return () => clearTimeout(timer);
  }, [value, rested, same]);
  useLayoutEffect(() => {
    const printed = () => flushSync(() => rest(latest));
    window.addEventListener('beforeprint', printed);
    return () => window.removeEventListener('beforeprint', printed);
  }, [latest]);
  return rested;
}

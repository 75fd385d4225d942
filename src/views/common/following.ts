import { startTransition, useEffect, useLayoutEffect, useRef, useState } from 'react';
import { flushSync } from 'react-dom';
import { afterFrame } from '../../ui/afterFrame';

/** Whether two values are of the same thing, so that one may stand for the other a moment longer. */
type Same<T> = (a: T, b: T) => boolean;

/**
 * What may follow a value: the value as it was, until the frame that shows what comes at once is painted; of many in a row, the last. A value
 * of something else is followed at once.
 */
export function useFollowing<T extends object>(value: T | null, same: Same<T>): T | null {
  const [followed, follow] = useState(value);
  useEffect(() => afterFrame(() => startTransition(() => follow(value))), [value]);
  return value && followed && same(value, followed) ? followed : value;
}

/** Longer than between two keys of one who types fast: what nobody looks at while typing waits for the hands to rest. */
const REST_MS = 250;

/**
 * What may follow when the hands rest, of a value that has come to rest itself: at once where it is there for the first time, or of something
 * else. What is printed is the latest, rested or not.
 */
export function useAtRest<T extends object>(value: T | null, latest: T | null, same: Same<T>): T | null {
  const [rested, rest] = useState<T | null>(null);
  const stands = useRef(rested);
  stands.current = rested;
  useEffect(() => {
    const follow = () => startTransition(() => rest(value));
    if (!value || !stands.current || !same(value, stands.current)) return afterFrame(follow);
    const timer = setTimeout(follow, REST_MS);
    return () => clearTimeout(timer);
  }, [value, same]);
  useLayoutEffect(() => {
    const printed = () => flushSync(() => rest(latest));
    window.addEventListener('beforeprint', printed);
    return () => window.removeEventListener('beforeprint', printed);
  }, [latest]);
  return rested;
}

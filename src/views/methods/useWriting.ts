import { useEffect, useRef, useState } from 'react';
import type { Method } from '../../makes/method';
import { holdTyped, typedLast } from '../../store/typedMethod';

/**
 * A make as it is being written: what was typed last, whether or not it has been kept and read back yet, so that two
 * changes in quick succession are both in it. What another window wrote takes its place.
 */
export function useWriting(
  kept: Method,
  keep: (next: Method) => Promise<boolean>,
): readonly [Method, (change: (was: Method) => Method) => void] {
  const [typed, setTyped] = useState<Method | null>(null);
  const latest = useRef(kept);
  /** What it was and every version since, until the last of them is read back. */
  const versions = useRef<string[]>([]);
  useEffect(() => {
    const at = versions.current.lastIndexOf(JSON.stringify(kept));
    if (at >= 0 && at < versions.current.length - 1) return;
    versions.current = [];
    latest.current = kept;
    setTyped(null);
  }, [kept]);
  const room = globalThis.localStorage;
  const change = (how: (was: Method) => Method) => {
    if (versions.current.length === 0) versions.current.push(JSON.stringify(latest.current));
    const next = how(latest.current);
    latest.current = next;
    versions.current.push(JSON.stringify(next));
    setTyped(next);
    const letGo = holdTyped(room, versions.current, next);
    void keep(next).then((done) => done && letGo());
  };
  const begun = useRef(false);
  useEffect(() => {
    if (begun.current) return;
    begun.current = true;
    const left = typedLast(room, kept);
    if (left) change(() => left);
  });
  return [typed ?? kept, change];
}

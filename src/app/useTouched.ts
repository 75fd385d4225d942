import { type RefObject, useEffect, useRef } from 'react';

/** Whether somebody has pressed anything since the page was opened: the browser's own sign of it outlives a reload. */
export function useTouched(): RefObject<boolean> {
  const touched = useRef(false);
  useEffect(() => {
    const whenTouched = new AbortController();
    const touch = () => {
      touched.current = true;
      whenTouched.abort();
    };
    for (const kind of ['pointerdown', 'keydown'] as const)
      addEventListener(kind, touch, { capture: true, signal: whenTouched.signal });
    return () => whenTouched.abort();
  }, []);
  return touched;
}

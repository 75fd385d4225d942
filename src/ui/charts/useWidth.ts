import { useLayoutEffect, useRef, useState } from 'react';

/** The width of an element, px, kept as it changes; `first` until it is known. */
export function useWidth<E extends HTMLElement>(first: number) {
  const ref = useRef<E>(null);
  const [width, setWidth] = useState(first);
  useLayoutEffect(() => {
    const element = ref.current;
    if (!element) return;
    const watch = new ResizeObserver(() => setWidth(element.clientWidth));
    watch.observe(element);
    setWidth(element.clientWidth);
    return () => watch.disconnect();
  }, []);
  return [ref, width] as const;
}

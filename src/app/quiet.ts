/** Whoever scrolls, points or types has stopped doing so after this long, ms. */
const OVER_MS = 400;
const ACTS = ['scroll', 'wheel', 'touchmove', 'pointerdown', 'keydown'] as const;

/**
 * Watches a page for what its user does: what comes back resolves at once where nobody does anything, and otherwise when that is over. Work
 * that nobody waits for asks it before each of its parts, since a machine of two cores draws late frames beside it.
 */
export function watchQuiet(page: EventTarget): () => Promise<void> {
  let over: ReturnType<typeof setTimeout> | undefined;
  let waiting: (() => void)[] = [];
  const act = () => {
    clearTimeout(over);
    over = setTimeout(() => {
      over = undefined;
      for (const go of waiting) go();
      waiting = [];
    }, OVER_MS);
  };
  for (const kind of ACTS) page.addEventListener(kind, act, { passive: true, capture: true });
  return () =>
    over === undefined ? Promise.resolve() : new Promise((resolve) => waiting.push(() => resolve()));
}

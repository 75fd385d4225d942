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

/** A page nobody sees paints no frames: what waits for one waits no longer than this, ms. */
const UNSEEN_MS = 250;

/** Resolves when what stands on the page now has been painted, or where nothing is. */
export const painted = () =>
  new Promise<void>((resolve) => {
    afterFrame(resolve);
    setTimeout(resolve, UNSEEN_MS);
  });

/** Seconds gone since it was started: how long a worker has been at it, and never what time it is. */
export function stopwatch(): () => number {
  const from = performance.now();
  return () => (performance.now() - from) / 1000;
}

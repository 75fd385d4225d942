/**
 * Non-negative least squares: x ≥ 0 that minimises |A x − b|², by Lawson and Hanson's active set (1974). `rows` is A by
 * rows; small and dense.
 */
export function nonNegativeLeastSquares(
  rows: readonly (readonly number[])[],
  b: readonly number[],
): number[] {
  const n = rows[0]?.length ?? 0;
  const x = new Array<number>(n).fill(0);
  const free = new Set<number>();
  const gradient = (): number[] => {
    const residual = rows.map(
      (row, i) => (b[i] as number) - row.reduce((sum, a, j) => sum + a * (x[j] as number), 0),
    );
    return Array.from({ length: n }, (_, j) =>
      rows.reduce((sum, row, i) => sum + (row[j] as number) * (residual[i] as number), 0),
    );
  };
  const scale = Math.max(1e-300, ...rows.flat().map(Math.abs)) * Math.max(1e-300, ...b.map(Math.abs));
  for (let round = 0; round < 3 * n + 10; round++) {
    const w = gradient();
    let best = -1;
    for (let j = 0; j < n; j++)
      if (
        !free.has(j) &&
        (w[j] as number) > 1e-11 * scale &&
        (best < 0 || (w[j] as number) > (w[best] as number))
      )
        best = j;
    if (best < 0) return x;
    free.add(best);
    for (;;) {
      const chosen = [...free];
      const s = solveNormal(rows, b, chosen);
      const lowest = Math.min(...s);
      if (lowest > 0) {
        x.fill(0);
        chosen.forEach((j, k) => {
          x[j] = s[k] as number;
        });
        break;
      }
      // Go as far towards the solution as stays feasible, and let go of what reaches zero.
      let share = 1;
      chosen.forEach((j, k) => {
        const now = x[j] as number;
        const next = s[k] as number;
        if (next <= 0) share = Math.min(share, now / (now - next));
      });
      chosen.forEach((j, k) => {
        x[j] = (x[j] as number) + share * ((s[k] as number) - (x[j] as number));
        if ((x[j] as number) <= 1e-12) {
          x[j] = 0;
          free.delete(j);
        }
      });
      if (free.size === 0) break;
    }
  }
  return x;
}

/** Least squares on the chosen columns by the normal equations and Gaussian elimination with pivoting. */
function solveNormal(
  rows: readonly (readonly number[])[],
  b: readonly number[],
  chosen: readonly number[],
): number[] {
  const m = chosen.map((j) => [
    ...chosen.map((k) => rows.reduce((sum, row) => sum + (row[j] as number) * (row[k] as number), 0)),
    rows.reduce((sum, row, i) => sum + (row[j] as number) * (b[i] as number), 0),
  ]);
  const n = chosen.length;
  for (let c = 0; c < n; c++) {
    let pivot = c;
    for (let r = c + 1; r < n; r++)
      if (Math.abs(m[r]?.[c] as number) > Math.abs(m[pivot]?.[c] as number)) pivot = r;
    [m[c], m[pivot]] = [m[pivot] as number[], m[c] as number[]];
    const top = m[c] as number[];
    if (Math.abs(top[c] as number) < 1e-300) continue;
    for (let r = 0; r < n; r++) {
      if (r === c) continue;
      const row = m[r] as number[];
      const factor = (row[c] as number) / (top[c] as number);
      for (let k = c; k <= n; k++) row[k] = (row[k] as number) - factor * (top[k] as number);
    }
  }
  return m.map((row, i) => ((row[i] as number) === 0 ? 0 : (row[n] as number) / (row[i] as number)));
}

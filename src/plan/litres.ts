import { BOUNDS } from '../core/faults/bounds';
import { Infeasible } from '../core/faults/fault';
import { toFigures } from '../core/units/numbers';

/**
 * Litres of milk that give `wantKg`, by the secant rule on `yieldOf`, which is all but proportional to the litres;
 * to a relative 1e-9. Throws Infeasible outside the litres a plan may have.
 */
export function litresFor(wantKg: number, yieldOf: (litres: number) => number): number {
  const { min, max } = BOUNDS.litres;
  const within = (litres: number) => Math.min(max, Math.max(min, litres));
  let litres = within(wantKg / yieldOf(1));
  for (let i = 0; i < 40; i++) {
    const made = yieldOf(litres);
    const next = within((litres * wantKg) / made);
    const settled = Math.abs(next - litres) < 1e-9 * litres;
    litres = next;
    if (settled) break;
  }
  const made = yieldOf(litres);
  if (Math.abs(made - wantKg) > 1e-6 * wantKg) {
    const [least, most] = [yieldOf(min), yieldOf(max)];
    // As few figures as keep the lower below the upper.
    const figures = [2, 3, 4, 5].find(
      (n) => Number(toFigures(least, n, Math.ceil)) <= Number(toFigures(most, n, Math.floor)),
    );
    throw new Infeasible({
      path: 'wantKg',
      problem: `is ${toFigures(wantKg, 3)}, which would take ${toFigures((litres * wantKg) / made, 3)} L of milk`,
      remedy: `give ${toFigures(least, figures ?? 6, Math.ceil)} to ${toFigures(most, figures ?? 6, Math.floor)} kg`,
      bounds: { min: least, max: most },
    });
  }
  return litres;
}

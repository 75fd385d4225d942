import { BOUNDS } from '../core/faults/bounds';
import { Infeasible } from '../core/faults/fault';

/**
 * Litres of milk that give `wantKg`, by the secant rule on `yieldOf`, which is all but proportional to the litres;
 * to a relative 1e-9. Throws Infeasible outside the litres a plan may have.
 */
export function litresFor(wantKg: number, yieldOf: (litres: number) => number): number {
  let litres = wantKg / yieldOf(1);
  for (let i = 0; i < 20; i++) {
    const made = yieldOf(Math.max(litres, 0.01));
    const next = (litres * wantKg) / made;
    const settled = Math.abs(next - litres) < 1e-9 * litres;
    litres = next;
    if (settled) break;
  }
  const { min, max } = BOUNDS.litres;
  if (litres < min || litres > max) {
    const perLitre = wantKg / litres;
    throw new Infeasible({
      path: 'wantKg',
      problem: `is ${wantKg}, which would take ${litres.toPrecision(3)} L of milk`,
      remedy: `give ${(min * perLitre).toPrecision(2)} to ${Math.floor(max * perLitre)} kg`,
      bounds: { min: min * perLitre, max: max * perLitre },
    });
  }
  return litres;
}

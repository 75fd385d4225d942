import type { Buffer } from '../acid/buffer';
import { powOf } from '../numeric/elementary';

/** pKa of lactic acid. From memory. */
const LACTIC_KA = powOf(10, -3.76);
const LOWEST_PH = 3.7;
const FINE_STEP_PH = 0.02;

/**
 * pH of a milk against the lactic acid formed in it, mol/L: the direct dose at a row of pH values `stepPH` apart, read
 * backwards with straight lines between.
 */
export function lacticCurve(milk: Buffer, stepPH = FINE_STEP_PH): (lactate: number) => number {
  const rows = Math.ceil((milk.pH0 - LOWEST_PH) / stepPH);
  const lactate = new Float64Array(rows + 1);
  const before = milk.boundAt(milk.pH0) + powOf(10, -milk.pH0);
  for (let i = 1; i <= rows; i++) {
    const pH = milk.pH0 - i * stepPH;
    const h = powOf(10, -pH);
    // Strong acid to here, over the share of the lactic acid that gives its proton up.
    lactate[i] = (milk.boundAt(pH) + h - before) * (1 + h / LACTIC_KA);
  }
  let near = 0;
  return (amount) => {
    if (amount <= 0) return milk.pH0;
    while (near < rows - 1 && (lactate[near + 1] as number) < amount) near++;
    while (near > 0 && (lactate[near] as number) > amount) near--;
    const l0 = lactate[near] as number;
    const share = Math.min(1, (amount - l0) / ((lactate[near + 1] as number) - l0));
    return milk.pH0 - (near + share) * stepPH;
  };
}

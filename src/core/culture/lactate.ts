import type { Buffer } from '../acid/buffer';
import { strongAcidDemand } from '../acid/titrate';

/** pKa of lactic acid. From memory. */
const LACTIC_PKA = 3.76;
const LOWEST_PH = 3.7;
const FINE_STEP_PH = 0.02;

/**
 * pH of a milk against the lactic acid formed in it, mol/L: the direct dose at a row of pH values `stepPH` apart, read
 * backwards with straight lines between.
 */
export function lacticCurve(milk: Buffer, stepPH = FINE_STEP_PH): (lactate: number) => number {
  const rows = Math.ceil((milk.pH0 - LOWEST_PH) / stepPH);
  const lactate = new Float64Array(rows + 1);
  for (let i = 1; i <= rows; i++) {
    const pH = milk.pH0 - i * stepPH;
    const bound = 1 / (1 + 10 ** (pH - LACTIC_PKA));
    lactate[i] = strongAcidDemand(milk, pH) / (1 - bound);
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

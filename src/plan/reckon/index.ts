import { bad, good, Infeasible, type Result } from '../../core/faults/fault';
import { parse } from '../../core/faults/zodFaults';
import { acidDose, acidPH, coagulation } from './acid';
import type { Computation } from './computation';
import { press, yieldOfMilk } from './curd';
import { boil, heatMix, salt, spoons } from './kitchen';

/** The register of computations that stand alone. */
export const COMPUTATIONS: readonly Computation[] = [
  acidPH,
  acidDose,
  coagulation,
  yieldOfMilk,
  spoons,
  heatMix,
  salt,
  press,
  boil,
];

/** Runs one computation on unread input. */
export function reckon(computation: Computation, input: unknown): Result<Record<string, unknown>> {
  const read = parse<unknown>(computation.schema, input);
  if (!read.ok) return read;
  try {
    return good(computation.compute(read.value as never));
  } catch (error) {
    if (error instanceof Infeasible) return bad(error.fault);
    throw error;
  }
}

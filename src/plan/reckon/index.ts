import { bad, good, Infeasible, type Result } from '../../core/faults/fault';
import { parse } from '../../core/faults/zodFaults';
import { acidDose, acidPH, coagulation } from './acid';
import { blend, cost, standardise } from './blend';
import { brine, brineTime, cheeseInBrine, saltLoss } from './brine';
import { clottingTime, coagulantDose, strength } from './coagulant';
import type { Computation } from './computation';
import { acidification } from './culture';
import { press, yieldOfMilk } from './curd';
import { drain } from './drain';
import { coolDown, denaturation, hotWater, microwave, pasteurise, sinkBath } from './heat';
import { boil, heatMix, salt, spoons } from './kitchen';
import { coolThrough, fridgeDaysOf, slowSouring } from './safety';
import { stretchWindow } from './stretch';

/** The register of computations that stand alone. */
export const COMPUTATIONS: readonly Computation[] = [
  acidPH,
  acidDose,
  coagulation,
  clottingTime,
  coagulantDose,
  strength,
  acidification,
  yieldOfMilk,
  blend,
  standardise,
  heatMix,
  hotWater,
  sinkBath,
  microwave,
  coolDown,
  drain,
  brine,
  brineTime,
  cheeseInBrine,
  salt,
  saltLoss,
  press,
  stretchWindow,
  pasteurise,
  denaturation,
  boil,
  slowSouring,
  fridgeDaysOf,
  coolThrough,
  spoons,
  cost,
];

/** Runs one computation on unread input. */
export function reckon(computation: Computation, input: unknown): Result<Record<string, unknown>> {
  const read = parse<unknown>(computation.schema, input);
  if (!read.ok) return read;
  try {
    return good(computation.compute(read.value));
  } catch (error) {
    if (error instanceof Infeasible) return bad(error.fault);
    throw error;
  }
}

import { aimedPH } from '../core/acid/coagulation';
import { amountForPH } from '../core/acid/titrate';
import { Infeasible } from '../core/faults/fault';
import { BELOW_BOIL_C, boilingC } from '../core/heat/boiling';
import { denaturedShare, heatDoseOfTreatment, heatOver } from '../core/heat/denaturation';
import { minutesTo, potOf } from '../core/heat/pot';
import type { Method } from '../makes/method';
import type { Resolved } from './brief/resolved';
import { NO_DEPARTURE, worldOf } from './world';

/** How one milk behaves at every set temperature of the acid-set family. */
export interface SetPoint {
  tempC: number;
  /** Acid product per litre of milk, g or mL. */
  acidPerLitre: number;
  /** Share of the whey protein denatured, and so caught, after the warming and a rest. */
  caught: number;
}

const FROM_C = 40;
/** A rest as the ricotta's, min, so that the line compares temperatures and nothing else. */
const REST_MIN = 12;

/** The line from pot cheese to ricotta for this milk and acid, degree by degree up to what the altitude allows. */
export function continuum(brief: Resolved, method: Method): SetPoint[] {
  const litres = brief.milk.litres ?? 1;
  const world = worldOf({ ...brief, options: { ...brief.options, setC: 90 } }, method, litres, NO_DEPARTURE);
  const { acid } = world;
  if (!acid) return [];
  const pot = potOf(world.milk.litres, world.milk.massKg);
  const points: SetPoint[] = [];
  const start = Math.min(brief.milk.startC, FROM_C);
  let heat = heatDoseOfTreatment(brief.milk.treatment);
  let before = start;
  for (let tempC = FROM_C; tempC <= Math.floor(boilingC(brief.altitudeM) - BELOW_BOIL_C); tempC++) {
    heat = heatOver(heat, before, tempC, minutesTo(pot, before, tempC, brief.roomC));
    before = tempC;
    const rested = heatOver(heat, tempC, tempC - 3, REST_MIN);
    try {
      points.push({
        tempC,
        acidPerLitre: amountForPH(world.buffer, acid.titrant, aimedPH(tempC)),
        caught: denaturedShare(rested),
      });
    } catch (error) {
      if (!(error instanceof Infeasible)) throw error;
    }
  }
  return points;
}

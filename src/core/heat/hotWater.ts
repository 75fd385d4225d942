import { Infeasible } from '../faults/fault';
import { SPECIFIC_HEAT } from './mixing';

/** Water hotter than this scalds hands and melts fat out of the curd, °C. Common practice. */
export const HOTTEST_STRETCH_WATER_C = 90;

/**
 * Hot water that brings curd to a core temperature, kg: the heat balance of the two, without loss. Throws Infeasible for
 * water that is too cool for it or too hot to stretch in.
 */
export function hotWaterKg(curdKg: number, curdC: number, waterC: number, targetC: number): number {
  if (waterC > HOTTEST_STRETCH_WATER_C) {
    throw new Infeasible({
      path: 'waterC',
      problem: `is ${waterC} °C, hot enough to scald and to melt the fat out`,
      remedy: `give ${HOTTEST_STRETCH_WATER_C} °C or less`,
    });
  }
  if (targetC <= curdC) return 0;
  if (waterC <= targetC) {
    throw new Infeasible({
      path: 'waterC',
      problem: `is ${waterC} °C, no hotter than the ${targetC} °C wanted`,
      remedy: `give more than ${targetC} °C, up to ${HOTTEST_STRETCH_WATER_C} °C`,
    });
  }
  return (curdKg * SPECIFIC_HEAT.curd * (targetC - curdC)) / (SPECIFIC_HEAT.water * (waterC - targetC));
}

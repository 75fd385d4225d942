import { USUAL_MILK_KG_PER_L } from '../milk/density';
import { SPECIFIC_HEAT, type Substance } from './mixing';

/** Heat a source still gives after it is off, kJ. Source: from memory. */
const HEAT_LEFT_KJ = { gas: 10, induction: 10, ceramic: 25, 'solid plate': 50 } as const;
export type HeatSource = keyof typeof HEAT_LEFT_KJ;
export const HEAT_SOURCES = Object.keys(HEAT_LEFT_KJ) as [HeatSource, ...HeatSource[]];

/** How far a pot carries on after the heat is off, °C: Q / (m c). */
export const carryOverC = (source: HeatSource, kg: number, what: Substance = 'milk'): number =>
  HEAT_LEFT_KJ[source] / (kg * SPECIFIC_HEAT[what]);

/** The same for `litres` of milk on a hob nobody has named: a ceramic one, which lies in the middle. */
export const usualCarryOverC = (litres: number): number =>
  carryOverC('ceramic', litres * USUAL_MILK_KG_PER_L);

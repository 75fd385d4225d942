import { SPECIFIC_HEAT } from './mixing';

/** Share of a microwave's power that reaches the curd. Source: from memory. */
const EFFICIENCY = 0.6;

/** Seconds in all to warm curd: m c ΔT / (P η). Given in short bursts, turned between. */
export const microwaveSeconds = (kg: number, fromC: number, toC: number, watts: number): number =>
  (Math.max(0, toC - fromC) * kg * SPECIFIC_HEAT.curd * 1000) / (watts * EFFICIENCY);

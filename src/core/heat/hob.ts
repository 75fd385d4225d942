import type { HeatSource } from './carryOver';

/** Share of a source's rated power that reaches the milk. Source: from memory. */
const REACHES_THE_MILK: Record<HeatSource, number> = {
  gas: 0.4,
  induction: 0.85,
  ceramic: 0.7,
  'solid plate': 0.6,
};

/** What a heat source rated at `kW` gives the milk, kW. */
export const heatIntoMilkKw = (source: HeatSource, kW: number): number => REACHES_THE_MILK[source] * kW;

/** Specific heats, kJ/kg/K. Source: from memory. */
export const SPECIFIC_HEAT = { milk: 3.93, curd: 3.3, whey: 4.1, water: 4.18 } as const;
export type Substance = keyof typeof SPECIFIC_HEAT;

export interface HeatPart {
  what: Substance;
  kg: number;
  tempC: number;
}

/** Temperature of parts mixed without loss, °C: the heat balance Σ m c (T − T_mix) = 0. */
export function mixedTempC(parts: readonly HeatPart[]): number {
  let heat = 0;
  let capacity = 0;
  for (const part of parts) {
    const mc = part.kg * SPECIFIC_HEAT[part.what];
    heat += mc * part.tempC;
    capacity += mc;
  }
  return heat / capacity;
}

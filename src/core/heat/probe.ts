/**
 * How much too high a thermometer reads at a temperature, °C, from what it shows in melting ice and at the boil: straight
 * between the two; with one check the same everywhere. Null where neither was made.
 */
export function probeOffsetC(
  iceReadsC: number | null,
  boilReadsC: number | null,
  boilsAtC: number,
): ((tempC: number) => number) | null {
  if (iceReadsC === null && boilReadsC === null) return null;
  const atIce = iceReadsC ?? (boilReadsC as number) - boilsAtC;
  const atBoil = boilReadsC === null ? atIce : boilReadsC - boilsAtC;
  return (tempC) => atIce + ((atBoil - atIce) * tempC) / boilsAtC;
}

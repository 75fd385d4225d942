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

/**
 * The true temperature where such a thermometer shows one, °C; what it shows where it was never checked.
 *
 * @example trueC(43, { iceReadsC: 3, boilReadsC: null, boilsAtC: 100 }) // 40
 */
export function trueC(
  shownC: number,
  {
    iceReadsC,
    boilReadsC,
    boilsAtC,
  }: { iceReadsC: number | null; boilReadsC: number | null; boilsAtC: number },
): number {
  const offset = probeOffsetC(iceReadsC, boilReadsC, boilsAtC);
  if (!offset) return shownC;
  const atNought = offset(0);
  return (shownC - atNought) / (1 + (offset(boilsAtC) - atNought) / boilsAtC);
}

import type { MilkBatch } from '../milk/composition';
import { expOf, powOf } from '../numeric/elementary';
import {
  CASEIN_GROUPS,
  CITRATE_MMOL_PER_L,
  CITRATE_PKA,
  COLLOIDAL_AT_CASEIN_G_PER_L,
  COLLOIDAL_PHOSPHATE,
  type Colloidal,
  PHOSPHATE_PKA,
  SERUM_GROUPS,
  SERUM_PHOSPHATE_MMOL_PER_L,
  WHEY_PROTEIN_GROUPS,
} from './groups';

/**
 * Mean protons bound by one molecule of an acid with the given pKa, at hydrogen concentration `h` (mol/L), by its
 * binding polynomial. `pKa` runs from the strongest to the weakest group.
 */
export function boundProtons(pKa: readonly number[], h: number): number {
  let term = 1;
  let sum = 1;
  let weighted = 0;
  for (let i = pKa.length - 1; i >= 0; i--) {
    term *= h * powOf(10, pKa[i] as number);
    sum += term;
    weighted += (pKa.length - i) * term;
  }
  return weighted / sum;
}

/** A polyprotic acid made ready for fast evaluation: the coefficients of its binding polynomial. */
export type Binding = readonly [number, number, number];

export function bindingOf(pKa: readonly number[]): Binding {
  const [k1, k2, k3] = [...pKa].reverse().map((p) => powOf(10, p));
  const b1 = k1 ?? 0;
  const b2 = k2 === undefined ? 0 : b1 * k2;
  return [b1, b2, k3 === undefined ? 0 : b2 * k3];
}

/** `boundProtons` for a prepared acid of up to three groups. */
export function boundBy([b1, b2, b3]: Binding, h: number): number {
  const t1 = b1 * h;
  const t2 = b2 * h * h;
  const t3 = b3 * h * h * h;
  return (t1 + 2 * t2 + 3 * t3) / (1 + t1 + t2 + t3);
}

const PHOSPHATE = bindingOf(PHOSPHATE_PKA);
const CITRATE = bindingOf(CITRATE_PKA);
const caseinKa = CASEIN_GROUPS.map((group) => powOf(10, -group.pKa));
const wheyKa = WHEY_PROTEIN_GROUPS.map((group) => powOf(10, -group.pKa));
const serumKa = SERUM_GROUPS.map((group) => powOf(10, -group.pKa));

/** One litre of a milk as a buffer. */
export interface Buffer {
  pH0: number;
  /** Protons bound per litre of milk at a pH, mol/L. */
  boundAt(pH: number): number;
}

/** Fraction of the phosphate that would be colloidal at a pH, before it is taken relative to the milk's own. */
const colloidalShare = ({ midPH, widthPH }: Colloidal, pH: number) =>
  1 / (1 + expOf(-(pH - midPH) / widthPH));

/**
 * The buffering of one litre of `milk` whose own pH (as at 25 °C) is `pH0`.
 * Formula: bound protons of a group are c / (1 + 10^(pH − pKa)), of polyprotic acids by the binding polynomial.
 */
export function bufferOf(milk: MilkBatch, pH0: number, fitted: Colloidal = COLLOIDAL_PHOSPHATE): Buffer {
  return bufferBy(milk, { pH0, freshPH: pH0, casein: 1, wheyProtein: 1, serum: 1 }, fitted);
}

/** What of a milk buffers: shares of its casein (with the colloidal phosphate that rides on it), whey protein and serum. */
export interface BufferShares {
  pH0: number;
  /** The milk's own pH, at which all of the colloidal phosphate was there. */
  freshPH: number;
  casein: number;
  wheyProtein: number;
  serum: number;
}

/**
 * The buffering of what a curd keeps of one litre of `milk`, mol per litre of that milk: casein and minerals are gathered
 * in it, of the serum only its moisture is left.
 */
export function bufferBy(
  milk: MilkBatch,
  keep: BufferShares,
  fitted: Colloidal = COLLOIDAL_PHOSPHATE,
): Buffer {
  const gramsPerLPerPct = milk.densityKgPerL * 10;
  const casein = milk.composition.caseinPct * gramsPerLPerPct * keep.casein;
  const whey = milk.composition.wheyProteinPct * gramsPerLPerPct * keep.wheyProtein;
  const amounts: number[] = [];
  const ka: number[] = [];
  CASEIN_GROUPS.forEach((group, i) => {
    amounts.push((group.mmolPerG * casein) / 1000);
    ka.push(caseinKa[i] as number);
  });
  WHEY_PROTEIN_GROUPS.forEach((group, i) => {
    amounts.push((group.mmolPerG * whey) / 1000);
    ka.push(wheyKa[i] as number);
  });
  SERUM_GROUPS.forEach((group, i) => {
    amounts.push((group.mmolPerL / 1000) * keep.serum);
    ka.push(serumKa[i] as number);
  });
  const colloidal = (fitted.mmolPerL / 1000) * (casein / COLLOIDAL_AT_CASEIN_G_PER_L);
  const whole = colloidalShare(fitted, keep.freshPH);
  const count = amounts.length;
  return {
    pH0: keep.pH0,
    boundAt(pH) {
      const h = powOf(10, -pH);
      let sum = ((CITRATE_MMOL_PER_L * keep.serum) / 1000) * boundBy(CITRATE, h);
      for (let i = 0; i < count; i++) sum += ((amounts[i] as number) * h) / (h + (ka[i] as number));
      const phosphate = boundBy(PHOSPHATE, h);
      const still = Math.min(1, colloidalShare(fitted, pH) / whole);
      return (
        sum +
        ((SERUM_PHOSPHATE_MMOL_PER_L * keep.serum) / 1000) * phosphate +
        colloidal * (still * fitted.heldProtons + (1 - still) * phosphate)
      );
    },
  };
}

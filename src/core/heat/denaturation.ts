import { expOf, powOf } from '../numeric/elementary';
import { kelvinOf } from '../units/measures';

/** Gas constant, J/mol/K. */
const R = 8.314;

interface Kinetics {
  order: 1 | 1.5;
  /** Above this temperature the second pair of constants holds, °C. */
  breakC: number;
  below: { lnK0: number; ea: number };
  above: { lnK0: number; ea: number };
}

/** Dannenberg and Kessler 1988, J. Food Sci., from memory; k in 1/s with concentrations relative to the native one. */
const KINETICS = {
  beta: { order: 1.5, breakC: 90, below: { lnK0: 84.16, ea: 265_200 }, above: { lnK0: 14.41, ea: 54_100 } },
  alpha: { order: 1, breakC: 80, below: { lnK0: 84.92, ea: 268_600 }, above: { lnK0: 16.95, ea: 69_000 } },
  // Immunoglobulins and serum albumin go first; fitted to what 72 °C for 15 s and 63 °C for 30 min denature.
  rest: { order: 1, breakC: 200, below: { lnK0: 141.68, ea: 418_000 }, above: { lnK0: 141.68, ea: 418_000 } },
} as const satisfies Record<string, Kinetics>;

/** Shares of the whey protein: β-lactoglobulin, α-lactalbumin, immunoglobulins with serum albumin. From memory. */
const SHARE = { beta: 0.52, alpha: 0.2, rest: 0.14 } as const;

/** Below this nothing is counted: a day at 60 °C denatures less than the spread of the constants. */
const COUNTS_FROM_C = 60;

function rate(kinetics: Kinetics, tempC: number): number {
  const { lnK0, ea } = tempC <= kinetics.breakC ? kinetics.below : kinetics.above;
  return expOf(lnK0 - ea / (R * kelvinOf(tempC)));
}

/** Integrated rates so far, dimensionless; grows along a temperature course. */
export interface HeatDose {
  beta: number;
  alpha: number;
  rest: number;
}

export const NO_HEAT: HeatDose = { beta: 0, alpha: 0, rest: 0 };

/**
 * Heat already taken by milk as bought, so that its whey protein starts partly denatured (share denatured: pasteurised
 * 5 %, high-pasteurised 25 %, boiled 70 %, ultra-heated 60 % of the β-lactoglobulin). Source: from memory.
 */
export function heatDoseOfTreatment(treatment: string): HeatDose {
  const beta =
    { pasteurised: 0.05, 'high-pasteurised': 0.25, boiled: 0.7, 'ultra-heat': 0.6 }[treatment] ?? 0;
  // Order 1.5: native = (1 + dose / 2)^−2, solved for the dose; α-lactalbumin lags by about a third of the exposure.
  const dose = 2 * (powOf(1 - beta, -0.5) - 1);
  return { beta: dose, alpha: dose / 6, rest: dose * REST_PER_BETA };
}

/** Exposure of the first to go against that of the β-lactoglobulin in milk as bought. Fitted to 72 °C for 15 s. */
const REST_PER_BETA = 6;

/** Width of a Simpson panel, °C: the rates change about fourfold over it, which leaves an error below 0.5 %. */
const PANEL_C = 6;

/** Adds the heat of going in a straight line from `fromC` to `toC` in `minutes`; composite Simpson's rule. */
export function heatOver(before: HeatDose, fromC: number, toC: number, minutes: number): HeatDose {
  const low = Math.min(fromC, toC);
  const high = Math.max(fromC, toC);
  if (high <= COUNTS_FROM_C || minutes <= 0) return before;
  const start = Math.max(low, COUNTS_FROM_C);
  const seconds = minutes * 60 * (high === low ? 1 : (high - start) / (high - low));
  const panels = Math.max(1, Math.ceil((high - start) / PANEL_C));
  const half = (high - start) / panels / 2;
  const mean = (kinetics: Kinetics) => {
    let sum = rate(kinetics, start);
    for (let i = 1; i <= 2 * panels; i++) {
      sum += (i === 2 * panels ? 1 : i % 2 === 1 ? 4 : 2) * rate(kinetics, start + i * half);
    }
    return sum / (6 * panels);
  };
  return {
    beta: before.beta + mean(KINETICS.beta) * seconds,
    alpha: before.alpha + mean(KINETICS.alpha) * seconds,
    rest: before.rest + mean(KINETICS.rest) * seconds,
  };
}

/** Share of the whey protein that is denatured after a heat dose, 0 to 0.86: proteose-peptones never are. */
export function denaturedShare(dose: HeatDose): number {
  const beta = 1 - powOf(1 + dose.beta / 2, -2);
  const alpha = 1 - expOf(-dose.alpha);
  const rest = 1 - expOf(-dose.rest);
  return SHARE.beta * beta + SHARE.alpha * alpha + SHARE.rest * rest;
}

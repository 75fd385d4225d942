import type { Buffer } from '../acid/buffer';
import type { Inoculum } from './dose';
import { SOURING, type Souring } from './fitted';
import { acidGrowth, GROUP_FACTS, type GroupFacts, groupFacts, heatGrowth, saltGrowth } from './groups';
import { lacticCurve } from './lactate';

/** A milk souring: cells by strain, the lactic acid formed so far, and what is left of each strain's sleep. */
export interface Ferment {
  pHOf(lactate: number): number;
  strains: readonly GroupFacts[];
  /** Lactic acid that comes with growth and from standing cells. */
  forms: Pick<Souring, 'lactateWithGrowth' | 'lactateStanding'>;
  /** Cells by strain, CFU/mL, then lactate, mol/L. */
  state: Float64Array;
  /** Hours of lag left at the best temperature, by strain. */
  lag: Float64Array;
  /** Salt in the water phase, g/g; slows, and from a strain's end on stops. */
  saltPerWater: number;
  /** Lactic acid at which its lactose is used up, in the state's own measure; without end where whey brings more. */
  lactateMost: number;
  /** How fast this culture lives against the usual one: all its hours pass so many times as quickly. */
  pace: number;
}

/** Temperature at an hour of the ferment's own choosing. */
export type TempOf = (hour: number) => number;

/** Cultures go into a milk. `stepPH` is the grid of its pH curve: 0.02 unless many are run. */
export function startFerment(
  milk: Buffer,
  cultures: readonly Inoculum[],
  saltPerWater = 0,
  stepPH?: number,
  fitted: Souring = SOURING,
): Ferment {
  const facts = fitted === SOURING ? GROUP_FACTS : groupFacts(fitted);
  return {
    pHOf: lacticCurve(milk, stepPH),
    strains: cultures.map((one) => facts[one.group]),
    forms: fitted,
    state: Float64Array.from([...cultures.map((one) => one.cfuPerMl), 0]),
    lag: Float64Array.from(cultures, (one) => one.lagHours),
    saltPerWater,
    lactateMost: Number.POSITIVE_INFINITY,
    pace: 1,
  };
}

export const fermentPH = (ferment: Ferment): number =>
  ferment.pHOf(ferment.state[ferment.strains.length] as number);

export const copyOf = (ferment: Ferment): Ferment => ({
  ...ferment,
  state: ferment.state.slice(),
  lag: ferment.lag.slice(),
});

/** No milk holds more strains than this; scratch space is made once. */
const MOST = 6;
const [k1, k2, k3, k4, trial, before] = Array.from({ length: 6 }, () => new Float64Array(MOST + 1)) as [
  Float64Array,
  Float64Array,
  Float64Array,
  Float64Array,
  Float64Array,
  Float64Array,
];
const [warmFirst, warmMiddle, warmLast] = [0, 1, 2].map(() => new Float64Array(MOST)) as [
  Float64Array,
  Float64Array,
  Float64Array,
];

/** The last of the lactose is taken up more slowly: half the pace where this share of it is left. From memory. */
const SCARCE = 0.03;

/** How far the lactose left feeds the cells, 0 to 1. */
function fedShare({ lactateMost }: Ferment, lactate: number): number {
  if (lactateMost === Number.POSITIVE_INFINITY) return 1;
  const left = Math.max(0, lactateMost - lactate);
  return left / (left + SCARCE * lactateMost);
}

/** Slopes of cells and lactate at a state; `warm` is γ(T) by strain, nought for one that sleeps. */
function slope(ferment: Ferment, warm: Float64Array, y: Float64Array, out: Float64Array) {
  const { strains, saltPerWater, forms } = ferment;
  const n = strains.length;
  const pH = ferment.pHOf(y[n] as number);
  const fed = fedShare(ferment, y[n] as number);
  let lactate = 0;
  for (let i = 0; i < n; i++) {
    const facts = strains[i] as GroupFacts;
    const cells = y[i] as number;
    const salt = saltPerWater > 0 ? saltGrowth(facts, saltPerWater) : 1;
    const pace = (warm[i] as number) * acidGrowth(facts, pH) * salt * fed;
    const growth = facts.mu * pace * cells * Math.max(0, 1 - cells / facts.most);
    out[i] = growth;
    lactate += forms.lactateWithGrowth * growth + forms.lactateStanding * pace * cells;
  }
  out[n] = lactate;
}

/** One step by Runge and Kutta's fourth order; strains that sleep stay asleep through it. */
function runge(ferment: Ferment, h: number) {
  const { state, strains, lag } = ferment;
  const n = strains.length;
  for (let i = 0; i < n; i++) {
    if ((lag[i] as number) > 0) warmFirst[i] = warmMiddle[i] = warmLast[i] = 0;
  }
  slope(ferment, warmFirst, state, k1);
  for (let i = 0; i <= n; i++) trial[i] = (state[i] as number) + (h / 2) * (k1[i] as number);
  slope(ferment, warmMiddle, trial, k2);
  for (let i = 0; i <= n; i++) trial[i] = (state[i] as number) + (h / 2) * (k2[i] as number);
  slope(ferment, warmMiddle, trial, k3);
  for (let i = 0; i <= n; i++) trial[i] = (state[i] as number) + h * (k3[i] as number);
  slope(ferment, warmLast, trial, k4);
  for (let i = 0; i <= n; i++) {
    state[i] =
      (state[i] as number) +
      (h / 6) * ((k1[i] as number) + 2 * (k2[i] as number) + 2 * (k3[i] as number) + (k4[i] as number));
  }
}

/** γ(T) of every strain at the start, the middle and the end of a step. */
function warmth({ strains, pace }: Ferment, tempOf: TempOf, hour: number, h: number) {
  const first = tempOf(hour);
  const middle = tempOf(hour + h / 2);
  const last = tempOf(hour + h);
  for (let i = 0; i < strains.length; i++) {
    const facts = strains[i] as GroupFacts;
    warmFirst[i] = pace * heatGrowth(facts, first);
    warmMiddle[i] = pace * heatGrowth(facts, middle);
    warmLast[i] = pace * heatGrowth(facts, last);
  }
}

/** Lag that a strain works off in a step whose warmth is known, h at its best temperature; Simpson's rule. */
const worked = (i: number, h: number): number =>
  (((warmFirst[i] as number) + 4 * (warmMiddle[i] as number) + (warmLast[i] as number)) / 6) * h;

/**
 * Moves a ferment from `hour` on by `hours` in steps of at most `stepH`, split where a lag ends. dX/dt = μ γ(T) γ(pH)
 * γ(salt) X (1 − X/Xmax) and dL/dt = A dX/dt + B γ(T) γ(pH) X; pH from the milk's charge balance.
 */
export function advance(ferment: Ferment, tempOf: TempOf, hour: number, hours: number, stepH: number) {
  const end = hour + hours;
  const { lag } = ferment;
  let at = hour;
  while (end - at > 1e-9) {
    const whole = Math.min(stepH, end - at);
    let h = whole;
    warmth(ferment, tempOf, at, whole);
    for (let i = 0; i < lag.length; i++) {
      const left = lag[i] as number;
      if (left <= 0) continue;
      const run = worked(i, whole);
      if (run > 0 && run >= left) h = Math.min(h, Math.max(whole * (left / run), Math.min(whole, 1e-6)));
    }
    if (h < whole) warmth(ferment, tempOf, at, h);
    for (let i = 0; i < lag.length; i++) trial[i] = (lag[i] as number) > 0 ? worked(i, h) : 0;
    const slept = lag.length > 0 && lag.some((left) => left > 0) ? trial.slice(0, lag.length) : null;
    runge(ferment, h);
    if (slept) {
      for (let i = 0; i < lag.length; i++) {
        const left = (lag[i] as number) - (slept[i] as number);
        lag[i] = left <= 1e-9 ? 0 : left;
      }
    }
    at += h;
  }
}

/** Lactate formed in an hour at this moment, mol/L/h. */
export function lactatePace(ferment: Ferment, tempC: number): number {
  const n = ferment.strains.length;
  for (let i = 0; i < n; i++)
    warmFirst[i] =
      (ferment.lag[i] as number) > 0 ? 0 : ferment.pace * heatGrowth(ferment.strains[i] as GroupFacts, tempC);
  slope(ferment, warmFirst, ferment.state, k1);
  return k1[n] as number;
}

/**
 * Moves a ferment on until it reaches `pH` and returns the hours that took, straight within the last step of `stepH`;
 * the ferment then stands at that hour. Infinity where `mostHours` do not suffice. `seen` is told each step's end.
 */
export function sourTo(
  ferment: Ferment,
  tempOf: TempOf,
  pH: number,
  mostHours: number,
  stepH: number,
  seen?: (hour: number, pH: number) => void,
): number {
  let was = fermentPH(ferment);
  if (was <= pH) return 0;
  for (let hour = 0; hour < mostHours; hour += stepH) {
    const asleep = ferment.lag.some((left) => left > 0) ? ferment.lag.slice() : null;
    for (let i = 0; i < ferment.state.length; i++) before[i] = ferment.state[i] as number;
    advance(ferment, tempOf, hour, stepH, stepH);
    const now = fermentPH(ferment);
    if (now <= pH) {
      const part = (stepH * (was - pH)) / (was - now);
      for (let i = 0; i < ferment.state.length; i++) ferment.state[i] = before[i] as number;
      if (asleep) ferment.lag.set(asleep);
      advance(ferment, tempOf, hour, part, stepH);
      return hour + part;
    }
    seen?.(hour + stepH, now);
    was = now;
  }
  return Number.POSITIVE_INFINITY;
}

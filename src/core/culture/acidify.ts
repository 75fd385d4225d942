import type { Buffer } from '../acid/buffer';
import { strongAcidDemand } from '../acid/titrate';
import type { Inoculum } from './dose';
import {
  acidGrowth,
  GROUP_FACTS,
  type GroupFacts,
  heatGrowth,
  LACTATE_STANDING,
  LACTATE_WITH_GROWTH,
  saltGrowth,
} from './groups';

/** pKa of lactic acid. From memory. */
const LACTIC_PKA = 3.76;
const LOWEST_PH = 3.7;
const TABLE_STEP_PH = 0.02;
/** Step of the integration, h; Runge and Kutta of fourth order, split where a lag ends or the temperature bends. */
const STEP_H = 0.1;

/** Temperature against time: [hour, °C] points, straight between, flat outside. */
export type TempCourse = readonly (readonly [hour: number, tempC: number])[];

export function tempAt(course: TempCourse, hour: number): number {
  const first = course[0] as readonly [number, number];
  if (hour <= first[0]) return first[1];
  for (let i = 1; i < course.length; i++) {
    const [h1, c1] = course[i] as readonly [number, number];
    if (hour <= h1) {
      const [h0, c0] = course[i - 1] as readonly [number, number];
      return h1 === h0 ? c1 : c0 + ((c1 - c0) * (hour - h0)) / (h1 - h0);
    }
  }
  return (course[course.length - 1] as readonly [number, number])[1];
}

/**
 * pH of a milk against the lactic acid formed in it, mol/L: the direct dose at a row of pH values, read backwards with
 * straight lines between.
 */
export function lacticCurve(milk: Buffer): (lactate: number) => number {
  const rows = Math.ceil((milk.pH0 - LOWEST_PH) / TABLE_STEP_PH);
  const lactate = new Float64Array(rows + 1);
  for (let i = 1; i <= rows; i++) {
    const pH = milk.pH0 - i * TABLE_STEP_PH;
    const bound = 1 / (1 + 10 ** (pH - LACTIC_PKA));
    lactate[i] = strongAcidDemand(milk, pH) / (1 - bound);
  }
  let near = 0;
  return (amount) => {
    if (amount <= 0) return milk.pH0;
    while (near < rows - 1 && (lactate[near + 1] as number) < amount) near++;
    while (near > 0 && (lactate[near] as number) > amount) near--;
    const l0 = lactate[near] as number;
    const share = Math.min(1, (amount - l0) / ((lactate[near + 1] as number) - l0));
    return milk.pH0 - (near + share) * TABLE_STEP_PH;
  };
}

interface Strain {
  facts: GroupFacts;
  lagHours: number;
}

export interface Acidification {
  milk: Buffer;
  cultures: readonly Inoculum[];
  temps: TempCourse;
  hours: number;
  /** Salt in the water phase, g/g. */
  saltPerWater?: number;
}

/**
 * pH against time as cultures grow and form lactic acid: per strain group a lag clock that runs at γ(T), then
 * dX/dt = μ γ(T) γ(pH) γ(salt) X (1 − X/Xmax) and dL/dt = A dX/dt + B γ(T) γ(pH) X; pH from the milk's charge balance.
 * Returns [hour, pH] every `everyHours`, the last hour included.
 */
export function acidify(
  { milk, cultures, temps, hours, saltPerWater = 0 }: Acidification,
  everyHours = 0.1,
): [number, number][] {
  const pHOf = lacticCurve(milk);
  const strains: Strain[] = cultures.map((one) => ({
    facts: GROUP_FACTS[one.group],
    lagHours: one.lagHours,
  }));
  const n = strains.length;
  // State: cells by strain, then lactate. Lag clocks run apart, since their end splits a step.
  const state = new Float64Array(n + 1);
  cultures.forEach((one, i) => {
    state[i] = one.cfuPerMl;
  });
  const clocks = new Float64Array(n);
  const awake = strains.map((strain) => strain.lagHours <= 0);

  const slope = (hour: number, y: Float64Array, out: Float64Array) => {
    const tempC = tempAt(temps, hour);
    const pH = pHOf(y[n] as number);
    let lactate = 0;
    for (let i = 0; i < n; i++) {
      out[i] = 0;
      if (!awake[i]) continue;
      const { facts } = strains[i] as Strain;
      const cells = y[i] as number;
      const pace = heatGrowth(facts, tempC) * acidGrowth(facts, pH);
      const growth =
        facts.mu * pace * saltGrowth(facts, saltPerWater) * cells * Math.max(0, 1 - cells / facts.most);
      out[i] = growth;
      lactate += LACTATE_WITH_GROWTH * growth + LACTATE_STANDING * pace * cells;
    }
    out[n] = lactate;
  };
  const k1 = new Float64Array(n + 1);
  const k2 = new Float64Array(n + 1);
  const k3 = new Float64Array(n + 1);
  const k4 = new Float64Array(n + 1);
  const trial = new Float64Array(n + 1);
  const to = (k: Float64Array, h: number) => {
    for (let i = 0; i <= n; i++) trial[i] = (state[i] as number) + h * (k[i] as number);
    return trial;
  };
  const runge = (hour: number, h: number) => {
    slope(hour, state, k1);
    slope(hour + h / 2, to(k1, h / 2), k2);
    slope(hour + h / 2, to(k2, h / 2), k3);
    slope(hour + h, to(k3, h), k4);
    for (let i = 0; i <= n; i++) {
      state[i] =
        (state[i] as number) +
        (h / 6) * ((k1[i] as number) + 2 * (k2[i] as number) + 2 * (k3[i] as number) + (k4[i] as number));
    }
  };
  /** Runs the lag clocks over a step; returns the share of the step after which the first of them ends, or 1. */
  const lagShare = (hour: number, h: number): number => {
    let first = 1;
    for (let i = 0; i < n; i++) {
      if (awake[i]) continue;
      const { facts, lagHours } = strains[i] as Strain;
      const run =
        ((heatGrowth(facts, tempAt(temps, hour)) +
          4 * heatGrowth(facts, tempAt(temps, hour + h / 2)) +
          heatGrowth(facts, tempAt(temps, hour + h))) /
          6) *
        h;
      const left = lagHours - (clocks[i] as number);
      if (run > 0 && run >= left) first = Math.min(first, left / run);
    }
    return first;
  };
  const advanceLags = (hour: number, h: number) => {
    for (let i = 0; i < n; i++) {
      if (awake[i]) continue;
      const { facts, lagHours } = strains[i] as Strain;
      clocks[i] =
        (clocks[i] as number) +
        ((heatGrowth(facts, tempAt(temps, hour)) +
          4 * heatGrowth(facts, tempAt(temps, hour + h / 2)) +
          heatGrowth(facts, tempAt(temps, hour + h))) /
          6) *
          h;
      if ((clocks[i] as number) >= lagHours - 1e-9) awake[i] = true;
    }
  };

  const bends = temps.map(([hour]) => hour).filter((hour) => hour > 0 && hour < hours);
  const series: [number, number][] = [[0, milk.pH0]];
  let hour = 0;
  const rows = Math.max(1, Math.ceil(hours / everyHours - 1e-9));
  for (let row = 1; row <= rows; row++) {
    const end = row === rows ? hours : row * everyHours;
    while (end - hour > 1e-9) {
      const bend = bends.find((at) => at > hour + 1e-9) ?? Number.POSITIVE_INFINITY;
      const whole = Math.min(STEP_H, end - hour, bend - hour);
      const h = Math.max(whole * lagShare(hour, whole), Math.min(whole, 1e-6));
      // A strain that wakes at the end of this part slept through it.
      runge(hour, h);
      advanceLags(hour, h);
      hour += h;
    }
    series.push([end, pHOf(state[n] as number)]);
  }
  return series;
}

/** Hours until a series first reaches `pH`, straight between its points; Infinity when it does not. */
export function hoursToPH(series: readonly (readonly [number, number])[], pH: number): number {
  for (let i = 0; i < series.length; i++) {
    const [h1, p1] = series[i] as readonly [number, number];
    if (p1 > pH) continue;
    if (i === 0) return h1;
    const [h0, p0] = series[i - 1] as readonly [number, number];
    return h0 + ((h1 - h0) * (p0 - pH)) / (p0 - p1);
  }
  return Number.POSITIVE_INFINITY;
}

import { clamp } from '../units/measures';
import { STRETCH_CORE_C } from './window';

/** Share of the fat that stays when curd is handled least, and when it is worked long and hot. Source: common practice. */
const BEST = 0.9;
const WORST = 0.7;
/** Lost per °C of core above the window's foot, and per minute of working; fitted so that 60 °C and 4 min keep 0.85, 70 °C and 10 min 0.70. */
const PER_C = 0.01364;
const PER_MIN = 0.00227;

/** Share of the milk's fat left in stretched curd: falls with the heat of its core and the minutes it is worked. */
export const stretchedFat = (coreC: number, workMin: number): number =>
  clamp(BEST - PER_C * Math.max(0, coreC - STRETCH_CORE_C[0]) - PER_MIN * Math.max(0, workMin), WORST, BEST);

/** How curd is brought to its core temperature: how far the core overshoots on average, °C, and how many minutes of working it asks for. Common practice. */
export const STRETCH_WAYS = {
  whey: { overshootC: 0, workMin: 4 },
  ladled: { overshootC: 0, workMin: 5 },
  microwave: { overshootC: 1.5, workMin: 3 },
} as const;
export type StretchWay = keyof typeof STRETCH_WAYS;
export const STRETCH_WAY_NAMES = Object.keys(STRETCH_WAYS) as StretchWay[];

/** Water hotter than this heats the outside past the core: °C of the mean above the core per °C. Common practice. */
const OUTSIDE_PER_C = 0.15;
const GENTLE_WATER_C = 75;

/** Mean temperature of the curd while its core is at `coreC` in water of `waterC`, °C. */
export const meanCurdC = (coreC: number, waterC: number): number =>
  coreC + OUTSIDE_PER_C * Math.max(0, waterC - GENTLE_WATER_C);

import { bufferOf } from '../acid/buffer';
import { compositionOf, milkBatch } from '../milk/composition';
import { allowanceUsed, SOURED_PH } from '../safety/slowSouring';
import { acidify, hoursToPH, type TempCourse } from './acidify';
import { freezeDried, type Inoculum, liquidStarter } from './dose';
import type { Souring } from './fitted';

/** A known make that the souring is fitted to, and held to afterwards. */
export interface SouringRow {
  what: string;
  source: string;
  unit: string;
  low: number;
  high: number;
  of(fitted: Souring): number;
}

const milkOf = (fatPct: number, proteinPct: number) =>
  bufferOf(milkBatch(1, compositionOf('cow', fatPct, proteinPct)), 6.65);
const skim = milkOf(0.1, 3.3);
const whole = milkOf(3.7, 3.2);
const goat = bufferOf(milkBatch(1, compositionOf('goat', 3.8, 3.1)), 6.65);

const course = (fitted: Souring, culture: Inoculum, temps: TempCourse, hours: number, milk = whole) =>
  acidify({ milk, cultures: [culture], temps, hours, fitted });
const hoursTo = (fitted: Souring, pH: number, culture: Inoculum, temps: TempCourse, milk = whole) =>
  hoursToPH(course(fitted, culture, temps, 40, milk), pH);
const pHAt = (fitted: Souring, hour: number, culture: Inoculum, temps: TempCourse) =>
  course(fitted, culture, temps, hour).at(-1)?.[1] ?? Number.NaN;

/** Ripened and set at 31 °C, cut after an hour and three quarters, cooked to 39 °C over 40 minutes and kept there. */
const CHEDDARING: TempCourse = [
  [0, 31],
  [1.75, 31],
  [2.4, 39],
];
/** A covered pot from `from` to the room's `to`, °C. */
const falling = (from: number, to: number): TempCourse => [
  [0, from],
  [6, to],
];

/** Share of the slow-souring allowance that a course uses up on its way to pH 5.6. */
function allowanceOf(fitted: Souring, culture: Inoculum, temps: TempCourse): number {
  const hours = hoursTo(fitted, SOURED_PH, culture, temps);
  const points = temps.filter(([hour]) => hour < hours);
  const last = temps.findIndex(([hour]) => hour >= hours);
  const [h0, c0] = points.at(-1) as readonly [number, number];
  const [h1, c1] = temps[last] ?? [hours + 1, c0];
  return allowanceUsed([...points, [hours, c0 + ((c1 - c0) * (hours - h0)) / (h1 - h0)]]);
}

/** The tables the souring is fitted to all at once. Handbook figures are quoted from memory. */
export const SOURING_ROWS: readonly SouringRow[] = [
  {
    what: 'skim milk, 1 % starter, 22 °C, to pH 4.65 (long-set cottage cheese)',
    source: 'handbook range, from memory',
    unit: 'h',
    low: 12,
    high: 16,
    of: (f) => hoursTo(f, 4.65, liquidStarter('mesophilic', 1, 0, f), [[0, 22]], skim),
  },
  {
    what: 'skim milk, 5 to 6 % starter, 32 °C, to pH 4.65 (short-set)',
    source: 'from memory',
    unit: 'h',
    low: 4,
    high: 6,
    of: (f) => hoursTo(f, 4.65, liquidStarter('mesophilic', 5.5, 0, f), [[0, 32]], skim),
  },
  {
    what: '2 % yogurt starter, 43 °C, to pH 4.6',
    source: 'from memory',
    unit: 'h',
    low: 4,
    high: 6,
    of: (f) => hoursTo(f, 4.6, liquidStarter('yogurt', 2, 0, f), [[0, 43]]),
  },
  {
    what: 'freeze-dried mesophilic, 25 °C falling to 19 °C, to pH 4.55',
    source: 'common practice',
    unit: 'h',
    low: 18,
    high: 26,
    of: (f) => hoursTo(f, 4.55, freezeDried('mesophilic', 1, f), falling(25, 19)),
  },
  {
    what: 'the same from a light dose that wakes late, 4e6 CFU/mL and 1.5 h of lag',
    source: 'common practice',
    unit: 'h',
    low: 18,
    high: 26,
    of: (f) => hoursTo(f, 4.55, { group: 'mesophilic', cfuPerMl: 4e6, lagHours: 1.5 }, falling(25, 19)),
  },
  {
    what: '1.5 % mesophilic, 32 °C then 39 °C, after 6 h (cheddared curds at milling)',
    source: 'from memory',
    unit: 'pH',
    low: 5.3,
    high: 5.9,
    of: (f) =>
      pHAt(f, 6, liquidStarter('mesophilic', 1.5, 0, f), [
        [0, 32],
        [1.6, 32],
        [2.3, 39],
      ]),
  },
  {
    what: '2 % active mesophilic starter on a cheddaring schedule, after 5 h',
    source: 'common practice, from memory',
    unit: 'pH',
    low: 5.2,
    high: 5.5,
    of: (f) => pHAt(f, 5, liquidStarter('mesophilic', 2, 0, f), CHEDDARING),
  },
  {
    what: 'the same after 5½ h',
    source: 'common practice, from memory',
    unit: 'pH',
    low: 5.2,
    high: 5.5,
    of: (f) => pHAt(f, 5.5, liquidStarter('mesophilic', 2, 0, f), CHEDDARING),
  },
  {
    what: 'the same as the whey is drawn, after 2¾ h',
    source: 'common practice, from memory',
    unit: 'pH',
    low: 6.1,
    high: 6.4,
    of: (f) => pHAt(f, 2.75, liquidStarter('mesophilic', 2, 0, f), CHEDDARING),
  },
  {
    what: 'freeze-dried at its label’s rate, ripened an hour at 31 °C: how far the pH moves',
    source: 'common practice, from memory',
    unit: 'pH',
    low: 0.05,
    high: 0.15,
    of: (f) => 6.65 - pHAt(f, 1, freezeDried('mesophilic', 1, f), [[0, 31]]),
  },
  {
    what: 'freeze-dried mesophilic, goat’s milk, 21 °C, to pH 4.6 (overnight and half a day)',
    source: 'common practice',
    unit: 'h',
    low: 14,
    high: 24,
    of: (f) => hoursTo(f, 4.6, freezeDried('mesophilic', 1, f), [[0, 21]], goat),
  },
  {
    what: 'freeze-dried mesophilic, 24 °C in a room of 20 °C: share of the slow-souring allowance used by pH 5.6',
    source: 'a sound culture passes the rule with a fifth to spare',
    unit: '',
    low: 0.3,
    high: 0.8,
    of: (f) => allowanceOf(f, freezeDried('mesophilic', 1, f), falling(24, 20)),
  },
  {
    what: '1.5 % thermophilic, 40 °C, to pH 5.2 (curd for stretching)',
    source: 'from memory',
    unit: 'h',
    low: 3,
    high: 5,
    of: (f) => hoursTo(f, 5.2, liquidStarter('thermophilic', 1.5, 0, f), [[0, 40]]),
  },
  {
    what: '1 % aromatic starter, 21 °C, to pH 4.6 (soured cream and milk, overnight)',
    source: 'from memory',
    unit: 'h',
    low: 14,
    high: 20,
    of: (f) => hoursTo(f, 4.6, liquidStarter('aromatic', 1, 0, f), [[0, 21]]),
  },
];

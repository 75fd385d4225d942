/** What of the souring is free, and how far it may stray from what the literature says, from memory. */
import { SOURING, type Souring } from '../src/core/culture/fitted';
import { SOURING_ROWS } from '../src/core/culture/tables';
import type { Fit } from './fit';

/** Starting values and their spread: factors (log) for rates and amounts, °C for temperatures. */
const START = {
  muMesophilic: { at: 0.85, sd: 0.15, log: true },
  muAromatic: { at: 0.7, sd: 0.15, log: true },
  muThermophilic: { at: 1.0, sd: 0.15, log: true },
  muYogurt: { at: 0.96, sd: 0.15, log: true },
  maxMesophilic: { at: 42, sd: 1, log: false },
  optMesophilic: { at: 33, sd: 1, log: false },
  withGrowth: { at: 3.2e-11, sd: 0.5, log: true },
  standing: { at: 3.5e-11, sd: 0.5, log: true },
  freezeDried: { at: 4e6, sd: 1, log: true },
  freezeDriedLagH: { at: 1.5, sd: 1, log: true },
} as const;
type Name = keyof typeof START;
const NAMES = Object.keys(START) as Name[];
/** The thermophiles' freeze-dried lag against the mesophiles'. From memory. */
const LAG_OF_WARM = 1 / 3;
/** Aromatic strains stay this much below the others, °C. From memory. */
const AROMATIC_BELOW_C = 2;

/** Standard deviations off the start → the rates. */
function souringOf(z: readonly number[]): Souring {
  const value = (name: Name) => {
    const { at, sd, log } = START[name];
    const off = (z[NAMES.indexOf(name)] as number) * sd;
    return log ? at * Math.exp(off) : at + off;
  };
  const optC = value('optMesophilic');
  const maxC = value('maxMesophilic');
  const lag = value('freezeDriedLagH');
  return {
    groups: {
      mesophilic: { mu: value('muMesophilic'), optC, maxC },
      aromatic: { mu: value('muAromatic'), optC: optC - AROMATIC_BELOW_C, maxC: maxC - AROMATIC_BELOW_C },
      thermophilic: { ...SOURING.groups.thermophilic, mu: value('muThermophilic') },
      yogurt: { ...SOURING.groups.yogurt, mu: value('muYogurt') },
    },
    lactateWithGrowth: value('withGrowth'),
    lactateStanding: value('standing'),
    liquidPerPercent: SOURING.liquidPerPercent,
    liquidLagH: SOURING.liquidLagH,
    freezeDried: value('freezeDried'),
    freezeDriedLagH: {
      mesophilic: lag,
      aromatic: lag,
      thermophilic: lag * LAG_OF_WARM,
      yogurt: lag * LAG_OF_WARM,
    },
  };
}

export const souringFit: Fit = {
  name: 'souring',
  starts: [
    NAMES.map(() => 0),
    NAMES.map((name) => ({ freezeDried: 1.4, freezeDriedLagH: -2 })[name as string] ?? 0),
  ],
  free: NAMES.map((name) => ({ name, ...START[name] })),
  rows: SOURING_ROWS.map(({ of, ...row }) => ({ ...row, value: (z: readonly number[]) => of(souringOf(z)) })),
  result: souringOf,
};

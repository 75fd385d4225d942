import type { Model } from '../models/model';
import { type Clotting, cutMinutesAlong, flocculationMin } from './clotting';

const milk = (change: Partial<Clotting>): Clotting => ({
  species: 'cow',
  treatment: 'raw',
  imcuPerLitre: 65,
  tempC: 32,
  pH: 6.6,
  calciumMmolPerLitre: 0,
  ...change,
});
const cut = (change: Partial<Clotting>) => 3 * flocculationMin(milk(change));
const practice = 'common practice, ±35 %';
const around = (low: number, high = low) => ({ low: low * 0.65, high: high * 1.35, unit: 'min' });

export const coagulantModels: readonly Model[] = [
  {
    title: 'Clotting time',
    equation:
      'flocculation = 12.0 × (65 / IMCU per litre) × f(T) × f(pH) × f(Ca) × f(treatment) × f(species), min; cut = flocculation × multiplier; with changing heat or pH, done when ∫ dt / t = 1',
    parameters:
      '`src/core/coagulant/clotting.ts`; strengths and ageing in `strength.ts`, the usual ones in `product.ts`',
    source: 'calf-type chymosin; fitted to observed sets',
    holds:
      '15 to 50 °C, pH 5.4 to 6.8, raw to high-pasteurised milk. Microbial and vegetable coagulants differ. The root mean square of the log ratio over the checks stays below 0.25.',
    checks: [
      {
        what: '65 IMCU/L, raw, from 29.4 cooling to 25 °C, pH 6.55',
        source: practice,
        ...around(55, 60),
        value: () =>
          cutMinutesAlong(milk({}), 3, (m) => ({ tempC: 25 + 4.4 * Math.max(0, 1 - m / 58), pH: 6.55 })),
      },
      {
        what: '65 IMCU/L, raw goat’s, 30 °C, pH 5.9',
        source: practice,
        ...around(20),
        value: () => cut({ species: 'goat', tempC: 30, pH: 5.9 }),
      },
      {
        what: '50 IMCU/L, pasteurised, 30 °C, pH 6.5, 0.8 mmol/L calcium',
        source: practice,
        ...around(45),
        value: () =>
          cut({ treatment: 'pasteurised', imcuPerLitre: 50, tempC: 30, pH: 6.5, calciumMmolPerLitre: 0.8 }),
      },
      {
        what: '52 IMCU/L, pasteurised, 30 °C, pH 6.58, 0.9 mmol/L calcium',
        source: practice,
        ...around(40, 45),
        value: () =>
          cut({ treatment: 'pasteurised', imcuPerLitre: 52, tempC: 30, pH: 6.58, calciumMmolPerLitre: 0.9 }),
      },
      {
        what: '60 IMCU/L, pasteurised, 31 °C, pH 6.55, 1.4 mmol/L calcium',
        source: 'handbook range, from memory, ±35 %',
        ...around(30, 40),
        value: () =>
          cut({ treatment: 'pasteurised', imcuPerLitre: 60, tempC: 31, pH: 6.55, calciumMmolPerLitre: 1.4 }),
      },
    ],
  },
];

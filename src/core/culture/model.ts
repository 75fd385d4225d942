import { bufferOf } from '../acid/buffer';
import { compositionOf, milkBatch } from '../milk/composition';
import type { Model } from '../models/model';
import { acidify, hoursToPH, type TempCourse } from './acidify';
import { freezeDried, type Inoculum, liquidStarter } from './dose';

const skim = bufferOf(milkBatch(1, compositionOf('cow', 0.1, 3.3)), 6.65);
const whole = bufferOf(milkBatch(1, compositionOf('cow', 3.7, 3.2)), 6.65);
const hoursTo = (pH: number, culture: Inoculum, temps: TempCourse, milk = skim) =>
  hoursToPH(acidify({ milk, cultures: [culture], temps, hours: 40 }), pH);

export const cultureModels: readonly Model[] = [
  {
    title: 'pH against time',
    equation:
      'a lag clock runs at γ(T); then dX/dt = μ γ(T) γ(pH) γ(salt) X (1 − X/Xmax), dL/dt = A dX/dt + B γ(T) γ(pH) X; pH by the charge balance with lactic acid',
    parameters:
      '`src/core/culture/groups.ts`, doses in `dose.ts`; Runge and Kutta of fourth order, 0.1 h, split where a lag ends or the temperature bends',
    source: 'cardinal models of Rosso et al. 1993 and 1995; rates from memory; acid per cell fitted',
    holds:
      'Sound starters in milk without residues or phage. Strains within a group differ by a third in pace.',
    checks: [
      {
        what: 'skim milk, 1 % starter, 22 °C, to pH 4.65 (long-set cottage cheese)',
        source: 'handbook range, from memory',
        unit: 'h',
        low: 12,
        high: 16,
        value: () => hoursTo(4.65, liquidStarter('mesophilic', 1), [[0, 22]]),
      },
      {
        what: 'skim milk, 5 to 6 % starter, 32 °C, to pH 4.65 (short-set)',
        source: 'from memory',
        unit: 'h',
        low: 4,
        high: 6,
        value: () => hoursTo(4.65, liquidStarter('mesophilic', 5.5), [[0, 32]]),
      },
      {
        what: '2 % yogurt starter, 43 °C, to pH 4.6',
        source: 'from memory',
        unit: 'h',
        low: 4,
        high: 6,
        value: () => hoursTo(4.6, liquidStarter('yogurt', 2), [[0, 43]], whole),
      },
      {
        what: 'freeze-dried mesophilic, 25 °C falling to 19 °C, to pH 4.55',
        source: 'common practice',
        unit: 'h',
        low: 18,
        high: 26,
        value: () =>
          hoursTo(
            4.55,
            freezeDried('mesophilic'),
            [
              [0, 25],
              [6, 19],
            ],
            whole,
          ),
      },
      {
        what: '1.5 % mesophilic, 32 °C then 39 °C, after 6 h (cheddared curds at milling)',
        source: 'from memory',
        unit: 'pH',
        low: 5.3,
        high: 5.9,
        value: () =>
          acidify({
            milk: whole,
            cultures: [liquidStarter('mesophilic', 1.5)],
            temps: [
              [0, 32],
              [1.6, 32],
              [2.3, 39],
            ],
            hours: 6,
          }).at(-1)?.[1] ?? Number.NaN,
      },
    ],
  },
];

import type { Model } from '../models/model';
import { fridgeDays } from './fridge';
import { equivalentMinutesAt63 } from './pasteurise';
import { allowedHours } from './slowSouring';
import { warmMinutes } from './warmTime';

export const safetyModels: readonly Model[] = [
  {
    title: 'Pasteurising',
    equation:
      'Σ dt / t(T) × 30 min, ln t straight between the pairs; nothing below 63 °C; +3 °C for rich or sweetened milk',
    parameters: 'time and temperature pairs: `src/core/safety/pasteurise.ts`',
    source: 'US Pasteurized Milk Ordinance, from memory',
    holds: 'As a judgement of what a curve amounts to; legally it is one continuous hold.',
    checks: [
      {
        what: '15 s at 72 °C',
        source: 'US Pasteurized Milk Ordinance, from memory',
        unit: 'min at 63 °C',
        low: 29.9,
        high: 30.1,
        value: () =>
          equivalentMinutesAt63(
            [
              [0, 72],
              [0.25, 72],
            ],
            false,
          ),
      },
    ],
  },
  {
    title: 'Warm time and days of keeping',
    equation:
      'minutes between 5 and 60 °C, added up; days at or below 4 °C by kind, halved and at most 7 from raw milk',
    parameters: '`src/core/safety/warmTime.ts`, `fridge.ts`',
    source: 'guidance of food authorities, from memory, cautious',
    holds:
      'Cautious rules, no promise. Curd at pH 4.6 or below counts against a day, others against two hours, outside the pot’s heat and its culture’s care; Listeria grows down to about 4.4.',
    checks: [
      {
        what: 'milk warmed from 4 to 90 °C in 43 min',
        source: 'mass balance of minutes',
        unit: 'min',
        low: 27.4,
        high: 27.6,
        value: () =>
          warmMinutes([
            [0, 4],
            [43, 90],
          ]),
      },
      {
        what: 'squeaky curds, pasteurised milk',
        source: 'from memory, cautious',
        unit: 'days',
        low: 7,
        high: 7,
        value: () => fridgeDays('squeaky', 'pasteurised', false),
      },
    ],
  },
  {
    title: 'Slow souring',
    equation:
      'Σ dt / H(T) until pH 5.6, H = 8 h × exp(0.065 (30 − T)), nothing below 15.6 °C; above 1 it is thrown out',
    parameters: '`src/core/safety/slowSouring.ts`; one rule for plan, pot, mishap and label',
    source: 'guidance of food authorities on ripening, from memory',
    holds:
      'From the culture on. A set test that has passed counts as evidence where nobody has a meter; to what was first read or seen the pH counts as fallen as planned, in the time it really took.',
    checks: [
      {
        what: 'hours allowed at 37 °C',
        source: 'guidance, from memory',
        unit: 'h',
        low: 4.9,
        high: 5.2,
        value: () => allowedHours(37),
      },
      {
        what: 'hours allowed at 20 °C',
        source: 'guidance, from memory',
        unit: 'h',
        low: 14.8,
        high: 15.5,
        value: () => allowedHours(20),
      },
    ],
  },
];

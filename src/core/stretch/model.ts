import type { Model } from '../models/model';
import { stretchedFat } from './losses';
import { AIMED_CORE_C, STRETCH_PH } from './window';

export const stretchModels: readonly Model[] = [
  {
    title: 'Stretch',
    equation: 'fat kept = 0.90 − 0.0136 (core − 57 °C) − 0.0023 minutes of working, between 0.70 and 0.90',
    parameters: 'windows of pH and core, ways of heating: `src/core/stretch/window.ts`, `losses.ts`',
    source:
      'windows common practice and from memory; the slope fitted between the best and the worst handling',
    holds:
      'pH 5.1 to 5.4 soured by culture, vinegar or lactic acid, 5.5 to 5.75 with citric acid; a middling curd flows from a core of 57 °C, best at 66, and worse above 68; drier, sweeter or calcium-rich curd wants it hotter. The test piece has the last word.',
    checks: [
      {
        what: 'handled least',
        source: 'common practice',
        unit: '',
        low: 0.9,
        high: 0.9,
        value: () => stretchedFat(57, 0),
      },
      {
        what: 'as usual, core 60 °C, 4 min',
        source: 'common practice',
        unit: '',
        low: 0.845,
        high: 0.855,
        value: () => stretchedFat(AIMED_CORE_C, 4),
      },
      {
        what: 'hot and long, core 70 °C, 10 min',
        source: 'common practice',
        unit: '',
        low: 0.695,
        high: 0.705,
        value: () => stretchedFat(70, 10),
      },
      {
        what: 'upper pH of cultured curd',
        source: 'common practice',
        unit: 'pH',
        low: 5.4,
        high: 5.4,
        value: () => STRETCH_PH.lactic[1],
      },
    ],
  },
];

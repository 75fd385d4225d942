import type { Model } from '../models/model';
import { boilingC } from './boiling';
import { denaturedShare, heatOver, NO_HEAT } from './denaturation';
import { minutesTo, potOf } from './pot';
import { sinkBath } from './sinkBath';

export const heatModels: readonly Model[] = [
  {
    title: 'A pot on its heat',
    equation: 'm c dT/dt = P − U A (T − room)',
    parameters:
      'specific heats, losses and the middling hob: `src/core/heat/mixing.ts`, `pot.ts`; bigger pots get bigger burners, in proportion to their base',
    source: 'from memory; the hob fitted',
    holds: 'A stirred pot, now and then uncovered. Real hobs differ by a third; two readings say more.',
    checks: [
      {
        what: '3.8 L of milk from the fridge to 49 °C on a middling hob',
        source: 'common practice',
        unit: 'min',
        low: 20,
        high: 25,
        value: () => minutesTo(potOf(3.8, 3.8 * 1.03), 4, 49, 20),
      },
      {
        what: 'boiling point at 3,000 m',
        source: 'about 1 °C per 300 m, from memory',
        unit: '°C',
        low: 89.9,
        high: 90.1,
        value: () => boilingC(3000),
      },
      {
        what: '7.6 L from 30 to 41 °C in a 40 L sink at 50 °C, unstirred',
        source: 'fitted; about 45 min in common practice, ±25 %',
        unit: 'min',
        low: 33.75,
        high: 56.25,
        value: () => {
          const bath = sinkBath(7.6, 30, 41, 40, 50);
          return 'minutes' in bath ? bath.minutes : Number.NaN;
        },
      },
    ],
  },
  {
    title: 'Whey protein and heat',
    equation:
      'denatured = 0.52 β + 0.20 α + 0.14 min(1, 1.2 β); β of order 1.5 and α of order 1 in time, Arrhenius in temperature, a second pair of constants above 90 and 80 °C',
    parameters: '`src/core/heat/denaturation.ts`',
    source: 'Dannenberg and Kessler 1988, J. Food Sci., from memory',
    holds: '60 to 100 °C, milk at its own pH. The first heat of bought milk is a guess by its treatment.',
    checks: [
      {
        what: 'whey protein denatured after 5 min at 90 °C',
        source: 'about three quarters, from memory',
        unit: '%',
        low: 72,
        high: 78,
        value: () => 100 * denaturedShare(heatOver(NO_HEAT, 90, 90, 5)),
      },
    ],
  },
];

import { USUAL_MILK_KG_PER_L } from '../milk/density';
import type { Model } from '../models/model';
import { boilingC } from './boiling';
import { carryOverC } from './carryOver';
import { minutesToCore } from './coolThrough';
import { denaturedShare, heatOver, NO_HEAT } from './denaturation';
import { heatIntoMilkKw } from './hob';
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
  {
    title: 'Carry-over',
    equation:
      'a pot climbs by Q / (m c) after the heat is off; of a pot that has been made in before, the median of how far it climbed, in degrees times litres, over the litres of now',
    parameters: 'heat left by source: `src/core/heat/carryOver.ts`; what pots did: `src/run/pots.ts`',
    source: 'heat left from memory; the rest from the makes in the book',
    holds:
      'A pot read at least once in the ten minutes after the heat went off. A lid, or a hob left on low, is not known.',
    checks: [
      {
        what: '8 L of milk on gas',
        source: 'less than half a degree, common practice',
        unit: '°C',
        low: 0.1,
        high: 0.5,
        value: () => carryOverC('gas', 8 * USUAL_MILK_KG_PER_L),
      },
      {
        what: '2 L of milk on a solid plate',
        source: 'several degrees, common practice',
        unit: '°C',
        low: 4,
        high: 8,
        value: () => carryOverC('solid plate', 2 * USUAL_MILK_KG_PER_L),
      },
    ],
  },
  {
    title: 'A ring by its kilowatts',
    equation: 'heat into the milk = share × rated power, then the pot on its heat',
    parameters: 'share by source: `src/core/heat/hob.ts`',
    source: 'from memory',
    holds:
      'A pot at least as wide as the ring, full on. It is said beside the plan, and does not change its times.',
    checks: [
      {
        what: '3.8 L from the fridge to 49 °C on 0.75 kW of ceramic',
        source: 'what the middling hob is fitted to, common practice',
        unit: 'min',
        low: 20,
        high: 27,
        value: () =>
          minutesTo(potOf(3.8, 3.8 * USUAL_MILK_KG_PER_L), 4, 49, 20, heatIntoMilkKw('ceramic', 0.75)),
      },
    ],
  },
  {
    title: 'Cooling through',
    equation:
      'core left = min(1, A exp(−t / τ)), τ = L² / (2.5 α) for a slab of half-thickness L, R² / (9.9 α) for a ball, and the surface’s own resistance; A 4/π and 2',
    parameters: '`src/core/heat/coolThrough.ts`',
    source: 'conduction, Carslaw and Jaeger, first term; α 1.3e-3 cm²/s and surface from memory',
    holds: 'A piece that lies free. Pieces that touch count as one.',
    checks: [
      {
        what: 'a 28 kg cloth of ricotta of 80 °C stays above 45 °C in a room of 20 °C',
        source: 'hours, common practice',
        unit: 'h',
        low: 3,
        high: 24,
        value: () => minutesToCore({ shape: 'ball', kg: 28, surroundings: 'air' }, 80, 45, 20) / 60,
      },
    ],
  },
];

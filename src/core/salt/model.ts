import type { Model } from '../models/model';
import { brineDensityKgPerL, brineOf, SATURATED_PCT_WW } from './brine';
import { brineHours } from './diffusion';
import { saltedTooEarly } from './dry';
import { GRAMS_PER_TEASPOON } from './spoons';
import { salted } from './taken';

export const saltModels: readonly Model[] = [
  {
    title: 'Brine and the time in it',
    equation:
      '% w/w = salt / brine by mass; mean salt S(t) = S∞ − (S∞ − S₀) Π missing(Fo), Fo = D t / l², D = 0.20 exp(0.029 (T − 12)) cm²/day; S∞ = 0.85 × (g salt per g of brine water) × moisture',
    parameters:
      '`src/core/salt/brine.ts`, `diffusion.ts`; series for slab, cylinder, sphere (Crank 1975), short-time forms below Fo 0.01',
    source: 'Geurts; Guinee and Fox; Crank 1975; from memory',
    holds:
      'Closed curd of 38 to 60 % moisture at 4 to 20 °C; held against a numerical solution in a test. Open, loosely pressed curd takes salt many times faster; about twice as much water goes out as salt goes in, which the mass does not count.',
    checks: [
      {
        what: '10 parts of water to 1 of salt',
        source: 'definition',
        unit: '% w/w',
        low: 9.05,
        high: 9.15,
        value: () => brineOf(10 / 0.9982, 1000).percentWw,
      },
      {
        what: 'density of saturated brine at 20 °C',
        source: 'handbook of chemistry, from memory',
        unit: 'kg/L',
        low: 1.19,
        high: 1.205,
        value: () => brineDensityKgPerL(SATURATED_PCT_WW),
      },
      {
        what: 'a pear of 500 g to 1.5 % in 18 % brine at 12 °C',
        source: 'common practice, half a night to a day',
        unit: 'h',
        low: 4,
        high: 24,
        value: () =>
          brineHours({
            shape: 'sphere',
            grams: 500,
            brinePctWw: 18,
            targetSaltPct: 1.5,
            moisturePct: 47,
            startSaltPct: 0,
            tempC: 12,
          }),
      },
    ],
  },
  {
    title: 'Salt takes water out',
    equation:
      'water lost = 2 × salt gone in, solutes with it; pressed or drained afterwards, curd keeps 0.65 of what was strewn; kept in brine, salt / water → 0.85 × the brine’s',
    parameters: '`src/core/salt/taken.ts`, `diffusion.ts`',
    source: 'Guinee and Fox; Geurts; from memory',
    holds: 'By hand and in brine alike. 50 to 80 % is kept, by how much whey runs off after the salting.',
    checks: [
      {
        what: '1 kg of curd of 50 % moisture with 2 % of salt weighs',
        source: 'mass balance',
        unit: 'kg',
        low: 0.977,
        high: 0.979,
        value: () => salted({ kg: 1, waterKg: 0.5, saltKg: 0 }, 0.02, 0.05).kg,
      },
    ],
  },
  {
    title: 'Dry salt',
    equation:
      'grams = mass × %; salted before it drained, the whey takes salt as it takes water: lost = salt × water run off / water',
    parameters: 'grams in a teaspoon: `src/core/salt/spoons.ts`',
    source: 'definition; spoons from memory, ±10 %',
    holds: 'Salt that has had time to dissolve. Strewn and drained at once, less is lost.',
    checks: [
      {
        what: 'a teaspoon of fine salt',
        source: 'from memory',
        unit: 'g',
        low: 5.4,
        high: 6.6,
        value: () => GRAMS_PER_TEASPOON['fine salt'],
      },
      {
        what: 'top-up of 1.2 kg to 1.5 % after 20 g were strewn on 2 kg at 80 % moisture',
        source: 'mass balance',
        unit: 'g',
        low: 7.99,
        high: 8.01,
        value: () => saltedTooEarly(20, { kg: 2, moisturePct: 80 }, 1.2, 1.5).topUpGrams,
      },
    ],
  },
];

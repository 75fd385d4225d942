import { compositionOf, milkBatch } from '../milk/composition';
import type { Model } from '../models/model';
import type { AcidProduct } from './acids';
import { bufferOf } from './buffer';
import { aimedPH } from './coagulation';
import { amountForPH, strongAcidDemand, titrantOf } from './titrate';

const milk = (fatPct: number) => bufferOf(milkBatch(1, compositionOf('cow', fatPct, 3.2)), 6.65);
const perLitre = (product: AcidProduct, pH: number, fatPct = 3.7) =>
  amountForPH(milk(fatPct), titrantOf(product, { diluted: false }), pH);
const VINEGAR = { kind: 'vinegar', strengthPct: 5 } as const;

export const acidModels: readonly Model[] = [
  {
    title: 'Acid and pH',
    equation:
      'Σ bound protons(pH) + 10^−pH = Σ bound protons(pH₀) + 10^−pH₀ + acid × protons given up(pH); bound protons of a group c / (1 + 10^(pH − pKa)), of polyprotic acids by the binding polynomial',
    parameters:
      'casein and whey-protein carboxyls and histidines, phosphoserine, serum and colloidal phosphate, citrate, organic phosphate, carbonate: `src/core/acid/groups.ts`',
    source: 'milk chemistry literature, from memory, rounded; the course of the colloidal phosphate fitted',
    holds:
      'pH 3.6 to 7 at an ionic strength of about 0.08 mol/L. Minerals of a single milk can move the need by about 10 %; whole juices vary by 15 %.',
    checks: [
      {
        what: 'strong acid, pH 6.65 to 4.6, skim milk of 3.2 % true protein',
        source: 'acid casein practice, from memory',
        unit: 'mmol/L',
        low: 55,
        high: 63,
        value: () => strongAcidDemand(milk(0.05), 4.6) * 1000,
      },
      {
        what: 'citric acid for pH 5.6, direct-acid stretched curd',
        source: 'from memory, ±20 %',
        unit: 'g/L',
        low: 1.6,
        high: 2.4,
        value: () => perLitre({ kind: 'citric' }, 5.6),
      },
      {
        what: '5 % vinegar that sets whole milk at 49 °C',
        source: 'common practice',
        unit: 'mL/L',
        low: 45,
        high: 63,
        value: () => perLitre(VINEGAR, aimedPH(49)),
      },
      {
        what: '5 % vinegar that sets whole milk at 89 °C',
        source: 'common practice',
        unit: 'mL/L',
        low: 20,
        high: 27,
        value: () => perLitre(VINEGAR, aimedPH(89)),
      },
      {
        what: 'lemon juice that sets whole milk at the boil',
        source: 'common practice',
        unit: 'mL/L',
        low: 0,
        high: 30,
        value: () => perLitre({ kind: 'lemon' }, aimedPH(100)),
      },
      // A solution of 100 g/L: 10 mL hold 1 g.
      {
        what: 'lactic acid formed at pH 4.6',
        source: 'from memory',
        unit: 'g/L',
        low: 6,
        high: 7.5,
        value: () => perLitre({ kind: 'lactic', strengthPct: 10 }, 4.6, 0.05) / 10,
      },
    ],
  },
  {
    title: 'Where warm milk turns',
    equation:
      'straight lines through 20 °C pH 4.70, 35 5.10, 50 5.40, 70 5.65, 80 5.75, 90 5.85, 100 5.95; the dose aims 0.05 below, 15 % of it held back',
    parameters: '`src/core/acid/coagulation.ts`',
    source: 'fitted to common practice',
    holds: 'Fresh milk of any species; sour milk turns earlier.',
    checks: [],
  },
];

import type { Model } from '../models/model';
import { COLLOIDAL_PHOSPHATE } from './groups';
import { BUFFERING_ROWS } from './tables';

export const acidModels: readonly Model[] = [
  {
    title: 'Acid and pH',
    equation:
      'Σ bound protons(pH) + 10^−pH = Σ bound protons(pH₀) + 10^−pH₀ + acid × protons given up(pH); bound protons of a group c / (1 + 10^(pH − pKa)), of polyprotic acids by the binding polynomial',
    parameters:
      'casein and whey-protein carboxyls and histidines, phosphoserine, serum and colloidal phosphate, citrate, organic phosphate, carbonate: `src/core/acid/groups.ts`',
    source:
      'milk chemistry literature, from memory, rounded; the course of the colloidal phosphate fitted (`npm run fit`), so that milk buffers most near pH 5.1 (Lucey 1993)',
    holds:
      'pH 3.6 to 7 at an ionic strength of about 0.08 mol/L. Minerals of a single milk can move the need by about 10 %; whole juices vary by 15 %.',
    checks: BUFFERING_ROWS.map(({ of, ...row }) => ({ ...row, value: () => of(COLLOIDAL_PHOSPHATE) })),
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

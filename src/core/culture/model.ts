import type { Model } from '../models/model';
import { SOURING } from './fitted';
import { SOURING_ROWS } from './tables';

export const cultureModels: readonly Model[] = [
  {
    title: 'pH against time',
    equation:
      'a lag clock runs at γ(T); then dX/dt = μ γ(T) γ(pH) γ(salt) X (1 − X/Xmax), dL/dt = A dX/dt + B γ(T) γ(pH) X; pH by the charge balance with lactic acid',
    parameters:
      '`src/core/culture/fitted.ts`, what no table decides in `groups.ts`, doses in `dose.ts`; Runge and Kutta of fourth order, 0.1 h, split where a lag ends or the temperature bends',
    source:
      'cardinal models of Rosso et al. 1993 and 1995; rates, lags and acid per cell fitted to all of the tables at once (`npm run fit`), starting from values from memory',
    holds:
      'Sound starters in milk without residues or phage. Strains within a group differ by a third in pace.',
    checks: SOURING_ROWS.map(({ of, ...row }) => ({ ...row, value: () => of(SOURING) })),
  },
];

import { compositionOf, milkBatch } from '../milk/composition';
import { type AcidProduct, gramsOfProduct } from './acids';
import { bufferOf } from './buffer';
import { aimedPH } from './coagulation';
import type { Colloidal } from './groups';
import { amountForPH, pHAfter, strongAcidDemand, titrantOf } from './titrate';

/** A known need of acid that the colloidal phosphate is fitted to, and held to afterwards. */
export interface BufferingRow {
  what: string;
  source: string;
  unit: string;
  low: number;
  high: number;
  of(fitted: Colloidal): number;
}

const milk = (fitted: Colloidal, fatPct = 3.7) =>
  bufferOf(milkBatch(1, compositionOf('cow', fatPct, 3.2)), 6.65, fitted);
const dose = (fitted: Colloidal, product: AcidProduct, pH: number) =>
  amountForPH(milk(fitted), titrantOf(product, { diluted: false }), pH);
const VINEGAR = { kind: 'vinegar', strengthPct: 5 } as const;
/** Lactic acid formed by a culture, g/L: the acid itself, without water. */
const lacticFormed = (fitted: Colloidal, pH: number) => {
  const product = { kind: 'lactic', strengthPct: 100 } as const;
  return gramsOfProduct({ kind: 'citric' }, dose(fitted, product, pH));
};

/** pH of the strongest buffering of skim milk between 4.5 and 6.2. */
function strongest(fitted: Colloidal): number {
  const skim = milk(fitted, 0.05);
  let at = 0;
  let most = 0;
  for (let pH = 4.5; pH <= 6.2; pH += 0.01) {
    const slope = skim.boundAt(pH - 0.02) - skim.boundAt(pH + 0.02);
    if (slope <= most) continue;
    most = slope;
    at = pH;
  }
  return at;
}

export const BUFFERING_ROWS: readonly BufferingRow[] = [
  {
    what: 'strong acid, pH 6.65 to 4.6, skim milk of 3.2 % true protein',
    source: 'acid casein practice, from memory',
    unit: 'mmol/L',
    low: 55,
    high: 63,
    of: (f) => strongAcidDemand(milk(f, 0.05), 4.6) * 1000,
  },
  {
    what: 'citric acid for pH 5.6, direct-acid stretched curd',
    source: 'from memory, ±20 %',
    unit: 'g/L',
    low: 1.6,
    high: 2.4,
    of: (f) => dose(f, { kind: 'citric' }, 5.6),
  },
  {
    what: 'pH after 1.75 g citric acid per litre, a quick stretch’s dose',
    source: 'common practice',
    unit: 'pH',
    low: 5.55,
    high: 5.8,
    of: (f) => pHAfter(milk(f), titrantOf({ kind: 'citric' }), 1.75),
  },
  {
    what: '5 % vinegar that sets whole milk at 49 °C',
    source: 'common practice',
    unit: 'mL/L',
    low: 45,
    high: 63,
    of: (f) => dose(f, VINEGAR, aimedPH(49)),
  },
  {
    what: '5 % vinegar that sets whole milk at 89 °C',
    source: 'common practice',
    unit: 'mL/L',
    low: 20,
    high: 27,
    of: (f) => dose(f, VINEGAR, aimedPH(89)),
  },
  {
    what: 'lemon juice that sets whole milk at the boil',
    source: 'common practice',
    unit: 'mL/L',
    low: 0,
    high: 30,
    of: (f) => dose(f, { kind: 'lemon' }, aimedPH(100)),
  },
  {
    what: 'lactic acid formed at pH 4.6',
    source: 'from memory',
    unit: 'g/L',
    low: 6,
    high: 7.5,
    of: (f) => lacticFormed(f, 4.6),
  },
  {
    what: 'lactic acid formed at pH 5.6',
    source: 'from memory',
    unit: 'g/L',
    low: 1.9,
    high: 2.4,
    of: (f) => lacticFormed(f, 5.6),
  },
  {
    what: 'pH at which skim milk buffers most',
    source: 'Lucey 1993, from memory',
    unit: 'pH',
    low: 5.0,
    high: 5.2,
    of: strongest,
  },
];

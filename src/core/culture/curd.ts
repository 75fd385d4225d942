import { bufferBy } from '../acid/buffer';
import type { MilkBatch } from '../milk/composition';
import { type Ferment, fermentPH } from './ferment';
import { lacticCurve } from './lactate';

/** Lactose left in 100 g of a curd's moisture once it is off its whey, g: 2.0 to 2.6. From memory. */
export const LACTOSE_OFF_WHEY_G = 2.2;
/** Starter cells that stay in the curd. From memory. */
const CELLS_KEPT = 0.9;
/** Four molecules of lactic acid to one of lactose, 342.3 g/mol; a twentieth goes elsewhere. Chemistry, from memory. */
const LACTATE_PER_LACTOSE_G = (4 * 0.95) / 342.3;
/** Whey protein in a curd's moisture is left out of its buffering: next to its casein it is little. */
const WHEY_PROTEIN_KEPT = 0.05;

/** A curd as its souring sees it, for each litre of the milk it came of. */
export interface CurdOfLitre {
  milk: MilkBatch;
  freshPH: number;
  caseinKept: number;
  /** kg of moisture in the curd for each litre of milk. */
  moistureKgPerL: number;
  /** g of lactose in 100 g of its moisture. */
  lactoseG: number;
}

/**
 * A milk's ferment goes on in the curd alone, off its whey: the same cells, nine tenths of them, against casein and minerals
 * gathered in little moisture, until its lactose is gone. Amounts stay those of a litre of milk; lactic acid is counted
 * from here on. The pH does not jump.
 *
 * @example fermentPH(intoCurd(ferment, curd)) // that of the milk's ferment
 */
export function intoCurd(ferment: Ferment, curd: CurdOfLitre, stepPH?: number): Ferment {
  const pH = fermentPH(ferment);
  const n = ferment.strains.length;
  const serumKgPerL = curd.milk.densityKgPerL * (curd.milk.composition.waterPct / 100);
  const buffer = bufferBy(curd.milk, {
    pH0: pH,
    freshPH: curd.freshPH,
    casein: curd.caseinKept,
    wheyProtein: WHEY_PROTEIN_KEPT,
    serum: Math.min(1, curd.moistureKgPerL / serumKgPerL),
  });
  const state = ferment.state.map((one) => one * CELLS_KEPT);
  state[n] = 0;
  return {
    ...ferment,
    pHOf: lacticCurve(buffer, stepPH),
    state,
    lag: ferment.lag.slice(),
    lactateMost: curd.lactoseG * 10 * curd.moistureKgPerL * LACTATE_PER_LACTOSE_G,
  };
}

/** Water round the curd takes shares of its lactose and of its acid; most of the acid is bound to the casein and stays. */
export function washed(ferment: Ferment, lactoseShare: number, acidShare: number): Ferment {
  const n = ferment.strains.length;
  const state = ferment.state.slice();
  const left = ferment.lactateMost - (state[n] as number);
  state[n] = (state[n] as number) * (1 - acidShare);
  return { ...ferment, state, lactateMost: (state[n] as number) + left * (1 - lactoseShare) };
}

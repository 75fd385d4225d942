import { expOf } from '../core/numeric/elementary';
import { type Departure, NO_DEPARTURE } from '../plan/world';

/** What is peculiar about a milk, a pot and its maker, and steady from batch to batch. Nobody at the pot knows it. */
export interface Quirks {
  milk: Partial<Pick<Departure, 'fatPct' | 'proteinPct' | 'pH' | 'acidStrength'>>;
  pot: Partial<Pick<Departure, 'power' | 'probeOffC' | 'drainPace' | 'fatRetention' | 'coagulantStrength'>>;
}

/** How far single batches stray from their quirks. */
const BATCH_NOISE: Partial<Record<keyof Departure, number>> = {
  fatPct: 0.08,
  proteinPct: 0.05,
  pH: 0.015,
  power: 0.05,
  probeOffC: 0.2,
  drainPace: 0.1,
  moisturePct: 1.2,
};

/** One real batch: the quirks and a draw of noise on top. `normal` gives standard normal numbers. */
export function realBatch(quirks: Quirks, normal: () => number): Departure {
  const depart: Departure = { ...NO_DEPARTURE, ...quirks.milk, ...quirks.pot };
  for (const [key, sd] of Object.entries(BATCH_NOISE) as [keyof Departure, number][]) {
    const z = normal() * sd;
    depart[key] = key === 'power' || key === 'drainPace' ? depart[key] * expOf(z) : depart[key] + z;
  }
  return depart;
}

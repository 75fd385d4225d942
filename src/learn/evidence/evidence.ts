import type { Log } from '../../judge/log';
import type { Planned } from '../../plan/plan';

/** What one make says of a quantity: the natural logarithm of what happened over what the plain model gives at the doses really given. */
export interface Sample {
  ln: number;
  /** How well that could be read, beyond how far batches stray; of the logarithm. */
  sd: number;
}

/** A finished make's log, and its brief planned again by the plain model of today. */
export interface Made {
  log: Log;
  plain: Planned;
}

export type Evidence = (made: Made) => Sample | null;

export const doseGrams = ({ plan }: Pick<Planned, 'plan'>, id: 'acid' | 'coagulant'): number =>
  plan.doses.find((dose) => dose.id === id)?.grams ?? 0;

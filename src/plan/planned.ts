import type { Span } from '../makes/grammar';
import type { Method } from '../makes/method';
import type { Outcome } from './outcome';
import type { Plan } from './schema';
import type { Spread } from './spread/draws';

/** A plan with what the interface draws and a running make keeps beside it. */
export interface Planned {
  plan: Plan;
  /** The make it is a plan of, as it was planned. */
  method: Method;
  /** Stage parameters by stage id, frozen into a make. */
  parameters: Record<string, unknown>;
  spans: Span[];
  outcome: Outcome;
  spread: Spread | null;
  milkPH: number;
  acid: { amount: number; aimsAtPH: number } | null;
}

import { movedIn } from '../../plan/moved';
import type { Planned } from '../../plan/plan';

/**
 * A likely run with the spread of the plan before it, in proportion, so that nothing flickers while the new spread is
 * being drawn: a small change moves the spread a little; likewise what was learned, where it goes by that. Without a plan before it, or of another make, it stays bare.
 */
export function carrySpread(likely: Planned, before: Planned | null, goesBy = false): Planned {
  if (!before?.spread || before.plan.method !== likely.plan.method) return likely;
  const old = before.plan.predictions.yieldKg;
  const scale = likely.plan.predictions.yieldKg.likely / old.likely;
  const acid = likely.acid && before.acid?.amount ? likely.acid.amount / before.acid.amount : 1;
  const { acidNeeded } = before.spread;
  return {
    ...likely,
    plan: {
      ...likely.plan,
      hinges: before.plan.hinges,
      ...(goesBy && before.plan.learned && { learned: movedIn(before.plan.learned, likely.plan) }),
      predictions: {
        ...likely.plan.predictions,
        yieldKg: {
          likely: likely.plan.predictions.yieldKg.likely,
          low: old.low * scale,
          high: old.high * scale,
        },
      },
    },
    spread: { ...before.spread, acidNeeded: { low: acidNeeded.low * acid, high: acidNeeded.high * acid } },
  };
}

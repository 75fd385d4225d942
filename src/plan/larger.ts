import { BOUNDS } from '../core/faults/bounds';
import type { OptionValues } from '../makes/method';
import { type Planned, planBrief } from './plan';
import type { Plan } from './schema';

/**
 * The same plan with so many times the milk, and the cream with it, and other options where some are given; null where
 * no pot is that big, or that small, or the make cannot be had that way.
 */
export function scaledBy(plan: Plan, times: number, options: OptionValues = {}): Planned | null {
  const { brief } = plan;
  const litres = (brief.milk.litres ?? 0) * times;
  if (litres > BOUNDS.litres.max || litres < BOUNDS.litres.min) return null;
  const scaled = planBrief(
    {
      ...brief,
      milk: { ...brief.milk, litres },
      options: { ...brief.options, ...options },
      ...(brief.cream && { cream: { ...brief.cream, litres: brief.cream.litres * times } }),
    },
    { spread: false },
  );
  return scaled.ok ? scaled.value : null;
}

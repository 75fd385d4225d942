import { BOUNDS } from '../core/faults/bounds';
import { type Planned, planBrief } from './plan';
import type { Plan } from './schema';

/** The same plan with so many times the milk, and the cream with it; null where no pot is that big, or that small. */
export function scaledBy(plan: Plan, times: number): Planned | null {
  const { brief } = plan;
  const litres = (brief.milk.litres ?? 0) * times;
  if (litres > BOUNDS.litres.max || litres < BOUNDS.litres.min) return null;
  const scaled = planBrief(
    {
      ...brief,
      milk: { ...brief.milk, litres },
      ...(brief.cream && { cream: { ...brief.cream, litres: brief.cream.litres * times } }),
    },
    { spread: false },
  );
  return scaled.ok ? scaled.value : null;
}

import { BOUNDS } from '../core/faults/bounds';
import { planBrief } from './plan';
import type { Plan } from './schema';

/** The same plan with so many times the milk, and the cream with it; null where no pot is that big. */
export function timesTheMilk(plan: Plan, times: number): Plan | null {
  const { brief } = plan;
  const litres = (brief.milk.litres ?? 0) * times;
  if (litres > BOUNDS.litres.max) return null;
  const larger = planBrief(
    {
      ...brief,
      milk: { ...brief.milk, litres },
      ...(brief.cream && { cream: { ...brief.cream, litres: brief.cream.litres * times } }),
    },
    { spread: false },
  );
  return larger.ok ? larger.value.plan : null;
}

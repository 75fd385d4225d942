import { BOUNDS } from '../core/faults/bounds';
import type { OptionValues } from '../makes/method';
import type { Brief } from './brief/schema';
import { withoutClock } from './byClock';
import { beliefIn } from './moved';
import { type Planned, planBrief } from './plan';
import { bookOf, type PlanOf } from './planOf';

type Given = { amount: number; unit: string };
const scaled = <T extends { given?: Given | undefined }>(
  part: T | undefined,
  times: number,
): T | undefined =>
  part?.given ? { ...part, given: { ...part.given, amount: part.given.amount * times } } : part;

/** Doses in hand, for so many times the milk. */
function timesGiven(brief: Brief, times: number): Partial<Brief> {
  const { acid, coagulant, culture, salt, calcium } = brief;
  return {
    ...(acid && { acid: scaled(acid, times) }),
    ...(coagulant && { coagulant: scaled(coagulant, times) }),
    ...(culture && { culture: scaled(culture, times) }),
    ...(salt && { salt: scaled(salt, times) }),
    ...(typeof calcium === 'object' && { calcium: scaled(calcium, times) }),
  };
}

/**
 * The same plan with so many times the milk, cream and doses in hand with it, and other options where some are given; null where
 * no pot is that big, or that small, or the make cannot be had that way.
 */
export function scaledBy(of: PlanOf, times: number, options: OptionValues = {}): Planned | null {
  const brief = withoutClock(of.plan.brief);
  const litres = (brief.milk.litres ?? 0) * times;
  if (litres > BOUNDS.litres.max || litres < BOUNDS.litres.min) return null;
  const planned = planBrief(
    {
      ...brief,
      milk: { ...brief.milk, litres },
      options: { ...brief.options, ...options },
      ...(brief.cream && { cream: { ...brief.cream, litres: brief.cream.litres * times } }),
      ...timesGiven(brief, times),
    },
    { spread: false, belief: beliefIn(of.plan), methods: bookOf(of) },
  );
  return planned.ok ? planned.value : null;
}

import type { GivenUnit } from '../core/units/given';
import { FINDS } from './brief/given';
import type { Brief } from './brief/schema';
import { withoutClock } from './byClock';
import type { AddedDose } from './givenDoses';
import { beliefIn } from './moved';
import { type Planned, planBrief } from './plan';
import { bookOf, type PlanOf } from './planOf';

/** A brief with so much of a dose given, and without the option that would have found it. */
function givenIn(brief: Brief, dose: AddedDose, given: { amount: number; unit: GivenUnit }): Brief {
  const found = (FINDS as Partial<Record<AddedDose, string>>)[dose];
  const options = Object.fromEntries(Object.entries(brief.options ?? {}).filter(([key]) => key !== found));
  switch (dose) {
    case 'acid':
      return { ...brief, options, acid: { kind: 'citric', ...brief.acid, given } };
    case 'coagulant':
      return { ...brief, options, coagulant: { form: 'liquid', ...brief.coagulant, given } };
    case 'culture':
      return { ...brief, options, culture: { form: 'freeze-dried', ...brief.culture, given } };
    case 'salt':
      return { ...brief, options, salt: { ...brief.salt, given } };
    case 'calcium':
      return { ...brief, options, calcium: { given } };
    case 'cream':
      // Cream is told in litres wherever it is told.
      return brief.cream ? { ...brief, cream: { ...brief.cream, litres: given.amount / 1000 } } : brief;
  }
}

/**
 * The same make planned anew for so much of a dose as really went in, all of it; null where the make cannot be planned with
 * that.
 *
 * @example withAdded(planned, 'coagulant', { amount: 1.5, unit: 'mL' })?.plan.predictions.setMin
 */
export function withAdded(
  of: PlanOf,
  dose: AddedDose,
  given: { amount: number; unit: GivenUnit },
): Planned | null {
  const planned = planBrief(givenIn(withoutClock(of.plan.brief), dose, given), {
    spread: false,
    belief: beliefIn(of.plan),
    methods: bookOf(of),
  });
  return planned.ok ? planned.value : null;
}

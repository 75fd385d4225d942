import type { MethodOption, OptionValue, PressSteps } from '../makes/method';
import { scaledBy } from './larger';
import type { Planned } from './plan';
import type { PlanOf } from './planOf';
import type { Plan } from './schema';

/** Doses that are given once and cannot be taken back. */
const GIVEN = ['acid', 'coagulant', 'culture', 'calcium', 'lipase'];

/** Whether two plans are the same up to a stage, that one's aim left out. */
function samePast(one: Planned, other: Planned, index: number): boolean {
  const past = ({ plan, parameters }: Planned) =>
    JSON.stringify([
      plan.stages.slice(0, index + 1).map((stage) => stage.id),
      plan.stages.slice(0, index).map((stage) => parameters[stage.id] ?? null),
      plan.doses.filter((dose) => GIVEN.includes(dose.id)).map((dose) => [dose.id, dose.grams]),
    ]);
  return past(one) === past(other);
}

/** What an option might be besides what it is: every other choice, or the ends and middle of its range. */
function others(option: MethodOption, now: OptionValue | undefined): OptionValue[] {
  const all =
    option.type === 'choice'
      ? option.choices.map(({ value }) => value)
      : option.type === 'boolean'
        ? [true, false]
        : option.type === 'steps'
          ? [[[20, 60]] satisfies PressSteps]
          : [option.min, option.max, Math.round((option.min + option.max) / 2)];
  return all.filter((value) => value !== now);
}

/** A plan as it is, and with each of its options otherwise. */
interface Ways {
  as: Planned;
  others: { key: string; plans: Planned[] }[];
}

const ways = new WeakMap<Plan, Ways | null>();

/** Every other way of a plan, reckoned once. */
function waysOf(of: PlanOf): Ways | null {
  const { plan } = of;
  const known = ways.get(plan);
  if (known !== undefined) return known;
  const as = scaledBy(of, 1);
  const found = as && {
    as,
    others: Object.entries(as.method.options).map(([key, option]) => ({
      key,
      plans: others(option, plan.brief.options?.[key]).flatMap(
        (value) => scaledBy(of, 1, { [key]: value }) ?? [],
      ),
    })),
  };
  ways.set(plan, found);
  return found;
}

/**
 * Options of a make that are still free at a stage, by key: however they are chosen, all that has been done stays as it
 * was. None for a make whose method is not known here.
 */
export function freeOptions(of: PlanOf, index: number): string[] {
  const found = waysOf(of);
  if (!found) return [];
  return found.others.flatMap(({ key, plans }) =>
    plans.length > 0 && plans.every((other) => samePast(found.as, other, index)) ? [key] : [],
  );
}

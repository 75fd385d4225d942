import { differenceInDays, parseISO } from 'date-fns';
import { productOf, saidImcu, saysNothing } from '../../core/coagulant/product';
import type { CultureGroup } from '../../core/culture/fitted';
import { type Good, type GoodKind, monthsOpen, usable } from '../../kitchen/goods';
import type { KnownMilk } from '../../kitchen/milk';
import { groupsIn, groupsOf } from '../../makes/method';
import { methodIn, type PlanOf } from '../../plan/planOf';
import type { Plan } from '../../plan/schema';
import { gramsPerMeasure, leftOf, litresLeft, type Taken } from '../../run/shelf';
import type { MakeState } from '../../run/state';
import type { Uses } from '../../run/uses';
import { type Draft, FIRST_DRAFT, type FieldValue } from '../../store/slices/draft';

const at = (value: number): FieldValue => ({ value, text: null });

/** What is known of how strong a coagulant is. */
export function knownBy(coagulant: NonNullable<Good['coagulant']>): 'strength' | 'label' | 'nothing' {
  if (saidImcu(coagulant) !== undefined) return 'strength';
  return saysNothing(productOf(coagulant)) ? 'nothing' : 'label';
}

/** What choosing a good from the shelf does to the form. */
export function draftWith(
  good: Good,
  now: number,
): { plain: Partial<Omit<Draft, 'fields' | 'options' | 'choices'>>; fields: Partial<Draft['fields']> } {
  const { acid, coagulant, culture } = good;
  if (acid) {
    return {
      plain: { acid: acid.kind },
      fields: acid.strengthPct === null ? {} : { strengthPct: at(acid.strengthPct) },
    };
  }
  if (coagulant) {
    const strength = saidImcu(coagulant);
    return {
      plain: { coagulantForm: coagulant.form, coagulantBy: knownBy(coagulant) },
      fields: {
        ...(strength !== undefined && { strengthImcu: at(strength) }),
        ...(coagulant.setsLitres !== undefined && { setsLitres: at(coagulant.setsLitres) }),
        ...(coagulant.inMin !== undefined && { inMin: at(coagulant.inMin) }),
        ...(coagulant.atC !== undefined && { atC: at(coagulant.atC) }),
        ageMonths: at(monthsOpen(good, now)),
      },
    };
  }
  if (culture) {
    const label = culture.labelLitresPerSachet ?? culture.labelLitresPerGram;
    return {
      plain: {
        cultureForm: culture.form,
        cultureLabel:
          culture.labelLitresPerSachet !== undefined
            ? 'sachet'
            : culture.labelLitresPerGram !== undefined
              ? 'gram'
              : 'usual',
      },
      fields: {
        ...(label !== undefined && { labelLitres: at(label) }),
        ...(culture.percent !== undefined && { culturePercent: at(culture.percent) }),
        ...(culture.generation !== undefined && { generation: at(culture.generation) }),
        ageDays:
          culture.form === 'freeze-dried' || good.opened === null
            ? FIRST_DRAFT.fields.ageDays
            : at(Math.max(0, differenceInDays(now, parseISO(good.opened)))),
      },
    };
  }
  return { plain: {}, fields: {} };
}

/** What a good costs as a brief prices it: a culture by the kilogram even where it is bought by the sachet. */
export const priceIn = ({ kind, price, measure, culture }: Good): number | undefined =>
  price === null
    ? undefined
    : kind === 'culture' && measure === 'sachets'
      ? (price / gramsPerMeasure(measure, culture?.labelLitresPerSachet)) * 1000
      : price;

/** What taking a good off the shelf, or leaving it there, does to the goods and prices of the form. */
export function goodChosen(
  draft: Pick<Draft, 'goods' | 'prices'>,
  kind: GoodKind,
  good: Good | undefined,
): Pick<Draft, 'goods' | 'prices'> {
  return {
    goods: { ...draft.goods, [kind]: good?.id },
    prices: { ...draft.prices, [kind]: good && priceIn(good) },
  };
}

/** The kind of good behind a dose line. */
export const goodKindOf = (dose: Plan['doses'][number]['id']): GoodKind | null =>
  dose === 'brine-salt' ? 'salt' : dose === 'cream' ? null : dose;

/** What a plan would take from the shelf, of the goods chosen for it. */
export function takenBy(plan: Plan, chosen: Draft['goods'], goods: readonly Good[]): Taken[] {
  return plan.doses.flatMap((dose) => {
    const kind = goodKindOf(dose.id);
    const good = kind && goods.find((one) => one.id === chosen[kind]);
    return good
      ? [{ goodId: good.id, dose: dose.id, name: good.name, lot: good.lot, grams: dose.grams }]
      : [];
  });
}

/** The milk of the shelf a plan is of; none where nobody named it, or where it is on the shelf no more. */
export const milkTaken = (milkId: string | null, milks: readonly KnownMilk[]): KnownMilk | null =>
  milks.find(({ id }) => id === milkId) ?? null;

/** The lots of milk a plan is of, litres of each as planned; none where it is of whey, or of milk nobody named. */
export function milksOf(
  of: PlanOf,
  { milkId, poured }: Pick<Draft, 'milkId' | 'poured'>,
  milks: readonly KnownMilk[],
): MakeState['milks'] {
  if (methodIn(of)?.of === 'whey') return [];
  const litres = of.plan.brief.milk.litres ?? 0;
  return (milkId === null ? poured : [{ id: milkId, share: 1 }]).flatMap(({ id, share }) => {
    const milk = milks.find((one) => one.id === id);
    return milk ? [{ id, name: milk.name, day: milk.day ?? '', litres: litres * share }] : [];
  });
}

/** Lots of milk of which a plan wants more than is left: how much more, L. */
export const milkShort = (
  wanted: MakeState['milks'],
  milks: readonly KnownMilk[],
  used: Uses,
): { name: string; litres: number; haveLitres: number }[] =>
  wanted.flatMap(({ id, name, litres }) => {
    const milk = milks.find((one) => one.id === id);
    const left = milk ? litresLeft(milk, used) : null;
    return left !== null && left < litres - 0.005 ? [{ name, litres: litres - left, haveLitres: left }] : [];
  });

/** One line of what has to be bought: how much a plan wants and how much there is, in grams. */
export interface Wanting {
  ingredient: string;
  dose: Plan['doses'][number];
  haveGrams: number;
}

/** Strain groups a plan wants that none of these cultures has; a culture whose strains nobody said may have any. */
export function strainsLacking(plan: Plan, cultures: readonly Good[]): CultureGroup[] {
  if (!plan.brief.culture) return [];
  if (cultures.some(({ culture }) => culture?.strains === undefined)) return [];
  const had = cultures.flatMap(({ culture }) => groupsIn(culture?.strains ?? ''));
  return groupsOf(plan.brief.options ?? {}).filter((group) => !had.includes(group));
}

const sharesStrains = (plan: Plan, good: Good): boolean => {
  const wanted = groupsOf(plan.brief.options ?? {});
  return strainsLacking(plan, [good]).length < Math.max(1, wanted.length);
};

/** What a plan lacks, the shelf and what makes used of it considered, g; a good that is not usable counts for nothing. */
export function wantingFor(plan: Plan, goods: readonly Good[], used: Uses): Wanting[] {
  return plan.doses.flatMap((dose) => {
    const kind = goodKindOf(dose.id);
    if (kind === null) return [{ ingredient: dose.ingredient, dose, haveGrams: 0 }];
    const fitting = goods.filter(
      (good) =>
        good.kind === kind &&
        usable(good) &&
        (dose.id !== 'acid' || good.acid?.kind === plan.brief.acid?.kind) &&
        (dose.id !== 'culture' || sharesStrains(plan, good)),
    );
    if (dose.id === 'culture' && strainsLacking(plan, fitting).length > 0)
      return [{ ingredient: dose.ingredient, dose, haveGrams: 0 }];
    const haveGrams = fitting.reduce((sum, good) => {
      const left = leftOf(good, used);
      return left === null
        ? Number.POSITIVE_INFINITY
        : sum + left * gramsPerMeasure(good.measure, good.culture?.labelLitresPerSachet);
    }, 0);
    return haveGrams >= dose.grams ? [] : [{ ingredient: dose.ingredient, dose, haveGrams }];
  });
}

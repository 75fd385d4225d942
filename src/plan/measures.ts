import { ACIDS, isLiquidAcid } from '../core/acid/acids';
import { imcuPerMeasure, productOf } from '../core/coagulant/product';
import { type Given, type GivenUnit, givenMl } from '../core/units/given';
import type { Resolved } from './brief/resolved';
import type { Brief } from './brief/schema';
import { TABLET_G } from './doses';
import { calciumGrams, givenAcid, givenCulture, givenImcu, givenSalt } from './given';
import { type AddedDose, GIVEN_DOSES, type GivenDose } from './givenDoses';
import type { Dose, Plan } from './schema';

/** A dose that can be given as one has it, by its id; undefined where it cannot. */
export const givenDose = (id: Dose['id']): GivenDose | undefined => GIVEN_DOSES.find((one) => one === id);

const COAGULANT: Record<NonNullable<Brief['coagulant']>['form'], readonly GivenUnit[]> = {
  liquid: ['mL', 'drop', 'tsp'],
  tablet: ['tablet'],
  powder: ['g', 'tsp'],
};

/** What doses are taken from: all that decides how they are measured. */
export type Products = Pick<Brief, 'acid' | 'coagulant' | 'culture'>;

/** The measures a dose can be given in, by what it is taken from; the first is the one it is reckoned in. */
export function unitsFor(id: AddedDose, { acid, coagulant, culture }: Products): readonly GivenUnit[] {
  switch (id) {
    case 'acid':
      return isLiquidAcid(acid?.kind ?? 'citric') ? ['mL', 'tsp', 'tbsp', 'cup'] : ['g', 'tsp', 'tbsp'];
    case 'coagulant':
      return COAGULANT[coagulant?.form ?? 'liquid'];
    case 'culture':
      return (culture?.form ?? 'freeze-dried') === 'freeze-dried'
        ? ['g', 'sachet', 'tsp']
        : ['mL', 'tbsp', 'cup', 'g'];
    case 'salt':
      return ['g', 'tsp', 'tbsp', 'cup'];
    case 'calcium':
      return ['g', 'tsp', 'mL', 'drop'];
    case 'cream':
      return ['mL', 'tbsp', 'cup'];
  }
}

/**
 * A given amount in the measure its dose is reckoned in, the first of `unitsFor`. Throws Infeasible for a measure that
 * the product is not measured in.
 *
 * @example inFirstUnit(plan.brief, 'coagulant', { amount: 0.5, unit: 'tsp' }) // 2.46, of a liquid in mL
 */
export function inFirstUnit(brief: Resolved, id: AddedDose, given: Given): number {
  switch (id) {
    case 'acid':
      return givenAcid({ acid: { ...(brief.acid ?? { kind: 'citric' }), given } }) ?? 0;
    case 'coagulant': {
      const coagulant = brief.coagulant ?? { form: 'liquid' as const };
      return (givenImcu({ coagulant: { ...coagulant, given } }) ?? 0) / imcuPerMeasure(productOf(coagulant));
    }
    case 'culture': {
      const culture = brief.culture ?? { form: 'freeze-dried' as const };
      const [first] = unitsFor('culture', { culture });
      const of = (amount: Given) => givenCulture({ culture: { ...culture, given: amount } }, 1) ?? 0;
      return of(given) / of({ amount: 1, unit: first as GivenUnit });
    }
    case 'salt':
      return givenSalt({ salt: { ...brief.salt, given } }) ?? 0;
    case 'calcium':
      return calciumGrams({ calcium: { given } }, 1);
    case 'cream':
      return givenMl(given) ?? 0;
  }
}

/** What a plan has of a dose, in a measure it is reckoned in; nought where it has none. */
export function plannedAmountOf(plan: Pick<Plan, 'doses'>, id: AddedDose, unit: GivenUnit): number {
  const dose = plan.doses.find((one) => one.id === id);
  if (!dose) return 0;
  if (unit === 'tablet') return dose.grams / TABLET_G;
  return unit === 'mL' ? (dose.millilitres ?? dose.grams) : dose.grams;
}

/** What a measure of an acid weighs, g: a mL of a liquid, a gram of a powder. */
export function acidGramsPerUnit({ acid }: Products): number {
  const kind = acid?.kind ?? 'citric';
  return isLiquidAcid(kind) ? (ACIDS[kind].densityKgPerL ?? 1) : 1;
}

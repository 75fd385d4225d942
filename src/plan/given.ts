import { ACIDS, type AcidProduct, isLiquidAcid } from '../core/acid/acids';
import {
  CALCIUM_G_PER_L,
  CALCIUM_G_PER_TSP,
  CALCIUM_LIQUID_G_PER_ML,
  calciumMmolPerL,
} from '../core/coagulant/calcium';
import { imcuPerMeasure, productOf } from '../core/coagulant/product';
import {
  type CultureAmount,
  cultureAmount,
  STARTER_KG_PER_L,
  usualLitresPerGram,
} from '../core/culture/measure';
import { Infeasible } from '../core/faults/fault';
import { GRAMS_PER_TEASPOON, type Spoonable, saltOf } from '../core/salt/spoons';
import { type Given, givenGrams, givenMl } from '../core/units/given';
import { type Method, numberOf } from '../makes/method';
import type { Resolved } from './brief/resolved';

/** Refuses a measure that a product is not measured in. */
function wrongMeasure(path: string, { unit }: Given, remedy: string): never {
  throw new Infeasible({
    path: `${path}.given.unit`,
    problem: `is ${unit}, which this is not measured in`,
    remedy,
  });
}

/** The acid a maker gives, in its product's own measure: g of a powder, mL of a liquid; null where the plan computes it. */
export function givenAcid({ acid }: Pick<Resolved, 'acid'>): number | null {
  if (!acid?.given) return null;
  const { given, kind } = acid;
  if (isLiquidAcid(kind)) {
    const ml = givenMl(given);
    const density = (ACIDS[kind as AcidProduct['kind']].densityKgPerL ?? 1) as number;
    return (
      ml ??
      (given.unit === 'g' ? given.amount / density : wrongMeasure('acid', given, 'give mL, tsp, tbsp or cup'))
    );
  }
  const grams = givenGrams(given, GRAMS_PER_TEASPOON[ACIDS[kind].name as Spoonable]);
  return grams ?? wrongMeasure('acid', given, 'give g, tsp or tbsp');
}

/** Powder coagulant in a level teaspoon, g. From memory, ±20 %. */
const POWDER_G_PER_TSP = 3;

/** IMCU in all of the coagulant a maker gives; null where the plan computes it. */
export function givenImcu({ coagulant }: Pick<Resolved, 'coagulant'>): number | null {
  if (!coagulant?.given) return null;
  const { given, form } = coagulant;
  const each = imcuPerMeasure(productOf(coagulant));
  switch (form) {
    case 'liquid':
      return each * (givenMl(given) ?? wrongMeasure('coagulant', given, 'give mL, drop or tsp'));
    case 'tablet':
      return given.unit === 'tablet' ? each * given.amount : wrongMeasure('coagulant', given, 'give tablet');
    case 'powder':
      return (
        each * (givenGrams(given, POWDER_G_PER_TSP) ?? wrongMeasure('coagulant', given, 'give g or tsp'))
      );
  }
}

/** Freeze-dried culture in a level teaspoon, g: an eighth is about 0.3. From memory, ±25 %. */
const CULTURE_G_PER_TSP = 2.4;
/** Milk a sachet is sold for where it does not say, L. Common practice. */
export const USUAL_SACHET_L = 10;
/** Whether a culture goes in by the sachet, and nothing is said of how much milk that is for. */
export const unsaidSachet = ({ culture }: Pick<Resolved, 'culture'>): boolean =>
  culture?.form === 'freeze-dried' &&
  culture.given?.unit === 'sachet' &&
  culture.labelLitresPerSachet === undefined;

/**
 * The culture a maker gives to `litres` of milk: how many times what its label says for them, or % of the milk for a live
 * one; null where the plan computes it.
 */
export function givenCulture({ culture }: Pick<Resolved, 'culture'>, litres: number): number | null {
  if (!culture?.given) return null;
  const { given } = culture;
  if (culture.form !== 'freeze-dried') {
    const ml = givenMl(given) ?? (given.unit === 'g' ? given.amount / STARTER_KG_PER_L : null);
    return ml === null
      ? wrongMeasure('culture', given, 'give mL, tbsp, cup or g')
      : (100 * ml) / 1000 / litres;
  }
  if (given.unit === 'sachet')
    return (given.amount * (culture.labelLitresPerSachet ?? USUAL_SACHET_L)) / litres;
  const grams = givenGrams(given, CULTURE_G_PER_TSP);
  return grams === null
    ? wrongMeasure('culture', given, 'give g, tsp or sachet')
    : (grams * (culture.labelLitresPerGram ?? usualLitresPerGram(culture.labelLitresPerSachet))) / litres;
}

/** The culture that `litres` of milk get: what is given, or what their make takes; null where none goes in. */
export function cultureDosed(
  brief: Pick<Resolved, 'culture' | 'options'>,
  method: Pick<Method, 'culture'>,
  litres: number,
): CultureAmount | null {
  if (!brief.culture || !method.culture) return null;
  const given = givenCulture(brief, litres);
  return cultureAmount(
    given === null ? brief.culture : { ...brief.culture, percent: given },
    litres,
    given ?? numberOf(method.culture.labelShare, brief.options),
    method.culture.percent,
  );
}

/** The salt a maker gives, g; null where the plan computes it. */
export function givenSalt({ salt }: Pick<Resolved, 'salt'>): number | null {
  if (!salt?.given) return null;
  return (
    givenGrams(salt.given, GRAMS_PER_TEASPOON[saltOf(salt.kind)]) ??
    wrongMeasure('salt', salt.given, 'give g, tsp, tbsp or cup')
  );
}

/** Grams of calcium chloride, as its dihydrate, that go in: as given, powder or bought liquid, or the usual 0.02 %. */
export function calciumGrams({ calcium }: Pick<Resolved, 'calcium'>, litres: number): number {
  const given = typeof calcium === 'object' ? calcium.given : undefined;
  if (!given) return CALCIUM_G_PER_L * litres;
  if (given.unit === 'mL' || given.unit === 'drop')
    return (givenMl(given) as number) * CALCIUM_LIQUID_G_PER_ML;
  return givenGrams(given, CALCIUM_G_PER_TSP) ?? wrongMeasure('calcium', given, 'give g, tsp, mL or drop');
}

/** What that brings, mmol in each litre of milk. */
export const calciumOf = (brief: Pick<Resolved, 'calcium'>, litres: number): number =>
  brief.calcium === false ? 0 : calciumMmolPerL(calciumGrams(brief, litres) / litres);

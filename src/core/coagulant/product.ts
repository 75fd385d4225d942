import { BOUNDS } from '../faults/bounds';
import { Infeasible } from '../faults/fault';
import { flocculationMin } from './clotting';
import { type CoagulantForm, DROP_ML, strengthLeft } from './strength';

/** What a label says where it gives no units: so many litres set in so many minutes at a temperature. */
export interface LabelStatement {
  setsLitres: number;
  per: 'mL' | 'tablet' | 'g' | 'drop';
  inMin: number;
  atC: number;
}

/** A coagulant as bought; strength by units or by what its label says. */
export interface CoagulantProduct {
  form: CoagulantForm;
  imcuPerMl?: number | undefined;
  imcuEach?: number | undefined;
  imcuPerG?: number | undefined;
  ageMonths?: number | undefined;
  label?: LabelStatement | undefined;
}

/** The fields of a label statement, as a file carries them beside the form. */
export const LABEL_FIELDS = ['setsLitres', 'per', 'inMin', 'atC'] as const;

/** A product from the flat fields of a file; a label statement counts only where it is whole. */
export function productOf({
  setsLitres,
  per,
  inMin,
  atC,
  ...product
}: Omit<CoagulantProduct, 'label'> & {
  [Key in keyof LabelStatement]?: LabelStatement[Key] | undefined;
}): CoagulantProduct {
  const whole = setsLitres !== undefined && per !== undefined && inMin !== undefined && atC !== undefined;
  return whole ? { ...product, label: { setsLitres, per, inMin, atC } } : product;
}

/** Labels speak of fresh raw cow's milk set to a clean cut, three flocculation times. Common practice. */
const LABEL_MULTIPLIER = 3;
const LABEL_MILK = { species: 'cow', treatment: 'raw', pH: 6.6, calciumMmolPerLitre: 0 } as const;

/** IMCU in one unit of what a label speaks of, by the clotting model. */
export function imcuOfLabel(label: LabelStatement): number {
  const perLitre =
    flocculationMin({ ...LABEL_MILK, imcuPerLitre: 1, tempC: label.atC }) / (label.inMin / LABEL_MULTIPLIER);
  return perLitre * label.setsLitres;
}

/** What a tablet is taken for of which nothing is said, IMCU: a quarter of it goes into eight litres. Common practice; others are half or twice that. */
export const USUAL_TABLET_IMCU = 1500;

/**
 * How strong a product says it is, IMCU a measure; undefined where it says nothing, or only what it sets.
 *
 * @example saidImcu({ form: 'liquid', imcuPerMl: 280 }) // 280
 */
export const saidImcu = ({ form, imcuPerMl, imcuEach, imcuPerG }: CoagulantProduct): number | undefined =>
  ({ liquid: imcuPerMl, tablet: imcuEach, powder: imcuPerG })[form];

/**
 * Whether nothing is said of how strong it is, so that it is taken for the usual one.
 *
 * @example saysNothing({ form: 'tablet' }) // true
 */
export const saysNothing = (product: CoagulantProduct): boolean =>
  saidImcu(product) === undefined && product.label === undefined && product.form === 'tablet';

/** How far beyond the strengths that are sold a label may lead, since its milk and cut are not known. From memory. */
const LABEL_SLACK = 3;

/** A strength that a label leads to; throws Infeasible where no coagulant is as strong, or as weak, as that. */
function possible(form: CoagulantForm, imcu: number): number {
  const { min, max } = { liquid: BOUNDS.imcuPerMl, tablet: BOUNDS.imcuEach, powder: BOUNDS.imcuPerG }[form];
  if (imcu >= min / LABEL_SLACK && imcu <= max * LABEL_SLACK) return imcu;
  throw new Infeasible({
    path: 'coagulant.setsLitres',
    problem: `would make it ${imcu > max ? 'stronger' : 'weaker'} than any coagulant that is sold`,
    remedy: 'read the label again: litres, per what, minutes and heat',
  });
}

/**
 * IMCU in one measure of the product today (mL of a liquid, one tablet, g of a powder), its ageing counted; of tablets that say
 * nothing the usual. Throws Infeasible for another product of unknown strength without a label statement, or a label that speaks of
 * another measure.
 *
 * @example imcuPerMeasure({ form: 'tablet' }) // 1500
 */
export function imcuPerMeasure(product: CoagulantProduct): number {
  const own = saysNothing(product) ? USUAL_TABLET_IMCU : saidImcu(product);
  const left = strengthLeft(product.form, product.ageMonths ?? 0);
  if (own !== undefined) return own * left;
  const { label } = product;
  const measure = { liquid: 'mL', tablet: 'tablet', powder: 'g' }[product.form];
  if (label === undefined) {
    throw new Infeasible({
      path: 'coagulant',
      problem: 'has no strength and no label statement',
      remedy: `give its IMCU per ${measure}, or how many litres it sets, in what time, at what temperature`,
    });
  }
  if (label.per === measure) return possible(product.form, imcuOfLabel(label)) * left;
  if (label.per === 'drop' && product.form === 'liquid')
    return possible('liquid', imcuOfLabel(label) / DROP_ML) * left;
  throw new Infeasible({
    path: 'coagulant.per',
    problem: `is ${label.per}, which a ${product.form} is not measured in`,
    remedy: `give ${measure}`,
  });
}

/** A dose as the maker measures it. Tablets come in quarters. */
export interface CoagulantAmount {
  millilitres: number | null;
  drops: number | null;
  tablets: number | null;
  grams: number | null;
}

/** Density of liquid coagulant, kg/L: half salt brine. From memory. */
const LIQUID_DENSITY_KG_PER_L = 1.1;

/** The amount of product that brings `imcu` in all. */
export function amountOfImcu(product: CoagulantProduct, imcu: number): CoagulantAmount {
  const measures = imcu / imcuPerMeasure(product);
  switch (product.form) {
    case 'liquid':
      return {
        millilitres: measures,
        drops: measures / DROP_ML,
        tablets: null,
        grams: measures * LIQUID_DENSITY_KG_PER_L,
      };
    case 'tablet':
      return { millilitres: null, drops: null, tablets: measures, grams: null };
    case 'powder':
      return { millilitres: null, drops: null, tablets: null, grams: measures };
  }
}

const QUARTERS = ['', '¼', '½', '¾'] as const;

/** Tablets to the nearest quarter, as they break: "1½ tablets"; at least a quarter. */
export function tabletsText(tablets: number): string {
  const quarters = Math.max(1, Math.round(tablets * 4));
  const whole = Math.floor(quarters / 4);
  const text = `${whole > 0 ? whole : ''}${QUARTERS[quarters % 4] ?? ''}`;
  return `${text} ${quarters > 4 ? 'tablets' : 'tablet'}`;
}

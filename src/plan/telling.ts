import { ACIDS, isLiquidAcid } from '../core/acid/acids';
import type { CoagulantForm } from '../core/coagulant/strength';
import { usualCarryOverC } from '../core/heat/carryOver';
import { coastsC } from '../core/heat/warming';
import type { Format } from '../core/units/format';
import { does } from '../makes/asked';
import type { Telling } from '../makes/grammar';
import { inHandOf } from './inHand';
import { keepsDays } from './keeps';
import { methodIn, type PlanOf } from './planOf';
import type { Dose, Plan } from './schema';

/** A coagulant as it is spoken of in a sentence; a tablet says itself what it is. */
const COAGULANT_NAMES: Readonly<Record<CoagulantForm, string>> = {
  liquid: 'liquid coagulant',
  powder: 'powdered coagulant',
  tablet: 'coagulant',
};

/** An amount of acid as the maker measures it: grams of a solid, millilitres of a liquid. */
export function acidText(dose: Dose, grams: number, format: Format): string {
  return dose.millilitres === null
    ? format.grams(grams)
    : format.millilitres((dose.millilitres * grams) / dose.grams);
}

/** A dose as the maker measures it: tablets and sachets by the piece, liquids by volume, the rest by weight. */
export const doseText = (dose: Dose, format: Format): string =>
  dose.measure === 'pieces' ? dose.spoons : acidText(dose, dose.grams, format);

/**
 * What stage words lean on, from a finished plan alone, so that a running make can speak without planning again.
 * `carryOverC` is how far this very pot climbs after the heat is off, where that is known;
 */
export function tellingOf(
  of: PlanOf,
  format: Format,
  {
    carryOverC,
    heatedThrough = false,
  }: {
    carryOverC?: number | undefined;
    /** The pieces were read hot to the core. */
    heatedThrough?: boolean | undefined;
  } = {},
): Telling {
  const { plan } = of;
  const method = methodIn(of);
  const dose = plan.doses.find((one) => one.id === 'acid');
  const kind = plan.brief.acid?.kind ?? 'citric';
  const into = plan.stages.find((stage) => does(stage, 'acidifies'));
  const first = dose ? dose.grams - dose.holdBackGrams : 0;
  return {
    format,
    species: plan.brief.milk.species,
    style: method?.style ?? null,
    of: method?.of ?? 'milk',
    litres: plan.brief.milk.litres ?? 0,
    carryOverC:
      carryOverC ??
      coastsC(plan.brief.heat?.by ?? 'hob', plan.brief.milk.litres ?? 1) ??
      usualCarryOverC(plan.brief.milk.litres ?? 1),
    yieldKg: plan.predictions.yieldKg.likely,
    moisturePct: plan.predictions.moisturePct,
    acid:
      dose && dose.grams > 0
        ? {
            name: ACIDS[kind].name,
            firstText: acidText(dose, first, format),
            heldText: dose.holdBackGrams > 0 ? acidText(dose, dose.holdBackGrams, format) : '',
            waterText: isLiquidAcid(kind)
              ? 'the same amount of cool water'
              : `${format.millilitres((dose.diluteInMl * first) / dose.grams)} of cool water`,
            turnsMin: into ? into.durationMin.likely - into.handsOnMin : 0,
          }
        : null,
    doses: Object.fromEntries(
      plan.doses.map((one) => [
        one.id,
        {
          name:
            one.id === 'coagulant' ? COAGULANT_NAMES[plan.brief.coagulant?.form ?? 'liquid'] : one.ingredient,
          text: doseText(one, format),
          waterMl: one.diluteInMl,
          waterText: `${format.millilitres(one.diluteInMl)} of cool water`,
          inHand: inHandOf(plan.brief, one.id) !== undefined,
        },
      ]),
    ),
    fridgeDays: keepsDays(plan, method, heatedThrough),
  };
}

/** Whether a make's whey has been hot already, so that a second cooking finds nothing more in it. */
export const wheyCooked = (plan: Plan): boolean => plan.stages.some((stage) => does(stage, 'near-boil'));

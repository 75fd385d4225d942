import { ACIDS, isLiquidAcid } from '../core/acid/acids';
import { fridgeDays } from '../core/safety/fridge';
import type { Format } from '../core/units/format';
import { methodById } from '../makes';
import type { Telling } from '../makes/grammar';
import type { Dose, Plan } from './schema';

/** An amount of acid as the maker measures it: grams of a solid, millilitres of a liquid. */
export function acidText(dose: Dose, grams: number, format: Format): string {
  return dose.millilitres === null
    ? format.grams(grams)
    : format.millilitres((dose.millilitres * grams) / dose.grams);
}

/** What stage words lean on, from a finished plan alone, so that a running make can speak without planning again. */
export function tellingOf(plan: Plan, format: Format): Telling {
  const method = methodById(plan.method);
  const dose = plan.doses.find((one) => one.id === 'acid');
  const kind = plan.brief.acid?.kind ?? 'citric';
  const cream = plan.brief.cream;
  const first = dose ? dose.grams - dose.holdBackGrams : 0;
  return {
    format,
    species: plan.brief.milk.species,
    litres: plan.brief.milk.litres ?? 0,
    yieldKg: plan.predictions.yieldKg.likely,
    acid: dose
      ? {
          name: ACIDS[kind].name,
          firstText: acidText(dose, first, format),
          heldText: dose.holdBackGrams > 0 ? acidText(dose, dose.holdBackGrams, format) : '',
          waterText: isLiquidAcid(kind)
            ? 'the same amount of cool water'
            : `${format.millilitres((dose.diluteInMl * first) / dose.grams)} of cool water`,
        }
      : null,
    saltGrams: plan.doses.find((one) => one.id === 'salt')?.grams ?? 0,
    creamText: cream ? format.litres(cream.litres) : '',
    fridgeDays: method
      ? fridgeDays(method.style, plan.brief.milk.treatment ?? 'pasteurised', heatsEnough(plan))
      : 3,
  };
}

/** Whether the make itself brings the milk past a pasteurising heat for long enough: a scald of 80 °C and a rest does. */
const heatsEnough = (plan: Plan): boolean =>
  plan.stages.some(
    (stage) => (stage.kind === 'scald' || stage.kind === 'warm') && (stage.targetC ?? 0) >= 80,
  );

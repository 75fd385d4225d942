import type { Format } from '../core/units/format';
import { TAKEN_UP } from '../kitchen/kitchen';
import { LOOSE_LITRES_PER_KG, mouldsFor } from '../kitchen/moulds';
import { articleOf } from '../kitchen/named';
import { does } from '../makes/asked';
import { stageKind } from '../makes/kinds';
import type { KitAbout, KitItem } from '../makes/traits';
import type { Planned } from './plan';
import type { PlanOf } from './planOf';
import type { Plan } from './schema';
import { hobsFor, potFor, potWanted, type Tools, tapMinutes } from './tools';

/** Which of the kitchen's pots it is; nothing where none is listed. */
function potSays(of: PlanOf, { pots }: Tools, format: Format): string {
  const found = potFor(of, pots);
  if (!found) return '';
  const { pot, fits } = found;
  if (pot.kind === TAKEN_UP)
    return `: not ${articleOf(pot.name)}${pot.name}, sour milk takes up metal from ${TAKEN_UP}`;
  return fits
    ? `: ${articleOf(pot.name)}${pot.name}`
    : `: yours, ${articleOf(pot.name)}${pot.name} of ${format.litres(pot.litres)}, is too small`;
}

/** A hob this much slower or faster than the plan reckons changes the day. */
const SLOW = 1.25;

/** What the strongest hob makes of the longest warming; nothing where none is listed. */
function hobSays(plan: Plan, { hobs }: Tools, format: Format): KitItem[] {
  const found = hobsFor(plan, hobs);
  const best = found?.each[0];
  if (!found || !best) return [];
  const slow = best.minutes > SLOW * found.plannedMin;
  return [
    {
      what: `the ${best.hob.name}`,
      why: !Number.isFinite(best.minutes)
        ? 'too weak: it will not get this milk that hot'
        : slow
          ? `warms it in ${format.minutes(best.minutes)}, not the planned ${format.minutes(found.plannedMin)}: start earlier`
          : `strong enough: full on it would take ${format.minutes(best.minutes)}, so turn it down`,
    },
  ];
}

/** Which moulds, and how many; nothing where none is listed. */
function mouldSays(litres: number, { moulds }: Tools, straight: boolean): string {
  if (!moulds || moulds.length === 0) return '';
  const found = mouldsFor(litres, moulds, straight);
  if (!found) return ': yours do not hold it';
  return found.count === 1 ? `: one ${found.mould.name}` : `: ${found.count} of the ${found.mould.name}`;
}

/** What the tap alone can do; nothing where nobody has measured it. */
function tapSays(plan: Plan, { tapC }: Tools, format: Format): string {
  const minutes = tapC == null ? null : tapMinutes(plan, tapC);
  if (minutes === null || tapC == null) return '';
  return Number.isFinite(minutes)
    ? `: ${format.minutes(minutes)} under your tap at ${format.temp(tapC)}`
    : `: your tap at ${format.temp(tapC)} is too warm, take ice`;
}

/** What a plan wants on the table: pots by size, cloth, gloves, ice, instruments; each once, in the order it is needed. */
export function kitOf(planned: Planned, format: Format, have: Tools = {}): KitItem[] {
  const { plan, parameters } = planned;
  const kg = plan.predictions.yieldKg.likely;
  const scalds = plan.stages.some((stage) => does(stage, 'scalds'));
  const looseLitres = kg * LOOSE_LITRES_PER_KG;
  const about: KitAbout = {
    format,
    yieldKg: kg,
    wheyLitres: plan.predictions.wheyLitres,
    waterLitres: (id) => (plan.doses.find((dose) => dose.id === id)?.diluteInMl ?? 0) / 1000,
    looseLitres,
    mouldSays: (straight) => mouldSays(looseLitres, have, straight),
    tapSays: tapSays(plan, have, format),
    lacksPress: have.press !== undefined && have.press !== 'screw' && have.press !== 'lever',
  };
  // Brine is mixed when it is wanted; what goes into the milk is diluted beforehand.
  const waterMl = plan.doses.reduce((sum, dose) => sum + (dose.id === 'brine-salt' ? 0 : dose.diluteInMl), 0);
  const kit: KitItem[] = [
    {
      what: `a pot of ${format.litres(potWanted(planned))} or more`,
      why: `${scalds ? `${planned.method.of} climbs near the boil` : 'room to stir'}${potSays(planned, have, format)}`,
    },
    ...hobSays(plan, have, format),
    { what: 'a thermometer', why: 'checked in ice water' },
    { what: 'a scale', why: 'to the gram for doses, and one for the cheese' },
    ...(waterMl > 0
      ? [
          {
            what: `${format.millilitres(waterMl)} of cool water without chlorine`,
            why: 'to dilute what goes in',
          },
        ]
      : []),
    ...plan.stages.flatMap(({ id, kind }) => stageKind(kind).kit(parameters[id], about)),
  ];
  return [...new Map(kit.map((item) => [item.what, item])).values()];
}

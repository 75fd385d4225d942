import type { Format } from '../core/units/format';
import type { Planned } from './plan';
import type { Plan } from './schema';
import {
  hobsFor,
  LOOSE_LITRES_PER_KG,
  mouldsFor,
  potFor,
  potWanted,
  TAKEN_UP,
  type Tools,
  tapMinutes,
} from './tools';

/** One thing that has to stand ready, and what for. */
export interface KitItem {
  what: string;
  why: string;
}

/** Cold water to set a shape in, L for each kg. Common practice. */
const COLD_WATER_PER_KG = 4;

/** Which of the kitchen's pots it is; nothing where none is listed. */
function potSays(plan: Plan, { pots }: Tools, format: Format): string {
  const found = potFor(plan, pots);
  if (!found) return '';
  const { pot, fits } = found;
  if (pot.kind === TAKEN_UP) return `: not the ${pot.name}, sour milk takes up metal from ${TAKEN_UP}`;
  return fits
    ? `: the ${pot.name}`
    : `: yours, the ${pot.name} of ${format.litres(pot.litres)}, is too small`;
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

/** What a plan wants on the table: pots by size, cloth, gloves, ice, instruments; in the order it is needed. */
export function kitOf({ plan, parameters }: Planned, format: Format, have: Tools = {}): KitItem[] {
  const kinds = new Set(plan.stages.map((stage) => stage.kind));
  const of = (kind: string) => {
    const stage = plan.stages.find((one) => one.kind === kind);
    return stage && (parameters[stage.id] as Record<string, unknown>);
  };
  const kg = plan.predictions.yieldKg.likely;
  const scalds = kinds.has('scald');
  const kit: KitItem[] = [
    {
      what: `a pot of ${format.litres(potWanted(plan))} or more`,
      why: `${scalds ? 'milk climbs near the boil' : 'room to stir'}${potSays(plan, have, format)}`,
    },
    ...hobSays(plan, have, format),
    { what: 'a thermometer', why: 'checked in ice water' },
    { what: 'a scale', why: 'to the gram for doses, and one for the cheese' },
  ];
  const add = (when: boolean, what: string, why: string) => {
    if (when) kit.push({ what, why });
  };
  const water = plan.doses.reduce((sum, dose) => sum + (dose.id === 'brine-salt' ? 0 : dose.diluteInMl), 0);
  add(water > 0, `${format.millilitres(water)} of cool water without chlorine`, 'to dilute what goes in');
  add(kinds.has('add-coagulant'), 'a small bowl to float', 'it stops turning when the milk flocculates');
  add(
    kinds.has('cool'),
    'a sink of cold water, or ice',
    `to bring the milk down${tapSays(plan, have, format)}`,
  );
  add(
    kinds.has('ripen') || kinds.has('set'),
    'a towel or a blanket',
    'the pot keeps warm in it, gas off first',
  );
  add(kinds.has('cut'), 'a long knife', 'for straight cuts to the base');
  const drains = plan.stages.filter((stage) => stage.kind === 'drain').map((stage) => parameters[stage.id]);
  const drainIn = (where: string) => drains.some((p) => (p as { in?: string }).in === where);
  add(drainIn('cloth') || drainIn('bag'), 'a boiled cloth', 'wetted, so that nothing sticks');
  add(
    drainIn('colander') || drainIn('cloth') || kinds.has('slab'),
    'a colander over a second pot',
    'keep the whey',
  );
  add(
    drainIn('basket'),
    `straight-sided baskets for ${format.litres(kg * LOOSE_LITRES_PER_KG)}`,
    `tapered ones break it when it is turned${mouldSays(kg * LOOSE_LITRES_PER_KG, have, true)}`,
  );
  const stretch = of('stretch');
  add(
    kinds.has('stretch'),
    stretch?.by === 'microwave' ? 'a bowl for the microwave' : 'a wide pot for hot whey or water',
    'for the stretch',
  );
  add(kinds.has('stretch'), 'two pairs of gloves', 'cotton under rubber');
  add(
    kinds.has('shape'),
    `${format.litres(kg * COLD_WATER_PER_KG)} of cold water and ice`,
    'the cold sets the shape',
  );
  const press = of('press');
  add(
    kinds.has('press'),
    `a mould or hoop for ${format.litres(kg * LOOSE_LITRES_PER_KG)}, ${press?.by === 'self' ? 'straight-sided' : press?.by === 'screw' ? 'and a press' : 'a board and weights'}`,
    `the loose curd must fit in${mouldSays(kg * LOOSE_LITRES_PER_KG, have, false)}${
      press?.by === 'screw' && have.press !== undefined && have.press !== 'screw' && have.press !== 'lever'
        ? '; a press you have not: choose the board, or press longer'
        : ''
    }`,
  );
  add(
    kinds.has('poach'),
    `a pot for ${format.litres(plan.predictions.wheyLitres * 1.3)}`,
    'whey boils over without warning',
  );
  const brine = plan.doses.find((dose) => dose.id === 'brine-salt');
  add(
    brine !== undefined,
    `a tub for ${format.litres(((brine?.diluteInMl ?? 0) / 1000 + kg) * 1.15)} of brine and cheese`,
    'glass, steel or food plastic',
  );
  add(kinds.has('hang'), 'string, a rod, a drip tray', 'no two may touch');
  return kit;
}

import type { Format } from '../core/units/format';
import type { Planned } from './plan';
import type { Plan } from './schema';

/** What the kitchen has, as far as it has said. */
export interface Have {
  potLitres?: number | null | undefined;
  mouldLitres?: number | null | undefined;
}

/** One thing that has to stand ready, and what for. */
export interface KitItem {
  what: string;
  why: string;
}

/** Room a pot must leave above the milk: a fifth, a quarter where it is brought near the boil. Common practice. */
const HEADROOM = { usual: 1.2, scald: 1.33 } as const;
/** Cold water to set a shape in, L for each kg. Common practice. */
const COLD_WATER_PER_KG = 4;
/** Loosely filled curd against finished cheese, L per kg: what a mould has to hold before it is pressed. Common practice. */
const LOOSE_LITRES_PER_KG = 1.6;

/** The pot a plan wants, L: its milk, its cream, and room above them. */
export function potWanted(plan: Plan): number {
  const kinds = plan.stages.map((stage) => stage.kind);
  const litres =
    (plan.brief.milk.litres ?? 0) + (kinds.includes('add-other') ? (plan.brief.cream?.litres ?? 0) : 0);
  return litres * (kinds.includes('scald') ? HEADROOM.scald : HEADROOM.usual);
}

/** The mould it wants, L; null where nothing is moulded. */
export const mouldWanted = (plan: Plan): number | null =>
  plan.stages.some((stage) => stage.kind === 'press')
    ? plan.predictions.yieldKg.likely * LOOSE_LITRES_PER_KG
    : null;

/** What a plan wants on the table: pots by size, cloth, gloves, ice, instruments; in the order it is needed. */
export function kitOf({ plan, parameters }: Planned, format: Format, have: Have = {}): KitItem[] {
  const small = (wanted: number | null, mine: number | null | undefined) =>
    wanted !== null && mine != null && wanted > mine ? `: yours of ${format.litres(mine)} is too small` : '';
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
      why: `${scalds ? 'milk climbs near the boil' : 'room to stir'}${small(potWanted(plan), have.potLitres)}`,
    },
    { what: 'a thermometer', why: 'checked in ice water' },
    { what: 'a scale', why: 'to the gram for doses, and one for the cheese' },
  ];
  const add = (when: boolean, what: string, why: string) => {
    if (when) kit.push({ what, why });
  };
  const water = plan.doses.reduce((sum, dose) => sum + (dose.id === 'brine-salt' ? 0 : dose.diluteInMl), 0);
  add(water > 0, `${format.millilitres(water)} of cool water without chlorine`, 'to dilute what goes in');
  add(kinds.has('add-coagulant'), 'a small bowl to float', 'it stops turning when the milk flocculates');
  add(kinds.has('cool'), 'a sink of cold water, or ice', 'to bring the milk down');
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
    'tapered ones break it when it is turned',
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
    `the loose curd must fit in${small(mouldWanted(plan), have.mouldLitres)}`,
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

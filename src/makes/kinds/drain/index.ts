import { z } from 'zod';
import { bagAfter, bagHours } from '../../../core/curd/bag';
import { drainedMoisturePct, drainMinutes } from '../../../core/curd/drain';
import { boundedBy } from '../../../core/faults/bounds';
import { kindOf, type PotState, type World } from '../../grammar';
import { FIXED, type KitAbout, type KitItem } from '../../traits';
import { LONG_MIN, someMinutesTo } from '../bounds';
import { outOfOrder } from '../order';
import { COLANDER, WAITS } from '../shared';
import { curdResting, kept } from '../spans';
import { WORDS } from './words';

/** Minutes of ladling and of lifting the cloth; common practice. */
const HANDS_ON = 5;
/** Nobody leaves curd in a cloth or a bag for longer than this at room temperature, min. */
const LONGEST = 16 * 60;
const LONGEST_BAG_H = 48;
const AT_LITRES = 8;
/** A covered colander over its whey cools this much, °C. Common practice. */
const COLANDER_COOLS_C = 3;

export interface DrainParams {
  /** Drain until the curd holds this much moisture… */
  toMoisturePct?: number;
  /** …or for this long at eight litres; more takes longer, by the cube root… */
  minutes?: number;
  /** …or for this many hours, however much it is. */
  hours?: number;
  in: keyof typeof WORDS;
}

/** Minutes of hot acid curd in a cloth, by its drain curve. */
function inCloth(world: World, pot: PotState, params: DrainParams, plainMin: number): number {
  if (!world.drain) return plainMin;
  const curve = { ...world.drain, tauMin: world.drain.tauMin * world.drainPace };
  const milkKg = world.milk.massKg;
  const minutes = Math.min(
    LONGEST,
    params.toMoisturePct === undefined ? plainMin : drainMinutes(curve, milkKg, params.toMoisturePct),
  );
  pot.moisturePct = drainedMoisturePct(curve, milkKg, minutes);
  return minutes;
}

/** Minutes of lactic curd in its bags, by the bag's curve; a later stage goes on where an earlier one stopped. */
function inBag(world: World, pot: PotState, params: DrainParams): number {
  if (!world.bag) outOfOrder('has a bag and does not say how its curd drains');
  const bag = {
    composition: world.milk.composition,
    milkKg: Math.min(world.bagKg, world.milk.massKg),
    tempC: world.roomC,
    style: world.bag,
    pace: world.drainPace,
  };
  const wanted =
    params.toMoisturePct === undefined
      ? pot.bagHours + (params.hours ?? (params.minutes ?? 0) / 60)
      : bagHours(bag, params.toMoisturePct);
  const until = Math.max(pot.bagHours, Math.min(wanted, pot.bagHours + (params.hours ?? LONGEST_BAG_H)));
  const hours = until - pot.bagHours;
  pot.bagHours = until;
  pot.moisturePct = bagAfter(bag, until).moisturePct;
  return hours * 60;
}

const CLOTH: KitItem = { what: 'a boiled cloth', why: 'wetted, so that nothing sticks' };
/** What has to stand ready to drain in each way. */
const KIT: Record<DrainParams['in'], (about: KitAbout) => readonly KitItem[]> = {
  cloth: () => [CLOTH, COLANDER],
  bag: () => [CLOTH],
  colander: () => [COLANDER],
  basket: ({ format, looseLitres, mouldSays }) => [
    {
      what: `straight-sided baskets for ${format.litres(looseLitres)}`,
      why: `tapered ones break it when it is turned${mouldSays(true)}`,
    },
  ],
};

export const drain = kindOf<DrainParams>({
  kind: 'drain',
  params: z
    .strictObject({
      toMoisturePct: boundedBy(20, 95, '%').optional(),
      minutes: someMinutesTo(LONG_MIN).optional(),
      hours: boundedBy(0.05, 240, 'h').optional(),
      in: z.enum(['cloth', 'colander', 'bag', 'basket']).default('cloth'),
    })
    .refine(
      (p) => [p.toMoisturePct, p.minutes, p.hours].filter((one) => one !== undefined).length === 1,
      'give toMoisturePct, minutes or hours, one of the three',
    ) as unknown as z.ZodType<DrainParams>,
  endedBy: 'time',
  does: ['drains', 'holds-curd'],
  pad: 'weight',
  goal: ({ in: where, toMoisturePct }) =>
    where === 'bag' && toMoisturePct !== undefined ? { is: 'bag-moisture', percent: toMoisturePct } : null,
  uses: ({ in: where }) => (where === 'basket' ? ['mould'] : []),
  slack: ({ in: where }) => (where === 'bag' || where === 'basket' ? WAITS : FIXED),
  picture: ({ in: where }) => `drain-${where}`,
  kit: ({ in: where }, about) => KIT[where](about),
  toleranceC: null,
  predict: (world, params, pot) => {
    pot.wheyPH ??= pot.pH;
    const plain =
      params.hours === undefined
        ? (params.minutes ?? 0) * Math.cbrt(world.milk.litres / AT_LITRES)
        : params.hours * 60;
    const bagged = params.in === 'bag' || params.in === 'basket';
    const minutes = bagged ? inBag(world, pot, params) : inCloth(world, pot, params, plain);
    pot.drainMin += minutes;
    const hands = Math.min(minutes, HANDS_ON);
    if (params.in === 'colander')
      return kept(pot, minutes, hands, Math.max(world.roomC, pot.tempC - COLANDER_COOLS_C));
    return curdResting(world, pot, minutes, hands);
  },
  words: (params, { format, yieldKg }) =>
    WORDS[params.in](
      params.toMoisturePct === undefined ? null : format.percent(params.toMoisturePct),
      format.minutes(params.hours === undefined ? (params.minutes ?? 0) : params.hours * 60),
      format.kg(yieldKg),
    ),
  cautions: ({ in: where }, { setC }) =>
    where === 'basket' ? ['hang-cold'] : setC >= 60 ? ['hot-whey', 'warm-time'] : ['warm-time'],
});

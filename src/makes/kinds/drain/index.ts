import { z } from 'zod';
import { bagHours } from '../../../core/curd/bag';
import { type DrainCurve, drainMinutes } from '../../../core/curd/drain';
import { curdAt, type KeptDry, keptDry, moistureBeforeSalt, nonFatMoisture } from '../../../core/curd/nonFat';
import { boundedBy } from '../../../core/faults/bounds';
import { Infeasible } from '../../../core/faults/fault';
import { COLD_C, CURD_COOLS_MIN, PLACES, placeC } from '../../../core/heat/places';
import type { Format } from '../../../core/units/format';
import { kindOf, type PotState, type World } from '../../grammar';
import { value } from '../../sentence';
import { FIXED, type Habit, type KitAbout, type KitItem } from '../../traits';
import { coolC, LONG_MIN, someMinutesTo } from '../bounds';
import { keptBy } from '../curd';
import { bagOf, clothCurve, drainedInBag, drainedInCloth } from '../leaves';
import { offWhey } from '../offWhey';
import { outOfOrder } from '../order';
import { COLANDER, WAITS } from '../shared';
import { curdResting, fading, kept } from '../spans';
import { WASHED_CURD, WORDS } from './words';

/** Minutes of ladling and of lifting the cloth; common practice. */
const HANDS_ON = 5;
/** Nobody leaves curd in a cloth or a bag for longer than this at room temperature, min. */
const LONGEST = 16 * 60;
const LONGEST_BAG_H = 48;
/** A covered colander over its whey cools this much, °C. Common practice. */
const COLANDER_COOLS_C = 3;
/** So much hot curd cools in one heap, kg, as its caution says. From memory. */
const ONE_HEAP_KG = 2;
/** What a room is where nothing else is said, °C. */
const WARM_C = 20;

const params = z
  .strictObject({
    /** Drain until the curd holds this much moisture… */
    toMoisturePct: boundedBy(20, 95, '%').optional(),
    /** …or for so long by the clock, however much it is, in minutes… */
    minutes: someMinutesTo(LONG_MIN).optional(),
    /** …or in hours. */
    hours: boundedBy(0.05, 240, 'h').optional(),
    in: z.enum(['cloth', 'colander', 'bag', 'basket']).default('cloth'),
    /** Salt that goes in afterwards, % of its weight: it takes water along, so the drain stops that much wetter. */
    thenSaltPct: boundedBy(0, 10, '%').default(0),
    /** How warm it is where it stands, °C; as in the place it stands in where nothing is said. */
    atC: coolC().optional(),
    stands: z.enum(PLACES).default('room'),
    /** So many hours by the clock instead of a moisture; nought for the moisture. */
    clockHours: boundedBy(0, 240, 'h').default(0),
  })
  .refine(
    (p) => [p.toMoisturePct, p.minutes, p.hours].filter((one) => one !== undefined).length === 1,
    'give toMoisturePct, minutes or hours, one of the three',
  );
export type DrainParams = z.infer<typeof params>;

/** How warm it is where it stands, °C; null for the room. */
const standsC = ({ atC, stands }: Pick<DrainParams, 'atC' | 'stands'>) => atC ?? placeC(stands);

const inFridge = (params: DrainParams) => (standsC(params) ?? WARM_C) <= COLD_C;

/** A drain that goes by the clock, whatever moisture it was meant for. */
const byClock = ({ toMoisturePct, ...params }: DrainParams): DrainParams =>
  (params.clockHours ?? 0) > 0
    ? { ...params, hours: params.clockHours }
    : { ...params, ...(toMoisturePct !== undefined && { toMoisturePct }) };

/** Moisture at which a drain stops so that the cheese, salted, holds what is wanted, %. */
const drainedTo = (
  { toMoisturePct, thenSaltPct }: Pick<DrainParams, 'toMoisturePct' | 'thenSaltPct'>,
  solutes: number,
): number | undefined =>
  toMoisturePct === undefined ? undefined : moistureBeforeSalt(toMoisturePct, thenSaltPct, solutes);

/** Wetter than this beyond what leaves the pot cannot be wished for, points. */
const LEEWAY_POINTS = 1;

/** Refuses a wish for curd wetter than it comes out of the pot. */
function tooWet(own: KeptDry, usual: KeptDry, { wetPct }: DrainCurve, wantedPct: number) {
  const most = curdAt(own, nonFatMoisture(usual, wetPct)).moisturePct;
  if (wantedPct <= most + LEEWAY_POINTS) return;
  throw new Infeasible({
    path: 'options.moisturePct',
    problem: `is wetter than this curd is when it leaves the pot, ${most.toFixed(0)} %: rich milk holds less water`,
    remedy: 'wish it drier, or take leaner milk',
  });
}

/** Solutes of lactic curd's moisture, share; all bags agree but the basket's. */
const BAG_SOLUTES = 0.05;

/** Minutes of hot acid curd in a cloth, by its drain curve. */
function inCloth(world: World, pot: PotState, params: DrainParams, plainMin: number): number {
  const curve = clothCurve(world);
  if (!curve) return plainMin;
  const milkKg = world.milk.massKg;
  const { solutes } = world.style;
  const keep = keptBy(world, pot);
  // The curve is that of the make's usual milk; what it tells of is the moisture in the non-fat substance.
  const usual = keptDry(world.usual, keep, solutes);
  const own = keptDry(world.milk.composition, keep, solutes);
  const wanted = drainedTo(params, solutes);
  const minutes = Math.min(
    LONGEST,
    wanted === undefined
      ? plainMin
      : drainMinutes(curve, milkKg, curdAt(usual, nonFatMoisture(own, wanted)).moisturePct),
  );
  if (world.likely && wanted !== undefined && minutes === 0) tooWet(own, usual, curve, wanted);
  drainedInCloth(world, pot, minutes);
  return minutes;
}

/** Minutes of lactic curd in its bags, by the bag's curve; a later stage goes on where an earlier one stopped. */
function inBag(world: World, pot: PotState, params: DrainParams): number {
  if (!world.bag) outOfOrder('has a bag and does not say how its curd drains');
  const hung = { ...world, bag: world.bag };
  const bag = bagOf(hung, standsC(params));
  const { solutes } = world.bag;
  const moisturePct = drainedTo(params, solutes);
  const wanted =
    moisturePct === undefined
      ? pot.bagHours + (params.hours ?? (params.minutes ?? 0) / 60)
      : bagHours(bag, moisturePct);
  const until = Math.max(pot.bagHours, Math.min(wanted, pot.bagHours + (params.hours ?? LONGEST_BAG_H)));
  const hours = until - pot.bagHours;
  drainedInBag(hung, pot, until, standsC(params));
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

/** Its time by the clock, and the parameter that decides it. */
const timeOf = ({ clockHours = 0 }: DrainParams, { hours, minutes }: DrainParams, format: Format) =>
  value(
    clockHours > 0 ? 'clockHours' : hours === undefined ? 'minutes' : 'hours',
    hours === undefined && minutes === undefined
      ? ''
      : format.minutes(hours === undefined ? (minutes ?? 0) : hours * 60),
  );

export const drain = kindOf<DrainParams>({
  kind: 'drain',
  params,
  endedBy: 'time',
  tests: (params) => (params.in === 'basket' ? ['unmould'] : []),
  mistakes: (params) => [
    'overdrained',
    'cloth-stuck',
    'spilled',
    'salted-early',
    'gassy',
    'left-warm',
    'pests',
    'power-gone',
    'culture-forgotten',
    ...(params.in === 'basket' ? (['forgot-turn', 'fell-apart'] as const) : []),
    ...(params.in === 'colander' ? (['slabs-cold', 'whey-white'] as const) : []),
  ],
  habits: [
    {
      param: 'minutes',
      option: 'drainMin',
      where: { in: 'colander' },
      label: 'In the colander',
      range: { unit: 'min', min: 1, max: 240 },
      reason: 'By the clock; a large batch wants longer.',
    },
    {
      param: 'clockHours',
      option: 'drainHours',
      usual: 0,
      where: { in: 'bag' },
      label: 'Drained by the clock',
      range: { unit: 'h', min: 0, max: 72, step: 0.5 },
      reason: 'Nought: until it holds the moisture wanted. Else so many hours, overnight for one.',
    },
    {
      param: 'clockHours',
      option: 'drainHours',
      usual: 0,
      where: { in: undefined },
      label: 'Drained by the clock',
      range: { unit: 'h', min: 0, max: 24, step: 0.25 },
      reason: 'Nought: until it holds the moisture wanted. Else so long, half an hour or overnight.',
    },
    ...(['bag', undefined] as const).map(
      (where): Habit => ({
        param: 'stands',
        option: 'drainIn',
        where: { in: where, atC: undefined },
        label: where === 'bag' ? 'Hangs' : 'Drains',
        range: 'place',
        reason: 'Overnight is safer in the cold.',
      }),
    ),
  ],
  does: ['drains', 'holds-curd'],
  pad: 'weight',
  goal: ({ in: where, toMoisturePct, thenSaltPct = 0, clockHours = 0 }) =>
    where === 'bag' && toMoisturePct !== undefined && clockHours === 0
      ? {
          is: 'bag-moisture',
          percent: moistureBeforeSalt(toMoisturePct, thenSaltPct, BAG_SOLUTES),
        }
      : null,
  standsC,
  uses: (params) => [
    ...(params.in === 'basket' ? (['mould'] as const) : []),
    ...(inFridge(params) ? (['fridge'] as const) : []),
  ],
  slack: ({ in: where }) => (where === 'bag' || where === 'basket' ? WAITS : FIXED),
  picture: ({ in: where }) => `drain-${where}`,
  kit: ({ in: where }, about) => KIT[where](about),
  toleranceC: null,
  predict: (world, said, pot) => {
    const params = byClock(said);
    offWhey(world, pot);
    const plain = params.hours === undefined ? (params.minutes ?? 0) : params.hours * 60;
    const bagged = params.in === 'bag' || params.in === 'basket';
    const minutes = bagged ? inBag(world, pot, params) : inCloth(world, pot, params, plain);
    pot.drainMin += minutes;
    const hands = Math.min(minutes, HANDS_ON);
    if (params.in === 'colander')
      return kept(pot, minutes, hands, Math.max(world.roomC, pot.tempC - COLANDER_COOLS_C));
    const atC = standsC(params);
    if (atC !== null) return fading(pot, minutes, hands, atC, CURD_COOLS_MIN);
    return curdResting(world, pot, minutes, hands);
  },
  words: (said, { format, yieldKg, style }) => {
    const params = byClock(said);
    return (params.in === 'colander' && style === 'cottage' ? WASHED_CURD : WORDS[params.in])(
      params.toMoisturePct === undefined ? null : format.percent(params.toMoisturePct),
      timeOf(said, params, format),
      format.kg(yieldKg),
      params.atC !== undefined
        ? [' at ', value('atC', format.temp(params.atC))]
        : params.stands === 'fridge'
          ? [' ', value('stands', 'in the fridge')]
          : [],
    );
  },
  cautions: (params, { setC, yieldKg }) => {
    if (params.in === 'basket') return ['hang-cold'];
    return [
      ...(setC >= 60 ? (['hot-whey'] as const) : []),
      ...(setC >= 60 && yieldKg > ONE_HEAP_KG ? (['split-hot'] as const) : []),
      // What stands in the fridge is not told that it stands out of it.
      ...(inFridge(params) ? [] : (['warm-time'] as const)),
    ];
  },
});

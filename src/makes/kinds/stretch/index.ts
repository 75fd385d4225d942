import { z } from 'zod';
import { boundedBy } from '../../../core/faults/bounds';
import { hotWaterKg } from '../../../core/heat/hotWater';
import { microwaveSeconds } from '../../../core/heat/microwave';
import { powOf } from '../../../core/numeric/elementary';
import type { Told } from '../../../core/safety/told';
import { STRETCH_WAY_NAMES, STRETCH_WAYS, type StretchWay } from '../../../core/stretch/losses';
import type { StretchQuality } from '../../../core/stretch/quality';
import { AIMED_CORE_C, STRETCH_CORE_C } from '../../../core/stretch/window';
import type { Format } from '../../../core/units/format';
import { kindOf } from '../../grammar';
import { saying, value } from '../../sentence';
import { curdOf } from '../curd';
import { stretchedSo } from '../leaves';
import { fading } from '../spans';

/** Minutes for a kilogram of curd, growing with the ⅔ power: one pair of hands stretches piece by piece. Common practice. */
const PER_KG = 9;
const BASE_MIN = 6;
/** Curd comes to the stretch at about this, °C. Common practice. */
const CURD_C = 36;
const OVEN_W = 800;
/** A piece that fits a bowl and heats through. Common practice. */
const OVEN_PIECE_KG = 0.25;
/** A piece comes to the water's heat with this time constant, min. Common practice. */
const TAU_MIN = 3;

const params = z.strictObject({
  by: z.enum(STRETCH_WAY_NAMES as [StretchWay, ...StretchWay[]]),
  waterC: boundedBy(40, 100, '°C'),
  /** The microwave oven's power, W. */
  watts: boundedBy(200, 3000, 'W').optional(),
  /** Salt in the whey or water it is stretched in, % by weight. */
  saltPct: boundedBy(0, 20, '%').optional(),
});
export type StretchParams = z.infer<typeof params>;

/** Salt the curd has of the water it was stretched in, % for each % there: 6 % leaves about half a per cent. From memory. */
const TAKEN_UP = 0.08;

/** Hot water is measured in a jug, and rather more of it than less. */
const JUG_STEP_KG = 0.05;

const heat = (
  { by, waterC, watts = OVEN_W, saltPct = 0 }: StretchParams,
  kg: number,
  format: Format,
): string => {
  if (by === 'microwave') {
    const pieceKg = Math.min(kg, OVEN_PIECE_KG);
    const seconds = microwaveSeconds(pieceKg, CURD_C, AIMED_CORE_C, watts);
    return `Piece by piece: about ${format.number(Math.round(seconds / 5) * 5)} seconds in all for each ${format.kg(pieceKg)} in an oven of ${format.number(watts)} W, in short bursts, pouring the whey off and folding between; an edge that gets too hot is folded inside.`;
  }
  const waterKg = Math.ceil(hotWaterKg(kg, CURD_C, waterC, AIMED_CORE_C) / JUG_STEP_KG) * JUG_STEP_KG;
  const water = format.litres(waterKg);
  const salted =
    saltPct > 0
      ? ` Salt it first: ${format.grams((10 * waterKg * saltPct) / (1 - saltPct / 100))} in it, stirred until it is gone; about ${format.percent(TAKEN_UP * saltPct, 1)} stays in the curd.`
      : '';
  return by === 'whey'
    ? `Warm ${water} of whey, or more, to ${format.temp(waterC)} and lower the curd in, cut in fingers.${salted}`
    : `Ladle ${water} of water at ${format.temp(waterC)} over the sliced curd in three goes, pouring off between.${salted}`;
};

/** What of this stretch lies outside what works. */
const told = ({ side, lowPH, highPH, fromC, mostC }: StretchQuality, pH: number): Told[] =>
  side === 'stretches' ? [] : [{ id: 'stretch-window', side, pH, lowPH, highPH, fromC, mostC }];

/** What heats it, as a sentence says it. */
const HEATED: Record<StretchWay, string> = {
  whey: 'in hot whey',
  ladled: 'in ladled hot water',
  microwave: 'in a microwave',
};

export const stretch = kindOf<StretchParams>({
  kind: 'stretch',
  params,
  endedBy: 'done',
  reads: ['core', 'water'],
  tests: () => ['stretch'],
  mistakes: () => ['stretch-hot', 'stretch-cold', 'over-worked', 'over-sour', 'spilled', 'pests'],
  habits: [
    {
      param: 'watts',
      option: 'ovenWatts',
      usual: OVEN_W,
      label: 'Microwave oven of',
      range: { unit: 'W', min: 300, max: 1500, step: 50 },
      reason: 'Its seconds for a piece follow its power. Only where one stretches in one.',
    },
    {
      param: 'saltPct',
      option: 'stretchSaltPct',
      usual: 0,
      label: 'Salt in the water it is stretched in',
      range: { unit: '%', min: 0, max: 15 },
      reason: 'Whey or water that is salted leaves a little of its salt in the curd, and takes none out.',
    },
  ],
  does: ['heats-curd', 'stretches'],
  goal: ({ by }) => ({ is: 'stretch', workMin: STRETCH_WAYS[by].workMin }),
  uses: () => ['pot', 'ring'],
  kit: ({ by }) => [
    {
      what: by === 'microwave' ? 'a bowl for the microwave' : 'a wide pot for hot whey or water',
      why: 'for the stretch',
    },
    { what: 'two pairs of gloves', why: 'cotton under rubber' },
  ],
  toleranceC: [3, 3],
  predict: (world, { by, waterC, saltPct = 0 }, pot) => {
    const way = STRETCH_WAYS[by];
    const core = AIMED_CORE_C + world.probeOffC + way.overshootC;
    const curd = curdOf(world, pot);
    const quality = stretchedSo(world, pot, { by, coreC: core, waterC, workMin: way.workMin });
    if (by !== 'microwave') {
      const taken = (curd.kg * TAKEN_UP * saltPct) / 100;
      pot.saltKg += taken;
      pot.givenSaltKg += taken;
    }
    const minutes = BASE_MIN + PER_KG * powOf(curd.kg, 2 / 3);
    const span = fading(pot, minutes, minutes, core, TAU_MIN);
    return { ...span, targetC: AIMED_CORE_C, ...(world.likely && { tells: told(quality, pot.pH) }) };
  },
  words: (params, { format, yieldKg, species }) => ({
    ...saying(
      [`Stretch at a core of ${format.temp(STRETCH_CORE_C[0])} to ${format.temp(STRETCH_CORE_C[1])}`],
      [
        ' ',
        value('by', HEATED[params.by]),
        ...(params.by === 'microwave'
          ? [' of ', value('watts', `${format.number(params.watts ?? OVEN_W)}\u00a0W`)]
          : [
              ' at ',
              value('waterC', format.temp(params.waterC)),
              ...((params.saltPct ?? 0) > 0
                ? [', salted at ', value('saltPct', format.percent(params.saltPct ?? 0))]
                : []),
            ]),
      ],
    ),
    action: 'Stretch',
    target: format.temp(AIMED_CORE_C),
    steps: [
      heat(params, yieldKg, format),
      'Press the pieces together under a spoon until they run into one, then lift, pull and fold.',
      species === 'goat'
        ? 'One stretch is enough for goat’s curd: smooth once, it is done; worked on, it goes short.'
        : 'Stop as soon as it is smooth and shines: every fold more costs fat and makes it tough.',
    ],
    right: 'Smooth, glossy, pulls in long sheets.',
    normal: 'Milky water: some fat always goes. Streams of it mean it is too hot.',
    done: 'Smooth and shining',
  }),
  cautions: () => ['scald-stretch'],
});

import { z } from 'zod';
import { boundedBy } from '../../../core/faults/bounds';
import { hotWaterKg } from '../../../core/heat/hotWater';
import { microwaveSeconds } from '../../../core/heat/microwave';
import {
  meanCurdC,
  STRETCH_WAY_NAMES,
  STRETCH_WAYS,
  type StretchWay,
  stretchedFat,
} from '../../../core/stretch/losses';
import { AIMED_CORE_C, STRETCH_CORE_C } from '../../../core/stretch/window';
import type { Format } from '../../../core/units/format';
import { kindOf } from '../../grammar';
import { curdOf } from '../curd';
import { along } from '../spans';

/** Minutes for a kilogram of curd, growing with the ⅔ power: one pair of hands stretches piece by piece. Common practice. */
const PER_KG = 9;
const BASE_MIN = 6;
/** Curd comes to the stretch at about this, °C. Common practice. */
const CURD_C = 36;
const OVEN_W = 800;

export interface StretchParams {
  by: StretchWay;
  waterC: number;
}

const heat = ({ by, waterC }: StretchParams, kg: number, format: Format): string => {
  if (by === 'microwave') {
    const seconds = microwaveSeconds(Math.min(kg, 1), CURD_C, AIMED_CORE_C, OVEN_W);
    return `About ${format.number(Math.round(seconds / 5) * 5)} seconds in all for ${format.kg(Math.min(kg, 1))} in an oven of ${format.number(OVEN_W)} W, in bursts of half a minute, pouring the whey off and folding between.`;
  }
  const water = format.litres(hotWaterKg(kg, CURD_C, waterC, AIMED_CORE_C));
  return by === 'whey'
    ? `Warm ${water} of whey, or more, to ${format.temp(waterC)} and lower the curd in, cut in fingers.`
    : `Ladle ${water} of water at ${format.temp(waterC)} over the sliced curd in three goes, pouring off between.`;
};

export const stretch = kindOf<StretchParams>({
  kind: 'stretch',
  params: z.strictObject({
    by: z.enum(STRETCH_WAY_NAMES as [StretchWay, ...StretchWay[]]),
    waterC: boundedBy(40, 100, '°C'),
  }),
  endedBy: 'done',
  uses: () => ['pot', 'ring'],
  kit: ({ by }) => [
    {
      what: by === 'microwave' ? 'a bowl for the microwave' : 'a wide pot for hot whey or water',
      why: 'for the stretch',
    },
    { what: 'two pairs of gloves', why: 'cotton under rubber' },
  ],
  toleranceC: [3, 3],
  predict: (world, { by, waterC }, pot) => {
    const way = STRETCH_WAYS[by];
    const core = AIMED_CORE_C + world.probeOffC + way.overshootC;
    const mean = by === 'microwave' ? core : meanCurdC(core, waterC);
    pot.fatKept = stretchedFat(mean, way.workMin);
    pot.ferment = null;
    const minutes = BASE_MIN + PER_KG * curdOf(world, pot).kg ** (2 / 3);
    const started = pot.tempC;
    return along(pot, minutes, minutes, (m) => core + (started - core) * Math.exp(-m / 3), AIMED_CORE_C);
  },
  words: (params, { format, yieldKg }) => ({
    title: `Stretch at a core of ${format.temp(STRETCH_CORE_C[0])} to ${format.temp(STRETCH_CORE_C[1])}`,
    action: 'Stretch',
    target: format.temp(AIMED_CORE_C),
    steps: [
      heat(params, yieldKg, format),
      'Press the pieces together under a spoon until they run into one, then lift, pull and fold.',
      'Stop as soon as it is smooth and shines: every fold more costs fat and makes it tough.',
    ],
    right: 'Smooth, glossy, pulls in long sheets.',
    normal: 'Milky water: some fat always goes. Streams of it mean it is too hot.',
    done: 'Smooth and shining',
  }),
  cautions: () => ['scald-stretch'],
});

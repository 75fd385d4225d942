import { z } from 'zod';
import type { CurdStyleName } from '../../../core/curd/styles';
import { FRIDGE_C } from '../../../core/heat/places';
import { kindOf } from '../../grammar';
import { saying, value } from '../../sentence';
import { LONG_MIN, minutesTo } from '../bounds';
import { WAITS } from '../shared';
import { fading } from '../spans';

/** Minutes of wrapping; common practice. */
const HANDS_ON = 2;
/** Cheese in the fridge loses two thirds of its distance to 4 °C in this time, min. Common practice for tubs of half a kilogram. */
const TAU_MIN = 45;
/** Curd that stands by itself: it is not spread to cool. */
const IN_ONE_PIECE: readonly CurdStyleName[] = ['paneer', 'low-moisture', 'fresh-pressed'];

export const chill = kindOf<{ minutes: number }>({
  kind: 'chill',
  params: z.strictObject({ minutes: minutesTo(LONG_MIN) }),
  endedBy: 'time',
  mistakes: () => ['froze', 'power-gone', 'left-warm'],
  habits: [
    {
      param: 'minutes',
      option: 'chillMin',
      label: 'Chill',
      range: { unit: 'min', min: 0, max: 1440, step: 5 },
      reason: 'Cold to the middle before it is touched.',
      noughtLeavesOut: true,
    },
  ],
  uses: () => ['fridge'],
  slack: () => WAITS,
  toleranceC: [3, 4],
  predict: (_world, { minutes }, pot) => fading(pot, minutes, HANDS_ON, FRIDGE_C, TAU_MIN),
  words: ({ minutes }, { format, style }) => ({
    ...saying(['Chill ', value('minutes', format.minutes(minutes))]),
    action: 'Chill',
    target: format.temp(FRIDGE_C),
    steps: [
      `${style !== null && IN_ONE_PIECE.includes(style) ? 'In one piece, covered' : 'Shallow and covered'}, at the back of the fridge; nothing warm beside it.`,
    ],
    right: 'Cold to the middle and firmer than it went in.',
    normal: 'A spoonful of whey gathers: pour it off.',
    done: 'Cold',
  }),
  cautions: () => ['cool-fast'],
});

import { z } from 'zod';
import { kindOf } from '../../grammar';
import { LONG_MIN, minutesTo } from '../bounds';
import { WAITS } from '../shared';

/** Minutes of wrapping; common practice. */
const HANDS_ON = 2;
/** Cheese in the fridge loses two thirds of its distance to 4 °C in this time, min. Common practice for tubs of half a kilogram. */
const TAU_MIN = 45;
const FRIDGE_C = 4;

export const chill = kindOf<{ minutes: number }>({
  kind: 'chill',
  params: z.strictObject({ minutes: minutesTo(LONG_MIN) }),
  endedBy: 'time',
  uses: () => ['fridge'],
  slack: () => WAITS,
  toleranceC: [3, 4],
  predict: (_world, { minutes }, pot) => {
    pot.ferment = null;
    const started = pot.tempC;
    const after = (m: number) => FRIDGE_C + (started - FRIDGE_C) * Math.exp(-m / TAU_MIN);
    pot.tempC = after(minutes);
    pot.minute += minutes;
    return {
      durationMin: minutes,
      handsOnMin: HANDS_ON,
      targetC: FRIDGE_C,
      course: [0, 0.2, 0.4, 0.6, 0.8, 1].map((share) => [share * minutes, after(share * minutes)] as const),
    };
  },
  words: ({ minutes }, { format }) => ({
    title: `Chill ${format.minutes(minutes)}`,
    action: 'Chill',
    target: format.temp(FRIDGE_C),
    steps: ['Shallow and covered, at the back of the fridge; nothing warm beside it.'],
    right: 'Cold to the middle and firmer than it went in.',
    normal: 'A spoonful of whey gathers: pour it off.',
    done: 'Cold',
  }),
  cautions: () => ['cool-fast'],
});

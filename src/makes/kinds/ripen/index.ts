import { z } from 'zod';
import { kindOf } from '../../grammar';
import { saying, value } from '../../sentence';
import { LONG_MIN, minutesTo } from '../bounds';
import { standing } from '../clot';
import { TOWEL, WAITS } from '../shared';

export const ripen = kindOf<{ minutes: number }>({
  kind: 'ripen',
  params: z.strictObject({ minutes: minutesTo(LONG_MIN) }),
  endedBy: 'time',
  mistakes: () => [
    'overshot',
    'cooled',
    'culture-weak',
    'culture-double',
    'culture-forgotten',
    'pests',
    'out-of-order',
  ],
  habits: [
    {
      param: 'minutes',
      option: 'ripenMin',
      label: 'Ripen',
      range: { unit: 'min', min: 0, max: 90 },
      reason: 'Nought: the coagulant goes in at once.',
      noughtLeavesOut: true,
    },
  ],
  does: ['ripens'],
  uses: () => ['pot'],
  slack: () => WAITS,
  kit: () => [TOWEL],
  toleranceC: [3, 2],
  predict: (world, { minutes }, pot) => standing(world, pot, minutes, 1),
  words: ({ minutes }, { format }) => ({
    ...saying(['Ripen ', value('minutes', format.minutes(minutes))]),
    action: 'Ripen',
    target: null,
    steps: ['Lid on, a towel round the pot, off the heat. Stir risen cream back in once.'],
    right: 'Temperature holds within a degree or two; with a meter, the pH has begun to move.',
    normal: 'The pH may hardly have moved: the culture wakes first.',
    done: 'Ripened',
  }),
  cautions: () => ['gas-off'],
});

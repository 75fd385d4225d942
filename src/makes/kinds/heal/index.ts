import { z } from 'zod';
import { kindOf } from '../../grammar';
import { saying, value } from '../../sentence';
import { minutesTo } from '../bounds';
import { standing } from '../clot';

export const heal = kindOf<{ minutes: number }>({
  kind: 'heal',
  params: z.strictObject({ minutes: minutesTo(240) }),
  endedBy: 'time',
  mistakes: () => ['cut-early', 'cut-fine', 'stirred-soon', 'pests'],
  habits: [
    {
      param: 'minutes',
      option: 'healMin',
      label: 'Heal',
      range: { unit: 'min', min: 0, max: 30 },
      reason: 'The faces close before they are stirred; fragile curd wants longer.',
      noughtLeavesOut: true,
    },
  ],
  uses: () => ['pot'],
  toleranceC: [4, 3],
  predict: (world, { minutes }, pot) => standing(world, pot, minutes, 0),
  words: ({ minutes }, { format }) => ({
    ...saying(['Let the cuts heal ', value('minutes', format.minutes(minutes))]),
    action: 'Hands off',
    target: null,
    steps: ['Do nothing. The faces close, and what is closed keeps its fat when it is stirred.'],
    right: 'Curds sink under clear whey, their edges rounding.',
    normal: null,
    done: 'Healed',
  }),
  cautions: () => [],
});

import { z } from 'zod';
import { kindOf } from '../../grammar';
import { saying, value } from '../../sentence';
import { minutesTo } from '../bounds';
import { resting } from '../spans';

export const settle = kindOf<{ minutes: number }>({
  kind: 'settle',
  params: z.strictObject({ minutes: minutesTo(480) }),
  endedBy: 'time',
  reads: ['curd', 'whey', 'room'],
  mistakes: () => ['settled-long', 'whey-white', 'cooled-cook', 'gassy', 'pests'],
  habits: [
    {
      param: 'minutes',
      option: 'settleMin',
      label: 'Settle',
      range: { unit: 'min', min: 0, max: 60 },
      reason: 'The curd sinks and knits on the base.',
      noughtLeavesOut: true,
    },
  ],
  uses: () => ['pot'],
  toleranceC: [4, 3],
  predict: (world, { minutes }, pot) => resting(world, pot, minutes, 0),
  words: ({ minutes }, { format }) => ({
    ...saying(['Let the curd settle ', value('minutes', format.minutes(minutes))]),
    action: 'Let it settle',
    target: null,
    steps: ['Spoon out, lid on. The curd sinks and knits on the base.'],
    right: 'A level bed under clear whey.',
    normal: 'A few floaters: push them under.',
    done: 'Settled',
  }),
  cautions: () => [],
});

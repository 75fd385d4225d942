import { z } from 'zod';
import { kindOf } from '../../grammar';
import { resting } from '../spans';

export const hold = kindOf<{ minutes: number }>({
  kind: 'hold',
  params: z.strictObject({ minutes: z.number() }),
  endedBy: 'time',
  toleranceC: [12, 4],
  predict: (world, { minutes }, pot) => resting(world, pot, minutes, 0),
  words: ({ minutes }, { format }) => ({
    title: `Rest ${format.number(minutes)} min, lid on`,
    action: 'Let it rest',
    target: null,
    steps: ['Heat off, lid on, hands off: stirring now breaks the curd small and loses it with the whey.'],
    right: 'Curd gathers in a raft and draws away from the wall.',
    normal: 'Some curd sinks and some floats.',
    done: 'Rested',
  }),
  cautions: () => [],
});

import { z } from 'zod';
import { kindOf } from '../../grammar';
import { curdResting } from '../spans';

/** Minutes; common practice. */
const MINUTES = 4;

export const salt = kindOf<{ percent: number }>({
  kind: 'salt',
  params: z.strictObject({ percent: z.number() }),
  endedBy: 'done',
  toleranceC: null,
  predict: (world, _params, pot) => curdResting(world, pot, MINUTES, MINUTES),
  words: ({ percent }, { format, saltGrams }) => ({
    title: `Salt with ${format.grams(saltGrams)}`,
    action: 'Salt',
    target: format.grams(saltGrams),
    steps: [
      `Weigh the drained curd: ${format.percent(percent, 1)} of what it really weighs, non-iodised, worked in gently.`,
      'Taste now and in an hour; salt takes time to spread.',
    ],
    right: 'Seasoned through, no salty pockets.',
    normal: 'A little more whey comes out.',
    done: 'Salted',
  }),
  cautions: () => [],
});

import { z } from 'zod';
import { kindOf } from '../../grammar';
import { saying } from '../../sentence';
import { aside } from '../spans';

/** Minutes; common practice. */
const MINUTES = 4;

export const store = kindOf<Record<string, never>>({
  kind: 'store',
  params: z.strictObject({}),
  endedBy: 'done',
  mistakes: () => ['salt-forgotten', 'mould', 'gassy', 'froze', 'power-gone', 'left-warm', 'pests'],
  does: ['holds-curd', 'after'],
  uses: () => ['fridge'],
  toleranceC: null,
  predict: (_world, _params, pot) => aside(pot, MINUTES),
  words: (_params, { fridgeDays }) => ({
    ...saying([`Weigh, label, keep ${fridgeDays} days`]),
    action: 'Weigh it',
    target: `${fridgeDays} days cold`,
    steps: [
      'Weigh the finished cheese: that one number teaches the book most.',
      `Label it with what it is, today’s date and “eat within ${fridgeDays} days”.`,
    ],
    right: 'A clean, closed tub in the coldest part of the fridge.',
    normal: null,
    done: 'Weigh and finish',
  }),
  cautions: (_params, { coagulant }) => [
    'keep-cold',
    'vulnerable',
    ...(coagulant ? (['label-coagulant'] as const) : []),
  ],
});

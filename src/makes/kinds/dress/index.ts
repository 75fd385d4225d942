import { z } from 'zod';
import { kindOf } from '../../grammar';
import { curdResting } from '../spans';

/** Minutes; common practice. */
const MINUTES = 4;

export const dress = kindOf<Record<string, never>>({
  kind: 'dress',
  params: z.strictObject({}),
  endedBy: 'done',
  toleranceC: null,
  predict: (world, _params, pot) => curdResting(world, pot, MINUTES, MINUTES),
  words: (_params, { creamText }) => ({
    title: 'Dress with cream',
    action: 'Fold in cream',
    target: creamText,
    steps: [`Fold ${creamText} of cold cream in with a fork; stop while it is still open.`],
    right: 'Loose and glossy, no pool of cream.',
    normal: null,
    done: 'Dressed',
  }),
  cautions: () => [],
});

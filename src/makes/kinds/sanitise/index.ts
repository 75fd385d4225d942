import { z } from 'zod';
import { kindOf } from '../../grammar';
import { saying } from '../../sentence';
import { aside } from '../spans';

/** Minutes; common practice. */
const MINUTES = 8;

export const sanitise = kindOf<Record<string, never>>({
  kind: 'sanitise',
  params: z.strictObject({}),
  endedBy: 'done',
  does: ['over-fire', 'cleans'],
  toleranceC: null,
  predict: (_world, _params, pot) => aside(pot, MINUTES),
  words: () => ({
    ...saying(['Boil the cloth, scald the tools']),
    action: 'Clean',
    target: null,
    steps: [
      'Boil the cloth and the spoon for five minutes, or use your sanitiser as its label says.',
      'Pot without a trace of last night’s supper; hands washed; windows screened, pets out.',
    ],
    right: 'Everything that touches milk is hot-rinsed and lies on a clean towel.',
    normal: null,
    done: 'All clean',
  }),
  cautions: () => ['clean', 'no-aluminium'],
});

import { z } from 'zod';
import { kindOf } from '../../grammar';
import { saying } from '../../sentence';
import { offWhey } from '../offWhey';
import { aside } from '../spans';

/** Minutes for eight litres; ladling takes longer the more there is, by the square root. Common practice. */
const MINUTES = 5;
const AT_LITRES = 8;

export const drawWhey = kindOf<Record<string, never>>({
  kind: 'draw-whey',
  params: z.strictObject({}),
  endedBy: 'done',
  mistakes: () => ['whey-white', 'settled-long', 'spilled', 'gassy', 'pests', 'salted-early'],
  does: ['draws-whey', 'holds-curd'],
  uses: () => ['pot'],
  toleranceC: [4, 3],
  predict: (world, _params, pot) => {
    offWhey(world, pot);
    return aside(pot, MINUTES * Math.max(0.6, Math.sqrt(pot.litres / AT_LITRES)));
  },
  words: () => ({
    ...saying(['Draw the whey off']),
    action: 'Whey off',
    target: null,
    steps: [
      'Ladle or pour the whey off the curd through a cloth, down to the bed. Keep it: a later stage, or a second cooking, wants it.',
      'Creamy whey is fat on its way out: go gentler.',
    ],
    right: 'Clear, greenish yellow whey; the curd lies bare.',
    normal: 'A few fines in the cloth: tip them back.',
    done: 'Whey is off',
  }),
  cautions: () => ['heavy-pot'],
});

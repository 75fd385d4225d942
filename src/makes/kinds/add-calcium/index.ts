import { z } from 'zod';
import { kindOf } from '../../grammar';
import { saying } from '../../sentence';
import { aside } from '../spans';

const MINUTES = 1;

export const addCalcium = kindOf<Record<string, never>>({
  kind: 'add-calcium',
  params: z.strictObject({}),
  endedBy: 'done',
  mistakes: () => ['calcium-double', 'out-of-order', 'pests'],
  takes: () => ['calcium'],
  uses: () => ['pot'],
  toleranceC: null,
  predict: (world, _params, pot) => {
    pot.calciumMmolPerLitre = world.calciumMmolPerLitre;
    return aside(pot, MINUTES);
  },
  words: (_params, { doses }) => ({
    ...saying([`Calcium in: ${doses.calcium?.text ?? ''}`]),
    action: 'Add calcium',
    target: doses.calcium?.text ?? null,
    steps: [
      `Dissolved in ${doses.calcium?.waterText ?? 'cool water'}, poured in a thin stream, stirred under.`,
    ],
    right: 'No grain left in the jug.',
    normal: null,
    done: 'Stirred in',
  }),
  cautions: () => [],
});

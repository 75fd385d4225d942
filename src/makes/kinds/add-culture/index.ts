import { z } from 'zod';
import { kindOf } from '../../grammar';
import { saying } from '../../sentence';
import { cultureIn } from '../leaves';
import { resting } from '../spans';

/** Minutes of sprinkling, waiting and stirring; common practice. */
const MINUTES = 6;

export const addCulture = kindOf<Record<string, never>>({
  kind: 'add-culture',
  params: z.strictObject({}),
  endedBy: 'done',
  mistakes: () => [
    'culture-hot',
    'culture-weak',
    'culture-double',
    'half-milk',
    'overshot',
    'cooled',
    'pests',
    'out-of-order',
  ],
  takes: () => ['culture'],
  uses: () => ['pot'],
  toleranceC: [3, 3],
  predict: (world, _params, pot) => {
    const span = resting(world, pot, MINUTES, MINUTES);
    cultureIn(world, pot);
    return span;
  },
  words: (_params, { doses, format }) => ({
    ...saying(
      [`Culture in: ${doses.culture?.text ?? ''}`],
      [
        { slot: 'strains', before: ', ' },
        { slot: 'culture', before: ', ', after: ' times what its label says' },
      ],
    ),
    action: 'Add culture',
    target: doses.culture?.text ?? null,
    steps: [
      'Powder: sprinkle it over the milk and let it drink for two to five minutes. Liquid or a spoon of an earlier batch: loosen it in a little of the warm milk first.',
      `Then stir up and down for ${format.number(1)} minute, down to the base.`,
    ],
    right: 'Powder that runs freely and sinks as it wets.',
    normal: 'Nothing shows for the first hours: it is counting, not sleeping.',
    done: 'Stirred in',
  }),
  cautions: () => ['dead-culture'],
});

import { z } from 'zod';
import { kindOf } from '../../grammar';
import { saying, value } from '../../sentence';
import { aside } from '../spans';

const MINUTES = 2;

/** Cream joins the milk before it is warmed; its mass is in the milk of the plan already. Lipase changes the taste alone. */
export const addOther = kindOf<{ what: 'cream' | 'lipase' }>({
  kind: 'add-other',
  params: z.strictObject({ what: z.enum(['cream', 'lipase']) }),
  endedBy: 'done',
  mistakes: () => ['out-of-order', 'half-milk'],
  takes: ({ what }) => [what],
  uses: () => ['pot'],
  toleranceC: null,
  predict: (_world, _params, pot) => aside(pot, MINUTES),
  words: ({ what }, { doses }) =>
    what === 'lipase'
      ? {
          ...saying([value('what', 'Lipase', { or: 'lipase' }), ` in: ${doses.lipase?.text ?? ''}`]),
          action: 'Add lipase',
          target: doses.lipase?.text ?? null,
          steps: [
            'Soaked a quarter of an hour in cool water, then stirred in. More than this weakens the set.',
          ],
          right: 'No lump left.',
          normal: 'It smells sharp.',
          done: 'Stirred in',
        }
      : {
          ...saying(['Stir the cream into the milk']),
          action: 'Add cream',
          target: doses.cream?.text ?? null,
          steps: [
            `Stir ${doses.cream?.text ?? 'the cream'} of cream into the cold milk until no streak shows.`,
          ],
          right: 'One even colour, no yellow rim.',
          normal: null,
          done: 'Stirred in',
        },
  cautions: () => [],
});

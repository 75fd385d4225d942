import { z } from 'zod';
import { kindOf } from '../../grammar';
import { aside } from '../spans';

const MINUTES = 2;

/** Cream joins the milk before it is warmed; its mass is in the milk of the plan already. */
export const addOther = kindOf<{ what: 'cream' }>({
  kind: 'add-other',
  params: z.strictObject({ what: z.literal('cream') }),
  endedBy: 'done',
  toleranceC: null,
  predict: (_world, _params, pot) => aside(pot, MINUTES),
  words: (_params, { creamText }) => ({
    title: 'Stir the cream into the milk',
    action: 'Add cream',
    target: creamText,
    steps: [`Stir ${creamText} of cream into the cold milk until no streak shows.`],
    right: 'One even colour, no yellow rim.',
    normal: null,
    done: 'Stirred in',
  }),
  cautions: () => [],
});

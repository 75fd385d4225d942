import { z } from 'zod';
import { kindOf } from '../../grammar';
import { aside } from '../spans';

/** Minutes; common practice. */
const MINUTES = 5;

export const measure = kindOf<Record<string, never>>({
  kind: 'measure',
  params: z.strictObject({}),
  endedBy: 'done',
  toleranceC: null,
  predict: (_world, _params, pot) => aside(pot, MINUTES),
  words: (_params, { format, litres, acid, species }) => ({
    title: 'Measure the milk, dilute the acid',
    action: 'Weigh out',
    target: acid ? acid.firstText : null,
    steps: [
      `${format.litres(litres)} of ${species === 'cow' ? 'cow’s' : `${species}`} milk into the pot.`,
      ...(acid
        ? [
            `First jug: ${acid.firstText} of ${acid.name} in ${acid.waterText}.`,
            ...(acid.heldText === ''
              ? []
              : [`Second jug, held back: ${acid.heldText}, diluted the same way.`]),
          ]
        : []),
    ],
    right: 'The acid is fully dissolved in cool water that does not smell of chlorine.',
    normal: null,
    done: 'Measured',
  }),
  cautions: (_params, { treatment }) =>
    treatment === 'raw'
      ? ['raw-milk']
      : treatment === 'ultra-heat'
        ? ['ultra-heat']
        : treatment === 'boiled'
          ? ['boiled-milk']
          : [],
});

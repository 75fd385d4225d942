import { z } from 'zod';
import { type DoseId, kindOf, type Telling } from '../../grammar';
import { saying } from '../../sentence';
import { aside } from '../spans';

/** Minutes; common practice. */
const MINUTES = 5;

const milkOf = (species: string) =>
  species === 'cow'
    ? 'cow’s'
    : `${species === 'goat' ? 'goat’s' : species === 'sheep' ? 'sheep’s' : 'buffalo'}`;

/** What is weighed out beforehand and how; the coagulant is diluted only when it goes in. */
function lineFor(id: DoseId, { doses }: Telling): string[] {
  const dose = doses[id];
  if (!dose) return [];
  switch (id) {
    case 'calcium':
      return [`${dose.text} of ${dose.name} in ${dose.waterText}.`];
    case 'culture':
      return [`${dose.text} of ${dose.name}, kept cold until it goes in.`];
    case 'coagulant':
      return [
        `${dose.text} of ${dose.name}; its ${dose.waterText} stands ready, and they meet only when it goes in.`,
      ];
    default:
      return [];
  }
}

export const measure = kindOf<Record<string, never>>({
  kind: 'measure',
  params: z.strictObject({}),
  endedBy: 'done',
  mistakes: () => ['milk-off', 'pests'],
  takes: () => ['milk'],
  uses: () => ['pot'],
  toleranceC: null,
  predict: (_world, _params, pot) => aside(pot, MINUTES),
  words: (_params, telling) => {
    const { format, litres, acid, species, of } = telling;
    const extras = (['calcium', 'culture', 'coagulant'] as const).flatMap((id) => lineFor(id, telling));
    return {
      ...saying([`Measure the ${of}${acid ? ', dilute the acid' : ', weigh out the rest'}`]),
      action: 'Weigh out',
      target: acid ? acid.firstText : format.litres(litres),
      steps: [
        `${format.litres(litres)} of ${of === 'whey' ? 'fresh whey' : `${milkOf(species)} milk`} into the pot.`,
        ...(acid
          ? [
              `${acid.heldText === '' ? 'Jug' : 'First jug'}: ${acid.firstText} of ${acid.name} in ${acid.waterText}.`,
              ...(acid.heldText === ''
                ? []
                : [`Second jug, held back: ${acid.heldText}, diluted the same way.`]),
            ]
          : []),
        ...extras,
      ],
      right: acid
        ? 'The acid is fully dissolved in cool water that does not smell of chlorine.'
        : 'Everything stands in its own labelled cup; the water does not smell of chlorine.',
      normal: null,
      done: 'Measured',
    };
  },
  cautions: (_params, { treatment }) =>
    treatment === 'raw'
      ? ['raw-milk']
      : treatment === 'ultra-heat'
        ? ['ultra-heat']
        : treatment === 'boiled'
          ? ['boiled-milk']
          : [],
});

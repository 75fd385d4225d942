import { z } from 'zod';
import { kindOf } from '../../grammar';
import { saying } from '../../sentence';
import { imcuForCut, settingCourse, standing } from '../clot';
import { outOfOrder } from '../order';

/** Minutes of stirring in and stilling the milk; common practice. */
const MINUTES = 2;
/** How far ahead the souring is looked at where no time is wanted, min. */
const LOOK_MIN = 60;

export const addCoagulant = kindOf<Record<string, never>>({
  kind: 'add-coagulant',
  params: z.strictObject({}),
  endedBy: 'done',
  mistakes: () => [
    'coag-early-water',
    'coag-little',
    'coag-double',
    'coag-cold',
    'no-calcium',
    'culture-forgotten',
    'overshot',
    'cooled',
    'half-milk',
    'pests',
    'out-of-order',
  ],
  takes: () => ['coagulant'],
  uses: () => ['pot'],
  toleranceC: [2, 2],
  predict: (world, _params, pot) => {
    const { coagulant } = world;
    if (!coagulant) outOfOrder('has a coagulant stage and says no coagulant');
    const courseAt = settingCourse(world, pot, coagulant.wantedMin ?? LOOK_MIN);
    if (world.likely && coagulant.wantedMin !== null)
      coagulant.neededImcuPerLitre = imcuForCut(world, pot, coagulant.wantedMin, courseAt);
    coagulant.imcuPerLitre ??= coagulant.neededImcuPerLitre ?? imcuForCut(world, pot, LOOK_MIN, courseAt);
    pot.work.setC = pot.tempC;
    pot.clot = { at: pot.minute, courseAt };
    return standing(world, pot, MINUTES, MINUTES);
  },
  words: (_params, { doses }) => ({
    ...saying(
      [`Coagulant in: ${doses.coagulant?.text ?? ''}`],
      [{ slot: 'coagulant', before: ', for a clean break after ' }],
    ),
    action: 'Coagulant',
    target: doses.coagulant?.text ?? null,
    steps: [
      `Dilute it now, not before, in ${doses.coagulant?.waterText ?? 'cool water'} without chlorine; half an hour in the jug and it is gone.`,
      'Pour it over the spoon, stir up and down for a minute (ten seconds for a fast set), then still the milk with the spoon.',
      'Lid on. From here nobody moves the pot.',
    ],
    right: 'The milk stands still before it starts to thicken.',
    normal: null,
    done: 'Milk is still',
  }),
  cautions: () => [],
});

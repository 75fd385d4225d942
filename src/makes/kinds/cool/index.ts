import { z } from 'zod';
import { kindOf } from '../../grammar';
import { saying, value } from '../../sentence';
import { potC } from '../bounds';
import { byHand } from '../byHand';
import { cooling } from '../ramp';

/** Share of a cooling spent stirring; common practice. */
const ATTENDED = 0.4;

export const cool = kindOf<{ toC: number }>({
  kind: 'cool',
  params: z.strictObject({ toC: potC() }),
  endedBy: 'temperature',
  mistakes: () => ['cooled', 'half-milk', 'pests', 'left-warm'],
  does: ['cools-milk'],
  uses: () => ['pot'],
  kit: (_params, { tapSays }) => [
    { what: 'a sink of cold water, or ice', why: `to bring the milk down${tapSays}` },
  ],
  toleranceC: [3, 3],
  predict: (world, { toC }, pot) => cooling(world, pot, toC, ATTENDED),
  words: ({ toC }, { format, style }) => ({
    ...saying(['Cool to ', value('toC', format.temp(toC))]),
    action: 'Cool',
    target: format.temp(toC),
    steps: [
      ...(style === 'skyr' ? ['Lift the skin off first.'] : []),
      'Stand the pot in a sink of cold water, renewed when it is warm; stir the milk slowly.',
      `Lift it out ${format.tempStep(1, 0)} early and stir before the last reading.`,
      ...byHand(toC, format),
    ],
    right: 'Even warmth; a clean spoon comes out with no skin on it.',
    normal: 'Cooled too far? Warm it back gently and go on: nothing is lost.',
    done: `${format.temp(toC)} reached`,
  }),
  cautions: () => ['heavy-pot'],
});

import { z } from 'zod';
import { kindOf } from '../../grammar';
import { minutesTo, potC } from '../bounds';
import { ramp } from '../ramp';

/** Share of a scald spent stirring; common practice. */
const ATTENDED = 0.6;

export const scald = kindOf<{ toC: number; overMin: number }>({
  kind: 'scald',
  params: z.strictObject({ toC: potC(), overMin: minutesTo(600).default(0) }) as unknown as z.ZodType<{
    toC: number;
    overMin: number;
  }>,
  endedBy: 'temperature',
  habits: [
    {
      param: 'overMin',
      option: 'warmOverMin',
      usual: 0,
      label: 'Warmed over',
      range: { unit: 'min', min: 0, max: 240 },
      reason: 'Nought: as fast as the heat goes. Slower is gentler, and is judged as you warm.',
    },
  ],
  does: ['heats-milk', 'scalds', 'near-boil', 'ramps', 'over-fire'],
  uses: () => ['pot', 'ring'],
  toleranceC: [3, 3],
  predict: (world, { toC, overMin }, pot) => ramp(world, pot, toC, ATTENDED, overMin),
  words: ({ toC }, { format, carryOverC }) => ({
    title: `Scald to ${format.temp(toC)}`,
    action: 'Scald',
    target: format.temp(toC),
    steps: [
      'Middle heat. Stir slowly across the base so that nothing catches; do not scrape what has caught.',
      `Probe deep and stir before reading. Turn the heat off ${format.tempStep(carryOverC)} early: the pot carries on.`,
    ],
    right: 'Steam, small bubbles at the rim, a faint foam.',
    normal: 'A skin forms when you stop stirring: lift it off or stir it under.',
    done: `${format.temp(toC)} reached`,
  }),
  cautions: ({ toC }) => (toC >= 80 ? ['boil-over'] : []),
});

import { z } from 'zod';
import { kindOf } from '../../grammar';
import { minutesTo, potC } from '../bounds';
import { ramp } from '../ramp';

/** Share of a gentle warming spent stirring; common practice. */
const ATTENDED = 0.5;

export const warm = kindOf<{ toC: number; overMin: number }>({
  kind: 'warm',
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
  does: ['heats-milk', 'ramps', 'over-fire'],
  uses: () => ['pot', 'ring'],
  toleranceC: [3, 3],
  predict: (world, { toC, overMin }, pot) => ramp(world, pot, toC, ATTENDED, overMin),
  words: ({ toC }, { format, carryOverC }) => ({
    title: `Bring to ${format.temp(toC)}`,
    action: 'Warm',
    target: format.temp(toC),
    steps: [
      'Low to middle heat, stirring from the base every minute or two. Milk that is warmer stands in cold water instead.',
      `Probe deep and stir before reading; turn off ${format.tempStep(carryOverC)} early, the pot carries on.`,
    ],
    right: 'Even warmth from rim to middle.',
    normal: 'The last ten degrees come faster than the first.',
    done: `${format.temp(toC)} reached`,
  }),
  cautions: (_params, { treatment, setC }) => (treatment === 'raw' && setC < 63 ? ['raw-unheated'] : []),
});

import { z } from 'zod';
import { boundedBy } from '../../../core/faults/bounds';
import { kindOf } from '../../grammar';

/** Minutes; common practice. */
const MINUTES = 3;

export const wash = kindOf<{ waterC: number }>({
  kind: 'wash',
  params: z.strictObject({ waterC: boundedBy(0, 60, '°C') }),
  endedBy: 'done',
  toleranceC: null,
  predict: (_world, { waterC }, pot) => {
    const before = pot.tempC;
    // Curd in a stream of water comes most of the way to the water's temperature; common practice.
    pot.tempC = waterC + (before - waterC) * 0.3;
    pot.minute += MINUTES;
    return {
      durationMin: MINUTES,
      handsOnMin: MINUTES,
      targetC: null,
      course: [
        [0, before],
        [MINUTES, pot.tempC],
      ],
    };
  },
  words: ({ waterC }, { format, acid }) => ({
    title: `Rinse with water at ${format.temp(waterC)}`,
    action: 'Rinse',
    target: null,
    steps: [
      'Run clean drinking water gently through the cloth and turn the curd with a spoon.',
      `Taste: rinse until ${acid ? `no ${acid.name} comes through` : 'it is as mild as you want it'}, then stop.`,
    ],
    right: 'The water runs nearly clear; the curd tastes of milk.',
    normal: 'A little fine curd washes out.',
    done: 'Rinsed',
  }),
  cautions: () => [],
});

import { z } from 'zod';
import { washed } from '../../../core/culture/curd';
import { fermentPH } from '../../../core/culture/ferment';
import { boundedBy } from '../../../core/faults/bounds';
import { kindOf } from '../../grammar';
import { saying, value } from '../../sentence';
import { offWhey } from '../offWhey';

/** Minutes; common practice. */
const MINUTES = 3;
/** Shares of the lactose and of the acid that one water takes out of the curd. Common practice and from memory. */
const TAKEN = { lactose: 0.4, acid: 0.06 } as const;
/** How far one water brings a curd set by acid back towards its milk's pH. From memory. */
const SWEETENS = 0.1;

export const wash = kindOf<{ waterC: number }>({
  kind: 'wash',
  params: z.strictObject({ waterC: boundedBy(0, 60, '°C') }),
  endedBy: 'done',
  does: ['rinses'],
  reads: ['curd', 'water'],
  mistakes: () => ['washed-hot', 'washed-long', 'clumped', 'shattered', 'pests'],
  toleranceC: null,
  predict: (world, { waterC }, pot) => {
    const before = pot.tempC;
    offWhey(world, pot);
    pot.work.rinses = (pot.work.rinses ?? 0) + 1;
    if (pot.ferment) {
      pot.ferment = washed(pot.ferment, TAKEN.lactose, TAKEN.acid);
      pot.pH = fermentPH(pot.ferment);
    } else pot.pH += (world.buffer.pH0 - pot.pH) * SWEETENS;
    // Curd lies in its water until it is as warm or as cold.
    pot.tempC = waterC;
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
    ...saying(['Rinse with water at ', value('waterC', format.temp(waterC))]),
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

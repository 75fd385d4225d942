import { z } from 'zod';
import { boundedBy } from '../../../core/faults/bounds';
import { kindOf } from '../../grammar';
import { saying, value } from '../../sentence';
import { rinsed } from '../leaves';

/** Minutes; common practice. */
const MINUTES = 3;

const params = z.strictObject({
  waterC: boundedBy(0, 60, '°C'),
  /** How many waters this is the first of; nought where nobody counts. */
  firstOf: boundedBy(0, 9).int().default(0),
});

export const wash = kindOf<z.infer<typeof params>>({
  kind: 'wash',
  params,
  endedBy: 'done',
  does: ['rinses'],
  reads: ['curd', 'water'],
  mistakes: () => ['washed-hot', 'washed-long', 'clumped', 'shattered', 'pests'],
  toleranceC: null,
  predict: (world, { waterC }, pot) => {
    const before = pot.tempC;
    rinsed(world, pot, waterC);
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
  words: ({ waterC, firstOf = 0 }, { format, acid }) => ({
    ...saying(
      ['Rinse with water at ', value('waterC', format.temp(waterC))],
      firstOf > 1
        ? [', the first of ', value('firstOf', `${format.number(firstOf)} waters`)]
        : firstOf === 1
          ? [', in ', value('firstOf', '1 water')]
          : [],
    ),
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

import { z } from 'zod';
import { pHAfter } from '../../../core/acid/titrate';
import { mixedTempC } from '../../../core/heat/mixing';
import { kindOf } from '../../grammar';

/** Minutes of pouring, stirring and looking; common practice. */
const MINUTES = 6;

export const addAcid = kindOf<Record<string, never>>({
  kind: 'add-acid',
  params: z.strictObject({}),
  endedBy: 'whey',
  toleranceC: [6, 4],
  predict: (world, _params, pot) => {
    const before = pot.tempC;
    const waterKg = world.acidAmount * world.titrant.litresPerUnit;
    pot.tempC = mixedTempC([
      { what: 'milk', kg: pot.kg, tempC: pot.tempC },
      { what: 'water', kg: waterKg, tempC: world.roomC },
    ]);
    pot.kg += waterKg;
    pot.litres += waterKg;
    pot.pH = pHAfter(world.buffer, world.titrant, world.acidAmount / world.milk.litres);
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
  words: (_params, { acid, format }) => ({
    title: `Acid in: ${acid?.firstText ?? ''} first, the rest by eye`,
    action: 'Pour acid',
    target: acid?.firstText ?? null,
    steps: [
      `Heat off. Pour the first jug in a thin stream over ${format.number(30)} seconds, stirring up and down, then let it come to rest.`,
      'Wait two minutes and look between the curds.',
      'Whey still milky? Give the held-back acid in portions until it runs clear.',
    ],
    right: 'Curds part from whey that is clear and greenish yellow.',
    normal: 'For the first half minute nothing much happens; then it turns all at once.',
    done: 'Whey is clear',
  }),
  cautions: (_params, { setC }) => (setC >= 60 ? ['hot-milk'] : []),
});

import { z } from 'zod';
import { turningMin } from '../../../core/acid/acids';
import { coagulationPH } from '../../../core/acid/coagulation';
import { Infeasible } from '../../../core/faults/fault';
import { kindOf } from '../../grammar';
import { saying } from '../../sentence';
import { acidIn } from '../leaves';
import { outOfOrder } from '../order';

/** Minutes of pouring, stirring and looking; common practice. */
const HOT_MINUTES = 6;
const COLD_MINUTES = 2;
/** Where the stream goes in it is sourer than the milk will be: this much at least has to be left. Common practice. */
const TURNS_MARGIN_PH = 0.2;

export const addAcid = kindOf({
  kind: 'add-acid',
  params: z.strictObject({ cold: z.boolean().default(false) }),
  endedBy: 'whey',
  mistakes: ({ cold }) => [
    ...(cold ? (['warm-acid', 'overshot'] as const) : (['acid-cool-milk', 'scorched', 'shattered'] as const)),
    'acid-too-much',
    'acid-undiluted',
    'half-milk',
    'pests',
    'out-of-order',
  ],
  takes: () => ['acid'],
  goal: ({ cold }) => (cold ? null : { is: 'clear-whey' }),
  uses: () => ['pot'],
  toleranceC: [6, 4],
  predict: (world, { cold }, pot) => {
    const before = pot.tempC;
    const { acid } = world;
    if (!acid) outOfOrder('has an acid stage and says no acid');
    acidIn(world, pot, acid.amount);
    const { pH } = pot;
    if (cold && world.likely && pH <= coagulationPH(before) + TURNS_MARGIN_PH) {
      throw new Infeasible({
        path: 'milk.startC',
        problem: `is ${Math.round(before)} °C as the acid goes in, and milk so warm curdles at pH ${coagulationPH(before).toFixed(2)}`,
        remedy: 'chill the milk first: acid goes into cold milk',
      });
    }
    const handsOnMin = cold ? COLD_MINUTES : HOT_MINUTES;
    // A lactone is waited for, as cold or as hot as the milk is.
    const durationMin = Math.max(handsOnMin, turningMin(acid.titrant.product.kind, pot.tempC));
    pot.minute += durationMin;
    return {
      durationMin,
      handsOnMin,
      targetC: null,
      course: [
        [0, before],
        [handsOnMin, pot.tempC],
        ...(durationMin > handsOnMin ? ([[durationMin, pot.tempC]] as const) : []),
      ],
    };
  },
  words: ({ cold }, { acid, format }) =>
    cold
      ? {
          ...saying(
            [`Acid into the cold milk: ${acid?.firstText ?? ''}`],
            [{ slot: 'acid', before: ', to pH ' }],
          ),
          action: 'Pour acid',
          target: acid?.firstText ?? null,
          steps: [
            'All of it, dissolved, in a thin stream into the cold milk while you stir fast: cold milk takes it without curdling.',
            'Then a slow minute up and down from the base.',
            ...(acid?.turnsSlowly
              ? [
                  'Cover it, and keep it as cold as it is: this powder turns to acid slowly, and half of it takes hours in the cold. Go on when a reading says that pH; what is hurried turns sour in the curd.',
                ]
              : []),
          ],
          right: 'Milk as smooth as before.',
          normal: 'A few flecks where the stream went in: they stir away.',
          done: acid?.turnsSlowly ? 'It is sour' : 'Stirred in',
        }
      : {
          ...saying(
            [`Acid in: ${acid?.firstText ?? ''} first, the rest by eye`],
            [{ slot: 'acid', before: ', to pH ' }],
          ),
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
        },
  cautions: (_params, { setC }) => (setC >= 60 ? ['hot-milk'] : []),
});

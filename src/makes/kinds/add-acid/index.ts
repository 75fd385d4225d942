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

/** Milk that waits for hours with nothing in it to guard it is kept at this or colder, °C. Common practice. */
const WAITS_COLD_C = 8;

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
  does: ['acidifies'],
  picture: ({ cold }) => (cold ? 'add-acid-cold' : 'add-acid'),
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
    const turning = turningMin(acid.titrant.product.kind, before);
    if (cold && world.likely && turning > 0 && before > WAITS_COLD_C) {
      throw new Infeasible({
        path: 'acid.kind',
        problem: `turns to acid so slowly that milk of ${Math.round(before)} °C would stand for ${Math.round(turning / 60)} hours`,
        remedy: `put it into milk of ${WAITS_COLD_C} °C or colder, where it may stand, or take another acid`,
      });
    }
    // Acid that comes slowly is waited for.
    const durationMin = Math.max(handsOnMin, turning);
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
  words: ({ cold }, { acid, format }) => {
    const waits = acid && acid.turnsMin > 0 ? format.minutes(acid.turnsMin) : null;
    return cold
      ? {
          ...saying(
            [`Acid into the cold milk: ${acid?.firstText ?? ''}`],
            [{ slot: 'acid', before: ', to pH ' }],
          ),
          action: waits ? 'Pour and wait' : 'Pour acid',
          target: acid?.firstText ?? null,
          steps: [
            'All of it, dissolved, in a thin stream into the cold milk while you stir fast: cold milk takes it without curdling.',
            'Then a slow minute up and down from the base.',
            ...(waits
              ? [
                  'Cover it and put it in the fridge: this powder turns to acid slowly, and takes hours in the cold. Go on when a reading says that pH; what is hurried turns sour in the curd.',
                ]
              : []),
          ],
          right: 'Milk as smooth as before.',
          normal: 'A few flecks where the stream went in: they stir away.',
          done: waits ? 'It is sour' : 'Stirred in',
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
            waits
              ? `Cover it and wait ${waits}: this powder turns to acid slowly. Only then look between the curds.`
              : 'Wait two minutes and look between the curds.',
            `Whey still milky? Give the held-back acid in portions until it runs clear${waits ? ', and wait as long after each' : ''}.`,
          ],
          right: 'Curds part from whey that is clear and greenish yellow.',
          normal: 'For the first half minute nothing much happens; then it turns all at once.',
          done: 'Whey is clear',
        };
  },
  cautions: (_params, { of, setC }) => (setC < 60 ? [] : [of === 'whey' ? 'whey-scalds' : 'hot-milk']),
});

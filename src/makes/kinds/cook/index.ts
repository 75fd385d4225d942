import { z } from 'zod';
import { kindOf } from '../../grammar';
import { saying, value } from '../../sentence';
import { minutesTo, potC } from '../bounds';
import { byHand } from '../byHand';
import { along } from '../spans';

/** Share of the time spent stirring, stirred and left alone. Common practice. */
const ATTENDED = { stirred: 0.7, still: 0.15 } as const;
/** Curd that is left alone while it warms gives up as much whey as curd stirred for half the time. Common practice. */
export const STILL_COUNTS = 0.5;

const params = z.strictObject({
  toC: potC(),
  overMin: minutesTo(600),
  stirred: z.boolean().default(true),
  /** Heated on in one piece, not cut yet. */
  whole: z.boolean().optional(),
});
export type CookParams = z.infer<typeof params>;

export const cook = kindOf<CookParams>({
  kind: 'cook',
  params,
  endedBy: 'temperature',
  reads: ['curd', 'whey', 'room'],
  tests: () => ['squeeze'],
  mistakes: () => [
    'overshot-cook',
    'cooled-cook',
    'heated-fast',
    'clumped',
    'shattered',
    'whey-white',
    'gassy',
    'pests',
  ],
  habits: [
    {
      param: 'overMin',
      option: 'cookMin',
      label: 'Cook over',
      range: { unit: 'min', min: 0, max: 90 },
      reason: 'Slowly, or a skin locks the whey in. Nought: not heated at all.',
      noughtLeavesOut: true,
    },
  ],
  does: ['ramps', 'over-fire', 'cooks-curd'],
  uses: () => ['pot', 'ring'],
  toleranceC: [2, 2],
  predict: (world, { toC, overMin, stirred }, pot) => {
    const started = pot.tempC;
    const reached = Math.max(started, toC + world.probeOffC);
    pot.work.cookC = reached;
    pot.work.stirMin = (pot.work.stirMin ?? 0) + overMin * (stirred ? 1 : STILL_COUNTS);
    const hands = overMin * (stirred ? ATTENDED.stirred : ATTENDED.still);
    return along(
      pot,
      overMin,
      hands,
      (m) => (overMin === 0 ? reached : started + ((reached - started) * m) / overMin),
      toC,
    );
  },
  words: ({ toC, overMin, stirred, whole = false }, { format }) => ({
    ...saying(
      [
        whole ? 'Heat the whole set on to ' : 'Warm the curd to ',
        value('toC', format.temp(toC)),
        ' over ',
        value('overMin', format.minutes(overMin)),
      ],
      whole ? [] : [', ', value('stirred', stirred ? 'stirring all the while' : 'not stirred')],
    ),
    action: 'Cook',
    target: format.temp(toC),
    steps: whole
      ? [
          'Low heat, lid on, the pot in a bath if you have one: it warms in one piece, unstirred and uncut.',
          'Whey gathers round the cake and it draws from the wall.',
          ...byHand(toC, format),
        ]
      : [
          'Slowly at first: a skin on the curd locks the whey in.',
          stirred
            ? 'Stir gently and often, from the base up. Clumps? Every five minutes rather than fifteen.'
            : 'Do not stir: turn the pot in its bath and let the warmth walk in.',
          ...byHand(toC, format),
        ],
    right: whole ? 'One shrunken cake afloat in clear whey.' : 'Curds shrink, round off and stay loose.',
    normal: 'Whey overtakes curd: it should.',
    done: `${format.temp(toC)} reached`,
  }),
  cautions: () => [],
});

import { z } from 'zod';
import { boundedBy } from '../../../core/faults/bounds';
import { minutesTo, potOf } from '../../../core/heat/pot';
import { expOf } from '../../../core/numeric/elementary';
import { kindOf } from '../../grammar';
import { saying, value } from '../../sentence';
import { someMinutesTo } from '../bounds';
import { poachedFor } from '../leaves';
import { along } from '../spans';

const params = z.strictObject({
  toC: boundedBy(40, 100, '°C'),
  minutes: someMinutesTo(240),
  /** A spice bag hangs in the whey. */
  spiced: z.boolean().default(false),
  /** The whey is heated alone first, and what rises is skimmed. */
  ricotta: z.boolean().optional(),
});
export type PoachParams = z.infer<typeof params>;

/** How hot whey gives up its protein by heat alone, and for how long it is skimmed. Common practice. */
const RICOTTA_C = 90;
const SKIMMING_MIN = 10;
/** Fresh ricotta of a litre of sweet whey by heat alone, g. From memory: less than with acid. */
const RICOTTA_G_PER_L = 15;

/** Spices for a kilogram of cheese, g. From memory. */
const MAHLEB_G_PER_KG = 3;
const MASTIC_G_PER_KG = 0.5;
/** Whey left to poach in, share of the milk. Common practice. */
export const WHEY_SHARE = 0.85;
/** Share of the warming, and of the poaching, spent at the pot: whey boils over without warning. Common practice. */
const ATTENDED = 0.5;

export const poach = kindOf<PoachParams>({
  kind: 'poach',
  params,
  endedBy: 'test',
  reads: ['whey', 'core'],
  tests: () => ['afloat'],
  countsMin: ({ minutes }) => minutes,
  mistakes: () => ['poach-boiled', 'poach-fell-apart', 'boiled-over', 'spilled'],
  does: ['near-boil', 'over-fire', 'heats-curd', 'poaches'],
  uses: () => ['pot', 'ring'],
  kit: (_params, { format, wheyLitres }) => [
    { what: `a pot for ${format.litres(wheyLitres * 1.3)}`, why: 'whey boils over without warning' },
  ],
  toleranceC: [5, 5],
  predict: (world, { toC, minutes, ricotta = false }, pot) => {
    poachedFor(world, pot, minutes);
    const started = pot.tempC;
    const whey = potOf(world.milk.litres * WHEY_SHARE, world.milk.massKg * WHEY_SHARE, 'whey');
    const hottest = ricotta ? Math.max(toC, RICOTTA_C) : toC;
    const heating =
      minutesTo(whey, Math.min(30, toC - 1), hottest, world.roomC, whey.powerKw * world.power) +
      (ricotta ? SKIMMING_MIN : 0);
    const whole = heating + minutes;
    return along(
      pot,
      whole,
      whole * ATTENDED,
      (m) => (m <= heating ? started : toC - (toC - started) * expOf(-(m - heating) / 8)),
      toC,
    );
  },
  words: ({ toC, minutes, spiced, ricotta = false }, { format, yieldKg, litres }) => ({
    ...saying(
      [
        'Poach in whey at ',
        value('toC', format.temp(toC)),
        ' for ',
        value('minutes', format.minutes(minutes)),
      ],
      ricotta ? [', ', value('ricotta', 'ricotta skimmed off it first')] : [],
    ),
    action: 'Poach',
    target: format.temp(toC),
    steps: [
      ricotta
        ? `Heat the strained whey alone to ${format.temp(RICOTTA_C)} and leave it ${format.minutes(SKIMMING_MIN)}: skim what rises into a cloth and weigh it apart, about ${format.grams(RICOTTA_G_PER_L * WHEY_SHARE * litres)}. Then let the whey come to ${format.temp(toC)}.`
        : `Warm the strained whey to ${format.temp(toC)}; skim off what rises.`,
      ...(spiced
        ? [
            `Spices crushed and tied in a cloth go in with it: about ${format.grams(MAHLEB_G_PER_KG * yieldKg)} of mahleb and ${format.grams(MASTIC_G_PER_KG * yieldKg)} of mastic. More tastes of medicine.`,
          ]
        : []),
      `Slide the pieces in. They sink, then float: from then on it counts, ${format.minutes(minutes)} in all.`,
    ],
    right: 'Every piece floats and bends without breaking.',
    normal:
      'Hot pieces wobble and tear easily: lift them with a flat skimmer and let them cool before judging.',
    done: 'All afloat',
  }),
  cautions: ({ spiced }) =>
    spiced ? ['whey-boils', 'hot-whey', 'spice-allergens'] : ['whey-boils', 'hot-whey'],
});

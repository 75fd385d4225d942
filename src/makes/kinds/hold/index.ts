import { z } from 'zod';
import type { CurdStyleName } from '../../../core/curd/styles';
import type { Format } from '../../../core/units/format';
import { kindOf, type StageWords } from '../../grammar';
import { saying, value } from '../../sentence';
import { LONG_MIN, minutesTo, someMinutesTo } from '../bounds';
import { kept, resting } from '../spans';

const params = z.strictObject({
  minutes: minutesTo(LONG_MIN),
  /** Rest with the lid on, or keep the curd moving at its heat. */
  as: z.enum(['rest', 'stir']).default('rest'),
  /** Stirred once in so many minutes; nought for all the while. */
  everyMin: minutesTo(60).default(0),
  /** How long a round of stirring is, min. */
  roundMin: someMinutesTo(30).optional(),
  /** It rests in one piece, not cut yet. */
  whole: z.boolean().optional(),
});
export type HoldParams = z.infer<typeof params>;

/** Share of a stirred hold with the hand in it. Common practice. */
const ATTENDED = 0.6;
/** One round of stirring, min. Common practice. */
const ROUND_MIN = 2;

const WORDS: Record<HoldParams['as'], (minutes: number, format: Format) => StageWords> = {
  rest: (minutes, format) => ({
    ...saying(['Rest ', value('minutes', format.minutes(minutes)), ', lid on']),
    action: 'Let it rest',
    target: null,
    steps: ['Heat off, lid on, hands off: stirring now breaks the curd small and loses it with the whey.'],
    right: 'Curd gathers in a raft and draws away from the wall.',
    normal: 'Some curd sinks and some floats.',
    done: 'Rested',
  }),
  stir: (minutes, format) => ({
    ...saying(['Stir ', value('minutes', format.minutes(minutes)), ' at this heat']),
    action: 'Stir',
    target: null,
    steps: [
      'Keep it moving, and as warm as it is.',
      'Squeeze test: a handful, pressed gently, holds its shape and breaks apart under the thumb.',
    ],
    right: 'Curds are even, springy, and want to stick together when pressed.',
    normal: 'They sink the moment the spoon stops.',
    done: 'Firm enough',
  }),
};

/** A set that rests before it is cut, in its own words. Common practice. */
const WHOLE: Partial<StageWords> = {
  steps: ['Heat off, lid on, hands off: it firms in one piece, and the whey round it gets deeper.'],
  right: 'One cake that a flat hand can lift.',
  normal: null,
};

/** Curd that is kept loose, in its own words. Common practice. */
const LOOSE: Partial<Record<CurdStyleName, Partial<StageWords>>> = {
  cottage: {
    right:
      'Curds stay apart, firm outside and tender inside: one cut through is even, without a milky middle.',
    normal: 'They sink the moment the spoon stops; stir before they lie long enough to grow together.',
  },
};

export const hold = kindOf<HoldParams>({
  kind: 'hold',
  params,
  endedBy: 'time',
  does: ['holds-heat'],
  reads: ['curd', 'whey', 'room'],
  tests: ({ as }) => (as === 'stir' ? ['squeeze'] : []),
  mistakes: ({ as }) =>
    as === 'rest'
      ? ['pests']
      : ['clumped', 'shattered', 'overshot-cook', 'cooled-cook', 'whey-white', 'gassy', 'pests'],
  habits: [
    {
      param: 'minutes',
      option: 'holdMin',
      where: { as: 'stir' },
      label: 'Stir on for',
      range: { unit: 'min', min: 0, max: 120 },
      reason: 'Longer is drier.',
      noughtLeavesOut: true,
    },
    {
      param: 'everyMin',
      option: 'stirEveryMin',
      usual: 0,
      where: { as: 'stir' },
      label: 'Stirred every',
      range: { unit: 'min', min: 0, max: 30 },
      reason: 'Nought: all the while. A bell calls for each round.',
    },
    {
      param: 'roundMin',
      option: 'stirForMin',
      usual: ROUND_MIN,
      where: { as: 'stir' },
      label: 'Each round of stirring',
      range: { unit: 'min', min: 1, max: 15 },
      reason: 'Where it is stirred in rounds: it rests for what is left until the next.',
    },
    {
      param: 'minutes',
      option: 'restMin',
      label: 'Rest',
      range: { unit: 'min', min: 0, max: 180 },
      reason: 'Curd gathers and firms while nobody stirs.',
      noughtLeavesOut: true,
    },
  ],
  uses: () => ['pot'],
  toleranceC: [12, 4],
  toleranceFor: ({ as }) => (as === 'stir' ? [2, 2] : [12, 4]),
  rounds: ({ minutes, as, everyMin = 0 }) =>
    as === 'stir' && everyMin > 0 && minutes >= everyMin
      ? { what: 'stir', count: Math.floor(minutes / everyMin), everyMin, atOnce: false }
      : null,
  predict: (world, { minutes, as, everyMin, roundMin = ROUND_MIN }, pot) => {
    if (as === 'rest') return resting(world, pot, minutes, 0);
    // Stirred in rounds, it lies still between them and gives up less whey.
    const rounds = everyMin > 0 ? Math.floor(minutes / everyMin) : 0;
    const stirred = everyMin > 0 ? Math.min(minutes, rounds * roundMin + minutes / 2) : minutes;
    pot.work.stirMin = (pot.work.stirMin ?? 0) + stirred;
    return kept(
      pot,
      minutes,
      everyMin > 0 ? Math.min(minutes, rounds * roundMin) : minutes * ATTENDED,
      pot.tempC,
    );
  },
  words: ({ minutes, as, everyMin = 0, roundMin = ROUND_MIN, whole = false }, { format, style }) => {
    const words = WORDS[as](minutes, format);
    if (as === 'rest') return whole ? { ...words, ...WHOLE } : words;
    const rounds = everyMin > 0 ? Math.floor(minutes / everyMin) : 0;
    return {
      ...words,
      ...(everyMin > 0 && {
        ...saying([
          'Stir ',
          value('roundMin', format.minutes(roundMin)),
          ' every ',
          value('everyMin', format.minutes(everyMin)),
          ', ',
          value('minutes', format.minutes(minutes)),
          ` in all: ${rounds === 1 ? 'one round' : `${format.number(rounds)} rounds`}`,
        ]),
        steps: [
          `${format.minutes(roundMin)} from the base up every ${format.minutes(everyMin)}; between them it lies still and warm.`,
          ...words.steps.slice(1),
        ],
      }),
      ...(style !== null && LOOSE[style]),
    };
  },
  cautions: () => [],
});

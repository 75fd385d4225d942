import { z } from 'zod';
import { boundedBy } from '../../../core/faults/bounds';
import { kindOf } from '../../grammar';
import type { HandsWindow } from '../../traits';
import { DAY_MIN } from '../shared';
import { along, curdResting } from '../spans';

/** Minutes; common practice. */
const MINUTES = 4;
const BETWEEN_MIN = 10;
/** Salting, turning and pressing again, a day. */
const PER_DAY = 12;
const COLD_C = 4;

export interface SaltParams {
  percent: number;
  /** Portions it goes in by. */
  goes: number;
  /** Days over which it is strewn, turned and pressed again; nought for at once. */
  days: number;
}

export const salt = kindOf<SaltParams>({
  kind: 'salt',
  params: z.strictObject({
    percent: boundedBy(0, 10, '%'),
    goes: z.int('give a whole number').min(1, 'give 1 to 10').max(10, 'give 1 to 10').default(1),
    days: boundedBy(0, 60, 'days').default(0),
  }) as unknown as z.ZodType<SaltParams>,
  endedBy: 'done',
  does: ['holds-curd'],
  takes: () => ['salt'],
  goal: ({ percent }) => ({ is: 'salt', percent }),
  pad: 'weight',
  rounds: ({ days }) => (days > 0 ? { what: 'salt', count: days, everyMin: DAY_MIN, atOnce: true } : null),
  uses: ({ days }) => (days > 0 ? ['fridge'] : []),
  hands: ({ days, goes }, span) =>
    days > 0
      ? Array.from(
          { length: Math.ceil(days) },
          (_, day): HandsWindow => [day * DAY_MIN, day * DAY_MIN + PER_DAY],
        )
      : Array.from(
          { length: goes },
          (_, go): HandsWindow => [go * BETWEEN_MIN, Math.min(span.durationMin, go * BETWEEN_MIN + MINUTES)],
        ),
  toleranceC: null,
  predict: (world, { goes, days }, pot) => {
    pot.ferment = null;
    if (days === 0) return curdResting(world, pot, MINUTES + (goes - 1) * BETWEEN_MIN, MINUTES * goes);
    const started = pot.tempC;
    return along(
      pot,
      days * 1440,
      days * PER_DAY,
      (m) => COLD_C + (started - COLD_C) * Math.exp(-m / 120),
      COLD_C,
    );
  },
  words: ({ percent, goes, days }, { format, doses }) => {
    const all = doses.salt?.text ?? '';
    if (days > 0) {
      return {
        title: `Salt and turn daily for ${format.number(days)} days: ${all} in all`,
        action: 'Salt daily',
        target: `${format.number(days)} days`,
        steps: [
          `Each day strew a part of ${all} over all sides, pour the brine off, turn it and put the weight back, at ${format.temp(COLD_C)} or below.`,
          `${format.percent(percent, 1)} of what it really weighs, in equal parts.`,
        ],
        right: 'Less brine each day; the cheese closes and firms.',
        normal: 'Much water the first two days.',
        done: 'All days done',
      };
    }
    return {
      title: `Salt with ${all}`,
      action: 'Salt',
      target: all,
      steps: [
        `Weigh the drained curd: ${format.percent(percent, 1)} of what it really weighs, non-iodised, worked in gently.`,
        goes > 1
          ? `In ${format.number(goes)} goes, ten minutes apart, so that the first is drunk before the next.`
          : 'Taste now and in an hour; salt takes time to spread.',
      ],
      right: 'Seasoned through, no salty pockets.',
      normal: 'A little more whey comes out.',
      done: 'Salted',
    };
  },
  cautions: ({ days }) => (days > 0 ? ['hang-cold'] : []),
});

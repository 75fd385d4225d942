import { z } from 'zod';
import { drainedMoisturePct, drainMinutes } from '../../../core/curd/drain';
import { kindOf } from '../../grammar';
import { curdResting } from '../spans';

/** Minutes of ladling and of lifting the cloth; common practice. */
const HANDS_ON = 5;
/** Nobody leaves curd in a cloth for longer than this at room temperature, min. */
const LONGEST = 16 * 60;

export interface DrainParams {
  /** Drain until the curd holds this much moisture… */
  toMoisturePct?: number;
  /** …or for this long. */
  minutes?: number;
}

export const drain = kindOf<DrainParams>({
  kind: 'drain',
  params: z
    .strictObject({ toMoisturePct: z.number(), minutes: z.number() })
    .partial()
    .refine(
      (p) => (p.toMoisturePct === undefined) !== (p.minutes === undefined),
      'give toMoisturePct or minutes',
    ) as z.ZodType<DrainParams>,
  endedBy: 'time',
  toleranceC: null,
  predict: (world, params, pot) => {
    const milkKg = world.milk.massKg;
    const minutes = Math.min(
      LONGEST,
      params.minutes ?? drainMinutes(world.drain, milkKg, params.toMoisturePct as number),
    );
    pot.moisturePct = drainedMoisturePct(world.drain, milkKg, minutes);
    return curdResting(world, pot, minutes, HANDS_ON);
  },
  words: (params, { format, yieldKg }) => ({
    title:
      params.toMoisturePct === undefined
        ? 'Drain in a cloth'
        : `Drain to ${format.percent(params.toMoisturePct)} moisture`,
    action: 'Drain',
    target: params.toMoisturePct === undefined ? null : `to ${format.kg(yieldKg)}`,
    steps: [
      'Ladle the curd, do not pour it, into a wet cloth in a colander over a pot: keep the whey.',
      params.toMoisturePct === undefined
        ? 'Gather the corners and let the first rush of whey go.'
        : 'Weigh it when the dripping slows: the weight says more than the clock.',
    ],
    right: 'Whey slows from a thread to drops; the curd comes away from the cloth.',
    normal: 'It firms further as it cools, so stop a little softer than you want it.',
    done: 'Drained',
  }),
  cautions: (_params, { setC }) => (setC >= 60 ? ['hot-whey', 'warm-time'] : ['warm-time']),
});

import { z } from 'zod';
import { boundedBy } from '../../../core/faults/bounds';
import { COLD_C, FRIDGE_C } from '../../../core/heat/places';
import { kindOf } from '../../grammar';
import { saying, value } from '../../sentence';
import { coolC } from '../bounds';
import { DAY_MIN, eachRound, WAITS } from '../shared';
import { fading } from '../spans';

export interface HangParams {
  days: number;
  atC: number;
}

/** Minutes a day of looking and wiping; common practice. */
const PER_DAY = 2;
/** Tying and hanging up, min. Common practice. */
const SETS_UP_MIN = 10;
/** A cheese of half a kilogram comes to the air's cold with this time constant, min. Common practice. */
const TAU_MIN = 120;

export const hang = kindOf<HangParams>({
  kind: 'hang',
  params: z.strictObject({ days: boundedBy(0.1, 60, 'days'), atC: coolC() }),
  endedBy: 'time',
  does: ['hangs'],
  mistakes: () => ['mould', 'froze', 'power-gone', 'left-warm', 'pests'],
  habits: [
    {
      param: 'atC',
      option: 'hangC',
      label: 'Hangs at',
      range: { unit: '°C', min: 2, max: 22 },
      reason:
        'Cold is the advice. A cool cellar or a room is the habit of many: it dries faster, and carries more risk.',
    },
  ],
  standsC: ({ atC }) => atC,
  uses: ({ atC }) => (atC <= COLD_C ? ['fridge'] : []),
  slack: () => WAITS,
  hands: ({ days }, span) => [
    [0, SETS_UP_MIN],
    ...eachRound(span, DAY_MIN, PER_DAY).slice(0, Math.floor(days)),
  ],
  kit: () => [{ what: 'string, a rod, a drip tray', why: 'no two may touch' }],
  toleranceC: [3, 3],
  predict: (_world, { days, atC }, pot) =>
    fading(pot, days * DAY_MIN, SETS_UP_MIN + days * PER_DAY, atC, TAU_MIN),
  words: ({ days, atC }, { format }) => ({
    ...saying([
      'Hang ',
      value('days', `${format.number(days)} days`),
      ' at ',
      value('atC', format.temp(atC)),
    ]),
    action: 'Hang',
    target: `${format.number(days)} days`,
    steps: [
      'String round the neck, two to a rod, nothing touching. A drip tray below.',
      atC <= FRIDGE_C
        ? `At ${format.temp(atC)} or below, as the cautious rule wants it; many hang warmer, with more risk.`
        : `Many hang it at ${format.temp(atC)}; the cautious rule wants ${format.temp(FRIDGE_C)} or below. How salty and how dry it is, and who eats it, decides.`,
    ],
    right: 'A dry, yellowing skin; firm under the thumb.',
    normal: 'A few drops the first day. Mould is not normal: say so under “Something went wrong”.',
    done: 'Take it down',
  }),
  cautions: () => ['hang-cold'],
});

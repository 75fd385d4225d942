import { z } from 'zod';
import { copyOf, sourTo } from '../../../core/culture/ferment';
import { boundedBy } from '../../../core/faults/bounds';
import { Infeasible } from '../../../core/faults/fault';
import { kindOf, type PotState, type World } from '../../grammar';
import { saying, value } from '../../sentence';
import { minutesTo, someMinutesTo, warmC } from '../bounds';
import { lacks } from '../byHand';
import { COLANDER, eachRound, minutesOf } from '../shared';
import { souringStepH } from '../souring';
import { approaching, kept } from '../spans';

/** Hands on at each turn, min; common practice. */
const PER_TURN = 3;

const params = z.strictObject({
  turns: boundedBy(1, 60),
  everyMin: someMinutesTo(180),
  /** Every other wait, where it is another; nought for the same. */
  thenMin: minutesTo(180).optional(),
  atC: warmC(),
  style: z.enum(['stacked', 'single']).default('stacked'),
  /** Turning goes on until the curd is this sour. */
  toPH: boundedBy(4.8, 6.6).optional(),
  /** Whether the turns end it, or the pH. */
  endsBy: z.enum(['turns', 'pH']).default('pH'),
});
export type SlabParams = z.infer<typeof params>;

/** The other wait, where it is another. */
const other = ({ everyMin, thenMin = 0 }: SlabParams) => (thenMin > 0 ? thenMin : everyMin);

/** Whey under slabs has cooled by then, and is warmed again, min. Common practice. */
const WHEY_COOLS_MIN = 40;

/** Slabs are not kept warm for longer, h. Common practice. */
const LONGEST_H = 10;

function minutesToPH(world: World, pot: PotState, toPH: number, atC: number): number {
  if (!pot.ferment) return 0;
  const started = pot.tempC;
  const tempOf = (hour: number) => approaching(started, atC, hour * 60);
  const hours = sourTo(copyOf(pot.ferment), tempOf, toPH, LONGEST_H, souringStepH(world));
  if (!Number.isFinite(hours) && world.likely) {
    throw new Infeasible({
      path: 'culture',
      problem: `does not bring the slabs to pH ${toPH} within ${LONGEST_H} hours`,
      remedy: 'use more or fresher culture, or another group',
    });
  }
  return Math.min(hours, LONGEST_H) * 60;
}

export const slab = kindOf<SlabParams>({
  kind: 'slab',
  params,
  endedBy: 'time',
  bells: () => [{ what: 'warm-whey', everyMin: WHEY_COOLS_MIN }],
  reads: ['curd', 'whey', 'room'],
  mistakes: () => [
    'forgot-turn',
    'slabs-cold',
    'slabs-hot',
    'over-sour',
    'culture-forgotten',
    'gassy',
    'left-warm',
    'pests',
  ],
  habits: [
    {
      param: 'thenMin',
      option: 'turnThenMin',
      usual: 0,
      label: 'And every other time after',
      range: { unit: 'min', min: 0, max: 60 },
      reason: 'For turns that go in turn, say ten minutes and then fifteen. Nought: always the same.',
    },
  ],
  does: ['holds-curd', 'cheddars'],
  rounds: (params) => ({
    what: 'turn',
    count: params.turns,
    everyMin: params.everyMin,
    thenMin: other(params),
    atOnce: false,
  }),
  goal: ({ toPH, endsBy = 'pH' }) =>
    toPH === undefined || endsBy === 'turns' ? null : { is: 'pH', pH: toPH },
  uses: () => ['pot'],
  hands: (params, span) => eachRound(span, params.everyMin, PER_TURN, other(params)),
  kit: () => [COLANDER],
  toleranceC: [4, 3],
  predict: (world, params, pot) => {
    const { turns, everyMin, atC, endsBy } = params;
    const toPH = endsBy === 'turns' ? undefined : params.toPH;
    const least = minutesOf(turns, everyMin, other(params));
    const soured = toPH === undefined ? 0 : minutesToPH(world, pot, toPH, atC);
    const minutes = Math.max(least, soured);
    const span = kept(pot, minutes, (2 * minutes * PER_TURN) / (everyMin + other(params)), atC);
    if (toPH !== undefined) pot.acidifyHours = (pot.minute - (pot.culturedAt ?? pot.minute)) / 60;
    return span;
  },
  words: ({ turns, everyMin, thenMin = 0, atC, style, endsBy = 'pH', toPH: wished }, { format }) => {
    const toPH = endsBy === 'turns' ? undefined : wished;
    return {
      ...saying(
        [
          `Turn the ${style === 'stacked' ? 'slabs' : 'slab'} `,
          value('turns', format.number(turns)),
          thenMin > 0 ? ' times, in turn after ' : ' times, every ',
          value('everyMin', format.minutes(everyMin)),
          ...(thenMin > 0 ? [' and ', value('thenMin', format.minutes(thenMin))] : []),
        ],
        [
          ', ',
          value('style', style === 'stacked' ? 'stacked' : 'one slab'),
          '; it ends ',
          value('endsBy', toPH === undefined ? 'by the count' : 'by the acid'),
          ...(toPH === undefined ? [] : [' at pH ', value('toPH', format.pH(toPH))]),
        ],
      ),
      action: 'Turn',
      target: `${format.number(turns)} ×`,
      steps: [
        `Keep the curd at about ${format.temp(atC)}: a covered colander over warm whey, deep enough to stay warm and not touching the curd.`,
        style === 'stacked'
          ? 'Cut in slabs, stack them, and at every turn bring the outer ones inside.'
          : 'One slab, turned over each time; a weight on it if you want it drier.',
      ],
      right:
        toPH === undefined || lacks('meter', format)
          ? 'Torn, it pulls like cooked chicken.'
          : `About pH ${format.pH(toPH)}: torn, it pulls like cooked chicken; the whey tastes sharper each time.`,
      normal: 'Slabs spread and thin: fold them.',
      done: 'All turns done',
    };
  },
  cautions: () => ['hot-whey'],
});

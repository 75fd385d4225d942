import { z } from 'zod';
import { copyOf, sourTo } from '../../../core/culture/ferment';
import { boundedBy } from '../../../core/faults/bounds';
import { Infeasible } from '../../../core/faults/fault';
import { kindOf, type PotState, type World } from '../../grammar';
import { saying, value } from '../../sentence';
import { someMinutesTo, warmC } from '../bounds';
import { lacks } from '../byHand';
import { COLANDER, eachRound } from '../shared';
import { souringStepH } from '../souring';
import { approaching, kept } from '../spans';

/** Hands on at each turn, min; common practice. */
const PER_TURN = 3;

export interface SlabParams {
  turns: number;
  everyMin: number;
  atC: number;
  style: 'stacked' | 'single';
  /** Turning goes on until the curd is this sour. */
  toPH?: number;
  /** Whether the turns end it, or the pH. */
  endsBy: 'turns' | 'pH';
}

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
  params: z.strictObject({
    turns: boundedBy(1, 60),
    everyMin: someMinutesTo(180),
    atC: warmC(),
    style: z.enum(['stacked', 'single']).default('stacked'),
    toPH: boundedBy(4.8, 6.6).optional(),
    endsBy: z.enum(['turns', 'pH']).default('pH'),
  }) as unknown as z.ZodType<SlabParams>,
  endedBy: 'time',
  does: ['holds-curd'],
  rounds: ({ turns, everyMin }) => ({ what: 'turn', count: turns, everyMin, atOnce: false }),
  goal: ({ toPH, endsBy = 'pH' }) =>
    toPH === undefined || endsBy === 'turns' ? null : { is: 'pH', pH: toPH },
  uses: () => ['pot'],
  hands: ({ everyMin }, span) => eachRound(span, everyMin, PER_TURN),
  kit: () => [COLANDER],
  toleranceC: [4, 3],
  predict: (world, { turns, everyMin, atC, endsBy, ...said }, pot) => {
    const toPH = endsBy === 'turns' ? undefined : said.toPH;
    const least = turns * everyMin;
    const soured = toPH === undefined ? 0 : minutesToPH(world, pot, toPH, atC);
    const minutes = Math.max(least, soured);
    const span = kept(pot, minutes, (minutes / everyMin) * PER_TURN, atC);
    if (toPH !== undefined) pot.acidifyHours = (pot.minute - (pot.culturedAt ?? pot.minute)) / 60;
    return span;
  },
  words: ({ turns, everyMin, atC, style, endsBy = 'pH', toPH: wished }, { format }) => {
    const toPH = endsBy === 'turns' ? undefined : wished;
    return {
      ...saying(
        [
          `Turn the ${style === 'stacked' ? 'slabs' : 'slab'} `,
          value('turns', format.number(turns)),
          ' times, every ',
          value('everyMin', format.minutes(everyMin)),
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

import { z } from 'zod';
import { fermentPH, sourTo } from '../../../core/culture/ferment';
import { boundedBy } from '../../../core/faults/bounds';
import { Infeasible } from '../../../core/faults/fault';
import { WRAPS, type Wrap } from '../../../core/heat/keepWarm';
import { LOSS_W_PER_M2K, potOf, tempAfter } from '../../../core/heat/pot';
import { kindOf, type PotState, type Span, type World } from '../../grammar';
import { saying, value } from '../../sentence';
import { FIXED, type KitItem } from '../../traits';
import { lacks } from '../byHand';
import { cutMin, setLoss } from '../clot';
import { outOfOrder } from '../order';
import { TOWEL, WAITS } from '../shared';
import { souringStepH } from '../souring';
import { along } from '../spans';

/** Hours after which a set that has not come will not come. Common practice. */
const LONGEST_H = 48;
/** Curd set by a coagulant is no longer waited for after this, min. */
const LONGEST_CLOT_MIN = 12 * 60;
/** A set longer than this is warned about, min. Common practice. */
const SLOW_SET_MIN = 120;

/** What a culture sets stops no bowl. */
const BOWL: KitItem = { what: 'a small bowl to float', why: 'it stops turning when the milk flocculates' };

const params = z.strictObject({
  /** A lactic set is over at this pH; one by coagulant at its clean break. */
  toPH: boundedBy(3.9, 5.5).optional(),
  wrap: z.enum(WRAPS).default('towel'),
});
export type SetParams = z.infer<typeof params>;

function byPH(world: World, pot: PotState, toPH: number, wrap: Wrap): Span {
  const { ferment } = pot;
  if (!ferment) outOfOrder('has a set by pH with no culture before it');
  const started = pot.tempC;
  const cooling = potOf(pot.litres, pot.kg, 'milk', world.keptW ?? LOSS_W_PER_M2K[wrap]);
  const after = (minute: number) => tempAfter(cooling, started, minute, world.keptRoundC, 0);
  const pHs: [number, number][] = [[0, fermentPH(ferment)]];
  const hours = sourTo(
    ferment,
    (hour) => after(hour * 60),
    toPH,
    LONGEST_H,
    souringStepH(world),
    (hour, pH) => pHs.push([hour * 60, pH]),
  );
  if (!Number.isFinite(hours) && world.likely) {
    throw new Infeasible({
      path: 'options.setC',
      problem: `with ${world.keptRoundC} °C round it lets the milk get too cold: this culture does not reach pH ${toPH} within ${LONGEST_H} hours`,
      remedy: 'set warmer, wrap the pot, use more or another culture, or find a warmer room',
    });
  }
  const minutes = Math.min(hours, LONGEST_H) * 60;
  const span = along(pot, minutes, 2, after);
  pot.fermentedTo = pot.minute;
  pot.pH = fermentPH(ferment);
  pot.acidifyHours = (pot.minute - (pot.culturedAt ?? pot.minute)) / 60;
  pot.setMin = pot.minute - (pot.clot?.at ?? pot.culturedAt ?? pot.minute);
  if (world.likely) span.pHs = [...pHs, [minutes, pot.pH]];
  return span;
}

function byClot(world: World, pot: PotState): Span {
  const { clot } = pot;
  if (!clot) outOfOrder('has a set with no coagulant before it');
  const whole = cutMin(world, pot, clot.courseAt);
  if (whole > LONGEST_CLOT_MIN && world.likely) {
    throw new Infeasible({
      path: 'options.setC',
      problem: 'is so cool that this dose would not set the milk in half a day',
      remedy: 'set warmer, or with more coagulant',
    });
  }
  const gone = pot.minute - clot.at;
  const minutes = Math.max(1, Math.min(whole, LONGEST_CLOT_MIN) - gone);
  pot.setMin = gone + minutes;
  const cooling = potOf(pot.litres, pot.kg, 'milk', setLoss(world));
  const started = pot.tempC;
  return along(pot, minutes, 2, (m) => tempAfter(cooling, started, m, world.keptRoundC, 0));
}

export const set = kindOf<SetParams>({
  kind: 'set',
  params,
  endedBy: 'test',
  tests: ({ toPH }) => [toPH === undefined ? 'break' : 'sourness'],
  mistakes: () => [
    'overshot-set',
    'cooled-set',
    'knocked',
    'coag-little',
    'coag-double',
    'coag-early-water',
    'no-calcium',
    'culture-forgotten',
    'culture-weak',
    'gassy',
    'left-warm',
    'power-gone',
    'pests',
    'out-of-order',
  ],
  does: ['sets'],
  goal: ({ toPH }) => (toPH === undefined ? { is: 'clean-break' } : { is: 'pH', pH: toPH }),
  uses: () => ['pot'],
  slack: ({ toPH }) => (toPH === undefined ? FIXED : WAITS),
  kit: ({ toPH }) => (toPH === undefined ? [BOWL, TOWEL] : [TOWEL]),
  toleranceC: [4, 3],
  predict: (world, { toPH, wrap }, pot) =>
    toPH === undefined ? byClot(world, pot) : byPH(world, pot, toPH, wrap),
  words: ({ toPH }, { format }) =>
    toPH === undefined
      ? {
          ...saying(['Set to a clean break']),
          action: 'Let it set',
          target: null,
          steps: [
            'Float a small bowl on the milk and turn it: note the minute it stops. Three times that is the cut.',
            'Then slip a knife in slantwise and lift: the split is clean and the whey in it clear.',
            'Curd closes behind the finger, or the whey is milky? Keep it warm and look again in ten minutes.',
          ],
          right: 'A sharp-edged split, clear whey in it, curd leaving the wall.',
          normal: 'For two thirds of the time it looks like milk.',
          done: 'Clean break',
        }
      : {
          ...saying(['Leave it to set to pH ', value('toPH', format.pH(toPH))]),
          action: 'Leave it',
          target: lacks('meter', format) ? null : `pH ${format.pH(toPH)}`,
          steps: [
            'Covered, wrapped, out of the draught, and not moved: the culture does this alone.',
            lacks('meter', format)
              ? 'It is done when the curd has drawn from the wall under a finger of clear whey and tastes clean and plainly sour, like yogurt.'
              : `Without a meter: it is done when the curd has drawn from the wall under a finger of clear whey and tastes clean and sour, about pH ${format.pH(toPH)}.`,
          ],
          right: 'One smooth cake, shrunk from the wall, a pool of clear yellow whey.',
          normal: 'Cracks in the cake, and curd lower than the whey.',
          done: 'Set',
        },
  cautions: ({ toPH }, { wantedSetMin }) => [
    ...(toPH === undefined ? [] : (['warm-sour'] as const)),
    'gas-off',
    ...(wantedSetMin > SLOW_SET_MIN ? (['slow-set'] as const) : []),
  ],
});

import { z } from 'zod';
import { boundedBy } from '../../../core/faults/bounds';
import { saltKeptPct } from '../../../core/salt/taken';
import type { Format } from '../../../core/units/format';
import { kindOf, type PotState, type Span, type World } from '../../grammar';
import { type Part, saying, value } from '../../sentence';
import type { HandsWindow } from '../../traits';
import { bySpoon } from '../byHand';
import { curdOf } from '../curd';
import { keptOfSalt, saltIn } from '../leaves';
import { DAY_MIN } from '../shared';
import { aside, curdResting, fading } from '../spans';

/** Minutes; common practice. */
const MINUTES = 4;
const BETWEEN_MIN = 10;
/** Salting, turning and pressing again, a day. */
const PER_DAY = 12;
const COLD_C = 4;
/** Time constant of a cheese in the cold, min. Common practice. */
const TAU_MIN = 120;

const params = z.strictObject({
  percent: boundedBy(0, 10, '%'),
  /** Portions it goes in by. */
  goes: z.int('give a whole number').min(1, 'give 1 to 10').max(10, 'give 1 to 10').default(1),
  /** Days over which it is strewn, turned and pressed again; nought for at once. */
  days: boundedBy(0, 60, 'days').default(0),
  /** Share of `percent` that goes in here; a brine brings the rest. */
  share: boundedBy(0, 1).default(1),
  /** Whether whey is pressed or runs out afterwards and takes salt along. */
  pressed: z.boolean().default(false),
  /** Whether `percent` is told of the finished cheese, so that more is strewn. */
  inCheese: z.boolean().default(false),
  /** Where it goes: in milk or whey it spreads through all the water there is. */
  at: z.enum(['milk', 'whey', 'curd', 'stretch', 'surface', 'hot']).default('curd'),
});
export type SaltParams = z.infer<typeof params>;

/** Salt to strew, % of the curd's weight as it is salted. */
const strewnPct = ({ percent, share = 1, pressed = false, inCheese = false }: SaltParams): number =>
  (percent * share) / (inCheese ? saltKeptPct(1, pressed) : 1);

type IntoCurd = Exclude<SaltParams['at'], 'milk' | 'whey'>;
/** What is weighed for its salt, and how the salt goes on. */
const WEIGHED: Record<IntoCurd, string> = {
  curd: 'Weigh the drained curd',
  stretch: 'Weigh the stretched curd',
  surface: 'Weigh the cheese',
  hot: 'Weigh the poached pieces',
};
const WORKED_IN: Record<IntoCurd, string> = {
  curd: 'worked in gently',
  stretch: 'folded in with the last pulls while it is hot',
  surface: 'strewn over all faces, half now and half as you turn it',
  hot: 'strewn over all faces while they are hot',
};

/** Where it goes, as a sentence says it. */
const PLACE: Record<SaltParams['at'], string> = {
  milk: 'in the hot milk',
  whey: 'in the whey',
  curd: 'in the curd',
  stretch: 'with the last pulls',
  surface: 'on all faces',
  hot: 'on all faces, hot from the poach',
};
/** How much of it, by what is weighed; what comes of that in the cheese too, where a brine or a press makes it another figure. */
function much(params: SaltParams, format: Format): Part[] {
  const strewn = format.percent(strewnPct(params), 1);
  const inCheese = format.percent(params.percent, 1);
  if (strewn === inCheese) return [', ', value('percent', inCheese), ' of its weight'];
  const after = params.share < 1 ? ' in the cheese after its brine' : ' in the cheese';
  return [`, ${strewn} of its weight, for `, value('percent', inCheese), after];
}
const where = (at: SaltParams['at'] = 'curd'): Part[] => [', ', value('at', PLACE[at], { or: 'saltAt' })];

/** Salt stirred into milk or whey: the curd keeps as much of it as it keeps of the water. */
function inTheWater(world: World, pot: PotState, { percent }: SaltParams, kg: number): Span {
  const givenKg =
    world.saltGrams === null ? (kg * percent) / 100 / keptOfSalt(world, pot) : world.saltGrams / 1000;
  saltIn(world, pot, givenKg, { at: 'water' });
  return aside(pot, MINUTES);
}

export const salt = kindOf<SaltParams>({
  kind: 'salt',
  params,
  endedBy: 'done',
  mistakes: ({ at, days }) => [
    'salt-double',
    ...(at === 'milk' || at === 'whey' ? [] : (['salted-early', 'spilled', 'left-warm'] as const)),
    ...(days > 0 ? (['forgot-turn', 'power-gone'] as const) : []),
    'out-of-order',
    'pests',
  ],
  takes: () => ['salt'],
  goal: (params) =>
    params.at === 'milk' || params.at === 'whey' ? null : { is: 'salt', percent: strewnPct(params) },
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
  predict: (world, params, pot) => {
    const { goes, days, pressed } = params;
    const { kg } = curdOf(world, pot);
    if (params.at === 'milk' || params.at === 'whey') return inTheWater(world, pot, params, kg);
    const givenKg = world.saltGrams === null ? (kg * strewnPct(params)) / 100 : world.saltGrams / 1000;
    saltIn(world, pot, givenKg, { at: 'curd', pressed });
    if (days === 0) return curdResting(world, pot, MINUTES + (goes - 1) * BETWEEN_MIN, MINUTES * goes);
    return fading(pot, days * DAY_MIN, days * PER_DAY, COLD_C, TAU_MIN);
  },
  words: (params, { format, doses, of }) => {
    const { goes, days, pressed } = params;
    const percent = strewnPct(params);
    const all = doses.salt?.text ?? '';
    // A dose in hand goes in as it is, whatever share of the cheese that comes to.
    const inHand = doses.salt?.inHand === true;
    const share = inHand ? [] : much(params, format);
    if (params.at === 'milk' || params.at === 'whey') {
      const into = params.at === 'milk' ? of : 'whey';
      return {
        ...saying(
          ['Salt into ', value('at', `the ${into}`, { or: 'saltAt' }), `: ${all}`],
          inHand
            ? []
            : [', ', value('percent', format.percent(params.percent, 1)), ' of the cheese when it is out'],
        ),
        action: 'Salt',
        target: all,
        steps: [
          `Stir ${all} in until nothing grates on the base: it spreads through all the ${into}, and the curd keeps its share.`,
          'Most of it leaves with the whey, which is no good for a second cooking now.',
        ],
        right: 'The whey tastes plainly salted.',
        normal: 'It looks far too much: it is meant for all of the water.',
        done: 'Stirred in',
      };
    }
    if (days > 0) {
      return {
        ...saying(
          ['Salt and turn daily for ', value('days', `${format.number(days)} days`), `: ${all} in all`],
          share,
        ),
        action: 'Salt daily',
        target: `${format.number(days)} days`,
        steps: [
          `Each day strew a part of ${all} over all sides, pour the brine off, turn it and put the weight back, at ${format.temp(COLD_C)} or below.`,
          `${inHand ? all : `${format.percent(percent, 1)} of that weight as you begin`}, in equal parts: about a third of it runs off with the brine.`,
        ],
        right: 'Less brine each day; the cheese closes and firms.',
        normal: 'Much water the first two days.',
        done: 'All days done',
      };
    }
    return {
      ...saying([`Salt with ${all}`], [...share, ...where(params.at)]),
      action: 'Salt',
      target: all,
      steps: [
        `${inHand ? `All of ${all}` : `${WEIGHED[params.at ?? 'curd']}: ${format.percent(percent, 1)} of that weight`}, non-iodised, ${WORKED_IN[params.at ?? 'curd']}.${pressed ? ' The press takes about a third of it along with the whey.' : ''}`,
        goes > 1
          ? `In ${format.number(goes)} goes, ten minutes apart, so that the first is drunk before the next.`
          : 'Taste now and in an hour; salt takes time to spread.',
        ...(inHand || params.at !== 'curd' ? [] : bySpoon(percent, format)),
      ],
      right: 'Seasoned through, no salty pockets.',
      normal: 'A little more whey comes out.',
      done: 'Salted',
    };
  },
  cautions: ({ days }) => (days > 0 ? ['hang-cold'] : []),
});

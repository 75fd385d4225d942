import { z } from 'zod';
import {
  kPaHoursOf,
  pressedAt,
  pressureKPa,
  roundAreaM2,
  selfWeightKPa,
  standingAreaM2,
  weightKg,
} from '../../../core/curd/press';
import { boundedBy } from '../../../core/faults/bounds';
import { CURD_COOLS_MIN, PLACES, placeC } from '../../../core/heat/places';
import { kindOf } from '../../grammar';
import { saying, value } from '../../sentence';
import { pressStepsSchema } from '../../steps';
import { cm } from '../bounds';
import { curdOf } from '../curd';
import { offWhey } from '../offWhey';
import { eachRound } from '../shared';
import { curdResting, fading } from '../spans';

/** Minutes of wrapping and loading, and of each turn; common practice. */
const HANDS_ON = 5;
const PER_TURN = 3;

const params = z.strictObject({
  kPa: boundedBy(0.05, 500, 'kPa'),
  hours: boundedBy(0.05, 72, 'h'),
  /** How high the cheese stands, cm. */
  heightCm: cm(),
  /** Dead weight rides along; a screw falls as the cheese settles; a cheese may press itself, turned over. */
  by: z.enum(['weight', 'screw', 'self']).default('weight'),
  turns: boundedBy(0, 60).default(1),
  /** One load after another, in place of the pressure: [kg, minutes]. */
  steps: pressStepsSchema.default([]),
  stands: z.enum(PLACES).default('room'),
});
export type PressParams = z.infer<typeof params>;

/** How long it is pressed and how often it is turned: as its steps say, or as its make does. */
const courseOf = ({ hours, turns, steps = [] }: Pick<PressParams, 'hours' | 'turns' | 'steps'>) =>
  steps.length > 0
    ? { hours: steps.reduce((sum, [, min]) => sum + min, 0) / 60, turns: steps.length - 1 }
    : { hours, turns };

export const press = kindOf<PressParams>({
  kind: 'press',
  params,
  endedBy: 'time',
  tests: () => ['unmould'],
  mistakes: () => [
    'load-rim',
    'pressed-hard',
    'cracked',
    'forgot-turn',
    'cloth-stuck',
    'over-sour',
    'gassy',
    'left-warm',
    'pests',
    'out-of-order',
  ],
  habits: [
    {
      param: 'steps',
      option: 'pressSteps',
      label: 'Pressed in steps',
      range: 'press-steps',
      reason:
        'Kilograms and minutes, one after the other, turned between: 14 kg 60 min, 23 kg 30 min. None: as above.',
    },
    {
      param: 'stands',
      option: 'pressIn',
      label: 'Pressed',
      range: 'place',
      reason: 'Cold curd knits worse and gives up less: long and heavy, if in the cold.',
    },
  ],
  does: ['presses', 'holds-curd'],
  pad: 'weight',
  rounds: (params) => {
    const { turns } = courseOf(params);
    return turns > 0 ? { what: 'turn', count: turns, everyMin: null, atOnce: false } : null;
  },
  standsC: ({ stands }) => placeC(stands),
  uses: ({ by, stands }) => [
    ...(by === 'screw' ? (['press'] as const) : []),
    'mould',
    ...(stands === 'fridge' ? (['fridge'] as const) : []),
  ],
  hands: (params, span) => {
    const { turns } = courseOf(params);
    return [[0, HANDS_ON], ...eachRound(span, span.durationMin / (turns + 1), PER_TURN).slice(0, turns)];
  },
  kit: ({ by }, about) => [
    {
      what: `a mould or hoop for ${about.format.litres(about.looseLitres)}, ${by === 'self' ? 'straight-sided' : by === 'screw' ? 'and a press' : 'a board and weights'}`,
      why: `the loose curd must fit in${about.mouldSays(false)}${by === 'screw' && about.lacksPress ? '; a press you have not: choose the board, or press longer' : ''}`,
    },
  ],
  toleranceC: null,
  predict: (world, params, pot) => {
    const { kPa, by, heightCm, steps = [] } = params;
    const { hours, turns } = courseOf(params);
    const minutes = hours * 60;
    const handsOn = HANDS_ON + turns * PER_TURN;
    const coldC = placeC(params.stands);
    // From here the press decides the moisture, not the cloth before it.
    pot.nonFat = null;
    const areaM2 = standingAreaM2(curdOf(world, pot).kg, heightCm);
    const kPaHours =
      steps.length > 0
        ? Math.max(
            0.01,
            steps.reduce((sum, [kg, min]) => sum + (pressureKPa(kg, areaM2) * min) / 60, 0),
          )
        : kPaHoursOf(by === 'self' ? selfWeightKPa(heightCm) : kPa, hours, by === 'screw');
    pot.work.kPaHours = pressedAt(kPaHours, coldC);
    offWhey(world, pot);
    return coldC === null
      ? curdResting(world, pot, minutes, handsOn)
      : fading(pot, minutes, handsOn, coldC, CURD_COOLS_MIN, null);
  },
  words: ({ kPa, heightCm, by, hours, turns, steps = [], stands = 'room' }, { format, yieldKg }) => {
    const cold = stands === 'fridge' ? [', ', value('stands', 'in the fridge')] : [];
    if (steps.length > 0) {
      const told = steps.map(([kg, min]) => `${format.kg(kg)} for ${format.minutes(min)}`);
      return {
        ...saying(['Press: ', value('steps', told.join(', then '))], cold),
        action: 'Press',
        target: format.kg((steps[0] as [number, number])[0]),
        steps: [
          `${told.join('; turn it over, then ')}.`,
          'The board must rest on the cheese, not on the rim; one cheese to a mould.',
        ],
        right: 'A flat, closed face that lifts in one piece.',
        normal: 'The weight leans as the cheese settles: set it straight.',
        done: 'Pressed',
      };
    }
    if (by === 'self') {
      return {
        ...saying(
          [
            'Leave it in the hoop ',
            value('hours', format.minutes(hours * 60)),
            `, turned ${format.number(turns)} times`,
          ],
          [', ', value('by', 'by its own weight'), ...cold],
        ),
        action: 'Turn it',
        target: `${format.number(turns)} ×`,
        steps: [
          'In a cloth in a hoop, no weight: it presses itself. Turn it soon, then at growing intervals.',
          'Straight sides: what tapers does not go back in.',
        ],
        right: 'Even faces, no more drips.',
        normal: 'The first turn is soft: use a board.',
        done: 'Firm',
      };
    }
    const areaM2 = standingAreaM2(yieldKg, heightCm);
    const diameterCm = Math.sqrt(areaM2 / roundAreaM2(1));
    const weight = format.kg(weightKg(kPa, areaM2));
    return {
      ...saying(
        [`Press with ${weight}`],
        [
          ' (',
          value('kPa', `${format.number(kPa, 1)}\u00a0kPa`),
          ') for ',
          value('hours', format.minutes(hours * 60)),
          ', ',
          value('by', by === 'screw' ? 'in a press' : 'under a board'),
          ...cold,
        ],
      ),
      action: 'Press',
      target: weight,
      steps: [
        `Fold the cloth flat into a round of about ${format.number(diameterCm)} cm, ${by === 'screw' ? `follower on top, and screw it down to ${weight}` : `board on top, ${weight} on the board: a pot of water will do`}.`,
        `Turn it ${turns <= 1 ? 'once halfway' : `${format.number(turns)} times`}. The ${by === 'screw' ? 'follower' : 'board'} must rest on the cheese, not on the rim${by === 'screw' ? '; set the screw again as it sinks' : ''}.`,
      ],
      right: 'A flat, closed slab that lifts in one piece.',
      normal: 'The weight leans as the cheese settles: set it straight.',
      done: 'Pressed',
    };
  },
  cautions: ({ stands }) => (stands === 'fridge' ? ['stacked-weight'] : ['stacked-weight', 'warm-time']),
});

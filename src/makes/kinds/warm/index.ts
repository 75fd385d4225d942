import { kindOf } from '../../grammar';
import { saying, value } from '../../sentence';
import { byHand } from '../byHand';
import { overSaid, type RampParams, ramp, rampParams, WARMED_OVER } from '../ramp';

/** Share of a gentle warming spent stirring; common practice. */
const ATTENDED = 0.5;

export const warm = kindOf<RampParams>({
  kind: 'warm',
  params: rampParams,
  endedBy: 'temperature',
  mistakes: () => [
    'overshot',
    'cooled',
    'scorched',
    'half-milk',
    'milk-off',
    'no-calcium',
    'coag-cold',
    'pests',
    'left-warm',
    'out-of-order',
  ],
  habits: [WARMED_OVER],
  does: ['heats-milk', 'ramps', 'over-fire'],
  uses: () => ['pot', 'ring'],
  toleranceC: [3, 3],
  predict: (world, { toC, overMin }, pot) => ramp(world, pot, toC, ATTENDED, overMin),
  words: ({ toC, overMin }, { format, carryOverC }) => ({
    ...saying(['Bring to ', value('toC', format.temp(toC))], overSaid(overMin, format)),
    action: 'Warm',
    target: format.temp(toC),
    steps: [
      'Low to middle heat, stirring from the base every minute or two. Milk that is warmer stands in cold water instead.',
      `Probe deep and stir before reading; turn off ${format.tempStep(carryOverC)} early, the pot carries on.`,
      ...byHand(toC, format),
    ],
    right: 'Even warmth from rim to middle.',
    normal: 'Nothing seems to happen in the first minutes: plate and pot warm before the milk does.',
    done: `${format.temp(toC)} reached`,
  }),
  cautions: (_params, { treatment, setC }) => (treatment === 'raw' && setC < 63 ? ['raw-unheated'] : []),
});

import { kindOf } from '../../grammar';
import { saying, value } from '../../sentence';
import { byHand } from '../byHand';
import { overSaid, type RampParams, ramp, rampParams, WARMED_OVER } from '../ramp';

/** Share of a scald spent stirring; common practice. */
const ATTENDED = 0.6;

export const scald = kindOf<RampParams>({
  kind: 'scald',
  params: rampParams,
  endedBy: 'temperature',
  mistakes: () => ['overshot', 'cooled', 'scorched', 'boiled-over', 'half-milk', 'milk-off', 'pests'],
  habits: [WARMED_OVER],
  does: ['heats-milk', 'scalds', 'near-boil', 'ramps', 'over-fire'],
  uses: () => ['pot', 'ring'],
  toleranceC: [3, 3],
  predict: (world, { toC, overMin }, pot) => ramp(world, pot, toC, ATTENDED, overMin),
  words: ({ toC, overMin }, { format, carryOverC, style }) => ({
    ...saying(['Scald to ', value('toC', format.temp(toC))], overSaid(overMin, format)),
    action: 'Scald',
    target: format.temp(toC),
    steps: [
      'Middle heat. Stir slowly across the base so that nothing catches; do not scrape what has caught.',
      `Probe deep and stir before reading. Turn the heat off ${format.tempStep(carryOverC)} early: the pot carries on.`,
      ...byHand(toC, format),
    ],
    right: 'Steam, small bubbles at the rim, a faint foam.',
    normal:
      style === 'skyr'
        ? 'A skin forms when you stop stirring: lift it off whole, it would stand in the set. What has caught on the base stays there.'
        : 'A skin forms when you stop stirring: lift it off or stir it under.',
    done: `${format.temp(toC)} reached`,
  }),
  cautions: ({ toC }, { of }) => (toC < 80 ? [] : [of === 'whey' ? 'whey-climbs' : 'boil-over']),
});

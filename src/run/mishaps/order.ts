import { does, takes } from '../../makes/asked';
import type { DoseId } from '../../makes/grammar';
import type { MistakeId } from '../../makes/mistakes';
import type { PlanStage } from '../../plan/schema';
import { stageAt } from '../makeState';
import { type Mishap, mend } from './mishap';

/** Two steps the wrong way round: which came too soon shows in the stage the make stands at. Source: common practice. */
export const ORDER = {
  'out-of-order': {
    text: 'Did two steps the wrong way round',
    asks: [],
    can: (state) => state.index > 0,
    remedy: ({ state }) => {
      const { stages } = state.plan;
      const stage = stageAt(state);
      const going = (what: DoseId) => (one: PlanStage) => takes(one, state.parameters, what);
      const still = (which: (one: PlanStage) => boolean) => stages.findIndex(which) >= state.index;
      if ((going('culture')(stage) || does(stage, 'ripens')) && state.plan.brief.acid)
        return mend(
          'Acid before the culture: stir the culture in now all the same, and read the pH every half hour: the milk starts nearer its goal.',
          'Less flavour, and a shorter souring than planned. Nothing unsafe.',
        );
      if (still(going('calcium')) && !still(going('coagulant')))
        return mend(
          'Coagulant before the calcium: leave the calcium out. Stirred into a set milk it would only break it.',
          'A softer curd: give the set a quarter longer and cut larger.',
        );
      const firm = (one: PlanStage) => does(one, 'presses') || does(one, 'brines');
      if (firm(stage) || (going('salt')(stage) && stages.some(firm)))
        return mend(
          still((one) => does(one, 'presses'))
            ? 'Salted before the press: press it all the same, a third longer, and taste before you brine or salt again.'
            : 'Brined or pressed before the salt: weigh it, salt the surface with half of what was planned, and taste tomorrow.',
          'A drier rind and an uneven bite for the first day or two.',
        );
      return mend(
        'Do what was passed over now, if the curd still lets you; then stand at the stage it has reached with “Out of turn”.',
        'Write down which two it were: the book will show what they did to the weight.',
      );
    },
  },
} as const satisfies Partial<Record<MistakeId, Mishap>>;

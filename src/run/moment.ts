import type { Format } from '../core/units/format';
import { stageKind } from '../makes/kinds';
import { acidText, tellingOf } from '../plan/telling';
import { type AcidAdvice, acidAdvice, WAIT_MIN } from './acidAdvice';
import type { NewEvent } from './events';
import { rampAdvice } from './rampAdvice';
import { type MakeState, stageAt, stageEndsAt } from './state';

/** What stands at the pot at one moment: one action, its target, its countdown, and what can be noted. */
export interface Moment {
  action: string;
  target: string | null;
  /** Named countdown, ms on the wall clock. */
  endsAt: number;
  endsWhat: string;
  steps: string[];
  right: string;
  normal: string | null;
  /** The one button that moves on; null while something must be noted first. */
  main: { text: string; event: NewEvent } | null;
  /** Whether a look at the whey is wanted now. */
  wantsLook: boolean;
  /** Acid that is to go in now, grams of product; null at other times. */
  pour: { grams: number; portion: number } | null;
  pad: 'temperature' | 'weight';
  last: boolean;
}

/** The moment of a running make. */
export function momentOf(state: MakeState, format: Format): Moment {
  const stage = stageAt(state);
  const kind = stageKind(stage.kind);
  const words = kind.words(state.parameters[stage.id], tellingOf(state.plan, format));
  const last = state.index === state.plan.stages.length - 1;
  const base: Moment = {
    action: words.action,
    target: words.target,
    endsAt: stageEndsAt(state),
    endsWhat: kind.endedBy === 'time' ? `${words.action.toLowerCase()} is over` : 'planned for this',
    steps: words.steps,
    right: words.right,
    normal: words.normal,
    main: last ? null : { text: words.done, event: { type: 'done', stage: stage.id } },
    wantsLook: false,
    pour: null,
    pad: last || stage.kind === 'drain' ? 'weight' : 'temperature',
    last,
  };
  const ramp = rampAdvice(state);
  if (ramp?.kind === 'arriving') {
    base.endsAt = ramp.arrivesAt;
    base.endsWhat = 'at this pace';
  }
  const cold = (state.parameters[stage.id] as { cold?: boolean } | undefined)?.cold === true;
  const advice = stage.kind === 'add-acid' && !cold ? acidAdvice(state) : null;
  return advice ? acidMoment(base, state, advice, format) : base;
}

function acidMoment(base: Moment, state: MakeState, advice: AcidAdvice, format: Format): Moment {
  const dose = state.plan.doses.find((one) => one.id === 'acid');
  if (!dose) return base;
  const text = (grams: number) => acidText(dose, grams, format);
  const pouring = (grams: number): Pick<Moment, 'target' | 'pour' | 'main'> => ({
    target: text(grams),
    pour: { grams, portion: state.acid.length },
    main: { text: `Poured ${text(grams)}`, event: { type: 'acid', grams, portion: state.acid.length } },
  });
  const share =
    advice.kind === 'first' ? '' : `${format.percent(advice.givenShare * 100)} of the planned acid is in.`;
  switch (advice.kind) {
    case 'first':
      return { ...base, ...pouring(advice.grams) };
    case 'look':
      return {
        ...base,
        action: 'Look',
        target: null,
        endsAt: advice.lookAt,
        endsWhat: 'then part the curds',
        steps: [
          `Give it ${format.number(WAIT_MIN)} minutes without stirring, part the curds with a spoon, and say what the whey looks like.`,
          share,
        ],
        main: null,
        wantsLook: true,
      };
    case 'portion':
      return {
        ...base,
        ...pouring(advice.grams),
        action: 'Pour more',
        endsWhat: 'planned for this',
        steps: [
          advice.beyondPlan
            ? 'All the planned acid is in and the whey is not clear yet: a small portion more, round the edge. Check that the milk is still as hot as planned.'
            : 'Not clear yet: a portion of the held-back acid, poured round the edge, one slow turn of the spoon.',
          share,
        ],
        wantsLook: true,
      };
    case 'clear':
      return {
        ...base,
        action: 'Clear',
        target: null,
        steps: [
          advice.creamy
            ? 'Enough acid. Drops of fat on the whey are cheese on its way out: stop stirring, keep the heat off, and ladle gently.'
            : 'The whey is clear: no more acid. More would only make it taste sour.',
          share,
        ],
        main: base.main && { ...base.main, text: 'On to the rest' },
      };
    case 'enough':
      return {
        ...base,
        action: 'Stop acid',
        target: null,
        steps: [
          `${share} More will not help: warm the pot gently back to its set temperature, wait five minutes, and look again.`,
        ],
        wantsLook: true,
      };
  }
}

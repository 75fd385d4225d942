import type { Format } from '../core/units/format';
import { stageKind } from '../makes/kinds';
import { tellingOf } from '../plan/telling';
import { acidAdvice } from './acidAdvice';
import { addingIn } from './adding';
import { drainAdvice, saltForWeight } from './drainAdvice';
import type { HandTest } from './events';
import { type Finding, findingOf, findingsAt } from './findings';
import { coursesIn } from './frozen';
import { CORE_PASTEURISED_C, heatedThrough } from './heated';
import { keptText } from './kept';
import { wrongForIt } from './milkHeat';
import { acidMoment, drainMoment, type Moment, setMoment, sourMoment } from './moments';
import { rampAdvice } from './rampAdvice';
import { ROUND_WORDS, roundsOf } from './rounds';
import { setAdvice } from './setAdvice';
import { sourAdvice } from './sourAdvice';
import { souringBy } from './souringBy';
import { type MakeState, stageAt, stageEndsAt } from './state';
import { stretchAdvice, stretchText } from './stretchAdvice';
import { weightAdvice } from './weightAdvice';

/** The moment of a running make. */
export function momentOf(state: MakeState, format: Format): Moment {
  const moment = plainMoment(state, format);
  const found = state.pausedAt === null ? findingOf(state, format) : null;
  return found ? foundMoment(moment, found) : moment;
}

/** What a finding changes: it is said first, and its time is the one that counts. */
const foundMoment = (moment: Moment, found: Finding): Moment => ({
  ...moment,
  found,
  ...(found.lookAt !== null && {
    endsAt: found.lookAt,
    endsWhat: found.lookWhat,
    calls: found.lookWhat.replace(/^then /, ''),
  }),
});

function plainMoment(state: MakeState, format: Format): Moment {
  const stage = stageAt(state);
  const kind = stageKind(stage.kind);
  const words = kind.words(
    state.parameters[stage.id],
    tellingOf(state, format, {
      carryOverC: state.pot?.carryOverC,
      heatedThrough: heatedThrough(state),
    }),
  );
  const last = state.index === state.plan.stages.length - 1;
  const rounds = roundsOf(state);
  const base: Moment = {
    action: words.action,
    target: words.target,
    endsAt: rounds?.dueAt ?? stageEndsAt(state),
    endsWhat: rounds?.dueAt
      ? ROUND_WORDS[rounds.what]
      : kind.endedBy === 'time'
        ? `${words.action.toLowerCase()} is over`
        : 'planned for this',
    calls: null,
    warns: null,
    steps: [...words.steps, ...listed(keptText(state, format))],
    right: words.right,
    normal: words.normal,
    main: last ? null : { text: words.done, event: { type: 'done', stage: stage.id } },
    wantsLook: false,
    pour: null,
    adding: addingIn(state),
    tests: findingsAt(state).map(testButton),
    late: false,
    found: null,
    turns: rounds && { ...rounds, event: { type: 'turned', turn: rounds.given } },
    bowl: null,
    pad: last ? 'weight' : kind.pad,
    last,
    pausedAt: state.pausedAt,
  };
  if (state.pausedAt !== null) return pausedMoment(base, state.pausedAt);
  const ramp = rampAdvice(state);
  if (ramp?.kind === 'arriving') {
    base.endsAt = ramp.arrivesAt;
    base.endsWhat = 'at this pace';
  }
  const goal = kind.goal(state.parameters[stage.id]);
  const advice = goal?.is === 'clear-whey' ? acidAdvice(state) : null;
  if (advice) return acidMoment(base, state, advice, format);
  const set = setAdvice(state);
  if (set) return setMoment(base, set, format);
  const courses = coursesIn(state);
  const sour = courses && sourAdvice(state, courses);
  if (sour) {
    const tooSlow = souringBy(state, sour.readyAt)?.soured?.inTime === false;
    return sourMoment(base, sour, tooSlow, format);
  }
  const drain = drainAdvice(state);
  if (drain) return drainMoment(base, drain, format);
  const weight = weightAdvice(state);
  if (weight)
    base.steps = [
      `On the scale ${format.kg(weight.kg)}: about ${format.percent(weight.moisturePct)} of it is moisture. Finished and salted it should come to about ${format.kg(weight.finishedKg)}.`,
      ...base.steps,
    ];
  const wrong = wrongForIt(state);
  if (wrong)
    base.warns = `The milk was read at ${format.temp(wrong.readC, 1)}, and this goes in at ${format.temp(wrong.wantedC)}: bring it there first.`;
  const load = state.loads.findLast((one) => one.stage === stage.id);
  if (load) base.steps = [`${format.kg(load.kg)} is on it.`, ...base.steps];
  const salt = saltForWeight(state);
  if (salt) {
    base.target = format.grams(salt.grams);
    base.steps = [
      `For the ${format.kg(salt.kg)} that really came out: ${format.grams(salt.grams)}.`,
      ...base.steps,
    ];
  }
  if (
    state.plan.brief.milk.treatment === 'raw' &&
    kind.reads.includes('core') &&
    kind.countsMin(state.parameters[stage.id]) !== null
  )
    base.steps = [
      ...base.steps,
      heatedThrough(state)
        ? `Its core was ${format.temp(CORE_PASTEURISED_C)} or more: it keeps as one of pasteurised milk.`
        : `Raw milk: read the core of the thickest piece too. From ${format.temp(CORE_PASTEURISED_C)} it keeps as one of pasteurised milk.`,
    ];
  const stretch = stretchAdvice(state);
  if (stretch) base.steps = [stretchText(stretch, format), ...base.steps];
  return base;
}

const listed = (text: string | null) => (text === null ? [] : [text]);
const testButton = (found: HandTest): Moment['tests'][number] => ({
  text: found,
  event: { type: 'tested', found },
});

function pausedMoment(base: Moment, pausedAt: number): Moment {
  return {
    ...base,
    action: 'Paused',
    target: null,
    endsAt: pausedAt,
    endsWhat: 'its clock waits',
    steps: [
      'Only the clock waits. Warm milk goes on souring and cooling, a set goes on setting: keep the lid on, and read the temperature before you go on.',
    ],
    main: { text: 'Go on', event: { type: 'resumed' } },
    turns: null,
    tests: [],
    adding: [],
  };
}

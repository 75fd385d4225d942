import type { Format } from '../core/units/format';
import { stageKind } from '../makes/kinds';
import { acidText, tellingOf } from '../plan/telling';
import { type AcidAdvice, acidAdvice, WAIT_MIN } from './acidAdvice';
import { type Adding, addingIn } from './adding';
import { type DrainAdvice, drainAdvice, saltForWeight } from './drainAdvice';
import type { HandTest, NewEvent } from './events';
import { coursesIn, methodIn } from './frozen';
import { rampAdvice } from './rampAdvice';
import { type Rounds, roundsOf } from './rounds';
import { type SetAdvice, setAdvice } from './setAdvice';
import { type SourAdvice, sourAdvice } from './sourAdvice';
import { type MakeState, stageAt, stageEndsAt } from './state';
import { stretchAdvice, stretchText } from './stretchAdvice';

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
  /** What goes in at this stage, each with what is planned of it and what is in otherwise so far. */
  adding: Adding[];
  /** What a hand test may find now, each with the button that notes it. */
  tests: { text: string; event: NewEvent }[];
  /** Turns or saltings given and wanted, and the event of the next; null where nothing comes round. */
  turns: (Pick<Rounds, 'what' | 'given' | 'wanted'> & { event: NewEvent }) | null;
  /** The bowl's button, while it is still turning. */
  bowl: NewEvent | null;
  pad: 'temperature' | 'pH' | 'weight';
  last: boolean;
  /** Since when its clock waits, ms; null while it runs. */
  pausedAt: number | null;
}

/** The moment of a running make. */
export function momentOf(state: MakeState, format: Format): Moment {
  const stage = stageAt(state);
  const kind = stageKind(stage.kind);
  const words = kind.words(
    state.parameters[stage.id],
    tellingOf(state.plan, format, { carryOverC: state.pot?.carryOverC, method: methodIn(state) }),
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
    steps: words.steps,
    right: words.right,
    normal: words.normal,
    main: last ? null : { text: words.done, event: { type: 'done', stage: stage.id } },
    wantsLook: false,
    pour: null,
    adding: addingIn(state),
    tests: [],
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
  if (sour) return sourMoment(base, sour, format);
  const drain = drainAdvice(state);
  if (drain) return drainMoment(base, drain, format);
  const salt = saltForWeight(state);
  if (salt) {
    base.target = format.grams(salt.grams);
    base.steps = [
      `For the ${format.kg(salt.kg)} that really came out: ${format.grams(salt.grams)}.`,
      ...base.steps,
    ];
  }
  const stretch = stretchAdvice(state);
  if (stretch) base.steps = [stretchText(stretch, format), ...base.steps];
  if (goal?.is === 'stretch-test') base.tests = STRETCH_TESTS.map(testButton);
  return base;
}

type SetHeat = Extract<SetAdvice, { kind: 'watch' }>['heat'];

const ROUND_WORDS: Record<Rounds['what'], string> = {
  turn: 'turn it',
  salt: 'salt and turn it',
  stir: 'stir it',
};

const testButton = (found: HandTest): Moment['tests'][number] => ({
  text: found,
  event: { type: 'tested', found },
});
const BREAK_TESTS: readonly HandTest[] = ['not yet', 'nearly', 'clean'];
const STRETCH_TESTS: readonly HandTest[] = ['tears', 'stretches', 'melts'];

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
    adding: [],
  };
}

/** What a set warmer or colder than planned means for the cut. */
function heatText({ readC, wantedC, share }: NonNullable<SetHeat>, format: Format): string {
  const by = format.percent(Math.round(Math.abs(share - 1) * 20) * 5);
  return `At ${format.temp(readC, 1)} instead of ${format.temp(wantedC)} the set takes about ${by} ${share > 1 ? 'longer' : 'less'}.`;
}

function setMoment(base: Moment, advice: SetAdvice, format: Format): Moment {
  const tests = BREAK_TESTS.map(testButton);
  switch (advice.kind) {
    case 'watch':
      return {
        ...base,
        endsAt: advice.cutAt,
        endsWhat: advice.heat ? 'cut, by its heat' : 'cut, as planned',
        steps: advice.heat ? [heatText(advice.heat, format), ...base.steps] : base.steps,
        bowl: { type: 'flocculated' },
        tests,
      };
    case 'cut-at': {
      const share = Math.round(100 * advice.strengthShare);
      return {
        ...base,
        endsAt: advice.cutAt,
        endsWhat: 'then try the knife',
        tests,
        steps: [
          `The bowl stopped after ${format.number(advice.flocculationMin, 1)} minutes: ${format.number(advice.times, 1)} times that is the cut.`,
          ...(Math.abs(share - 100) > 15
            ? [
                `That is the work of ${format.percent(share)} of the coagulant planned: ${share < 100 ? 'weaker or cooler than thought' : 'stronger or warmer than thought'}.`,
              ]
            : []),
          ...base.steps.slice(1),
        ],
      };
    }
    case 'look-again':
      return {
        ...base,
        action: 'Wait on',
        endsAt: advice.lookAt,
        endsWhat: 'look again',
        tests,
        steps: [
          advice.found === 'nearly'
            ? 'The split closes, or its edges are soft: a few minutes more.'
            : 'Still milk, or it tears like pudding: leave it, wrapped, at its set temperature.',
          ...(advice.why.length > 0 ? [`It is late. Likeliest first: ${advice.why.join('; ')}.`] : []),
          ...(advice.lateMin > 25
            ? [
                'Still nothing in half an hour? A third of the coagulant dose again, well diluted, stirred in for ten seconds only while it is still milk.',
              ]
            : []),
        ],
      };
    case 'clean':
      return {
        ...base,
        action: 'Ready',
        endsWhat: 'planned for this',
        steps: ['A clean break: on to the knife.'],
      };
  }
}

function sourMoment(base: Moment, advice: SourAdvice, format: Format): Moment {
  const said = {
    'as planned': advice.last
      ? 'On time.'
      : 'Without a reading the plan counts; one pH after four hours sharpens it.',
    ahead: `Faster than planned: pH ${format.pH(advice.last?.pH ?? 0)} where ${format.pH(advice.last?.plannedPH ?? 0)} was expected.`,
    behind: `Slower than planned: pH ${format.pH(advice.last?.pH ?? 0)} where ${format.pH(advice.last?.plannedPH ?? 0)} was expected. Is it warm enough?`,
    there: 'It is there.',
    past: 'It is past its pH: go on at once.',
  }[advice.says];
  return {
    ...base,
    pad: 'pH',
    endsAt: advice.readyAt,
    endsWhat: `pH ${format.pH(advice.toPH)}`,
    steps: [said, ...base.steps],
  };
}

function drainMoment(base: Moment, advice: DrainAdvice, format: Format): Moment {
  return {
    ...base,
    target: `to ${format.kg(advice.goalKg)}`,
    endsAt: advice.readyAt,
    endsWhat: 'by its own weight',
    steps: [
      `By that weight it holds ${format.percent(advice.moisturePct)} moisture now. At ${format.kg(advice.goalKg)} it holds the ${format.percent(advice.wantedPct)} you want.`,
      ...base.steps.slice(1),
    ],
  };
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

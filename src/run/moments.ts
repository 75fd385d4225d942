import type { Format } from '../core/units/format';
import { acidText } from '../plan/telling';
import type { AcidAdvice } from './acidAdvice';
import type { Adding } from './adding';
import type { DrainAdvice } from './drainAdvice';
import type { NewEvent } from './events';
import type { Finding } from './findings';
import type { MakeState } from './makeState';
import type { Rounds } from './rounds';
import type { SetAdvice, SetHeat } from './setAdvice';
import type { SourAdvice } from './sourAdvice';

/** What stands at the pot at one moment: one action, its target, its countdown, and what can be noted. */
export interface Moment {
  action: string;
  target: string | null;
  /** Named countdown, ms on the wall clock. */
  endsAt: number;
  endsWhat: string;
  /** What its alarm calls for where that is not the stage whose time is up. */
  calls: string | null;
  /** What is wrong with the milk for this, and is mended before anything else; null where nothing is. */
  warns: string | null;
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
  /** Whether what is waited for is later than planned, so that one may ask why. */
  late: boolean;
  /** What was found last here, and what it leads to; null where nothing was tried. */
  found: Finding | null;
  /** Turns or saltings given and wanted, and the event of the next; null where nothing comes round. */
  turns: (Pick<Rounds, 'what' | 'given' | 'wanted'> & { event: NewEvent }) | null;
  /** The bowl's button, while it is still turning. */
  bowl: NewEvent | null;
  pad: 'temperature' | 'pH' | 'weight';
  last: boolean;
  /** Since when its clock waits, ms; null while it runs. */
  pausedAt: number | null;
}

/** What a set warmer or colder than planned means for the cut. */
function heatText({ readC, wantedC, share }: SetHeat, format: Format): string {
  if (share === null)
    return `At ${format.temp(readC, 1)} it hardly sets at all: stand the pot in warm water, without stirring, until it is at ${format.temp(wantedC)}.`;
  const by = format.percent(Math.round(Math.abs(share - 1) * 20) * 5);
  return `At ${format.temp(readC, 1)} instead of ${format.temp(wantedC)} the set takes about ${by} ${share > 1 ? 'longer' : 'less'}.`;
}

export function setMoment(base: Moment, advice: SetAdvice, format: Format): Moment {
  switch (advice.kind) {
    case 'watch':
      return {
        ...base,
        endsAt: advice.cutAt,
        endsWhat: advice.heat ? 'cut, by its heat' : 'cut, as planned',
        ...(advice.heat &&
          (advice.heat.share === null
            ? { warns: heatText(advice.heat, format) }
            : { steps: [heatText(advice.heat, format), ...base.steps] })),
        bowl: { type: 'flocculated' },
      };
    case 'cut-at': {
      const share = Math.round(100 * advice.strengthShare);
      return {
        ...base,
        endsAt: advice.cutAt,
        endsWhat: 'then try the knife',
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
        calls: 'look at the set again',
        late: advice.lateMin > 0,
        endsAt: advice.lookAt,
        endsWhat: 'look again',
        steps: [
          advice.found === 'nearly'
            ? 'The split closes, or its edges are soft: a few minutes more.'
            : 'Still milk, or it tears like pudding: leave it, wrapped, at its set temperature.',
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
        calls: 'a clean break, on to the knife',
        tests: [],
        endsWhat: 'planned for this',
        steps: ['A clean break: on to the knife.'],
      };
  }
}

/** What a souring's pH says; `tooSlow` where it came to it later than is safe, and nothing is to be gone on with. */
export function sourMoment(base: Moment, advice: SourAdvice, tooSlow: boolean, format: Format): Moment {
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
    steps: [tooSlow ? 'It came to its pH too slowly to be safe: throw it out.' : said, ...base.steps],
  };
}

export function drainMoment(base: Moment, advice: DrainAdvice, format: Format): Moment {
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

export function acidMoment(base: Moment, state: MakeState, advice: AcidAdvice, format: Format): Moment {
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
      return { ...base, ...pouring(advice.grams), calls: `pour the acid, ${text(advice.grams)}` };
    case 'look':
      return {
        ...base,
        action: advice.turns ? 'Let it sour' : 'Look',
        calls: 'part the curds and look at the whey',
        target: null,
        endsAt: advice.lookAt,
        endsWhat: 'then part the curds',
        steps: [
          advice.turns
            ? `Cover it and give it ${format.minutes(advice.waitMin)} without stirring: this powder turns to acid slowly. Then part the curds with a spoon, and say what the whey looks like.`
            : `Give it ${format.number(advice.waitMin)} minutes without stirring, part the curds with a spoon, and say what the whey looks like.`,
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
        calls: `pour ${text(advice.grams)} more of the acid`,
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
        calls: 'the whey is clear, on to the rest',
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
        calls: 'look at the whey again',
        target: null,
        steps: [
          `${share} More will not help: warm the pot gently back to its set temperature, wait five minutes, and look again.`,
        ],
        wantsLook: true,
      };
  }
}

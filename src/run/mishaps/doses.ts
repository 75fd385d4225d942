import { CALCIUM_G_PER_L } from '../../core/coagulant/calcium';
import { log2Of, powOf } from '../../core/numeric/elementary';
import type { MistakeId } from '../../makes/mistakes';
import { RICOTTA_FROM_C } from '../../makes/options';
import { withAdded } from '../../plan/added';
import { plannedAmountOf, unitsFor } from '../../plan/measures';
import {
  type About,
  bin,
  drier,
  hasDose,
  isCut,
  isLactic,
  isSet,
  isStretched,
  litresOf,
  type Mishap,
  mend,
  stillGoesIn,
  wentIn,
} from './mishap';

/** Acid goes into milk colder than this, °C. Common practice. */
const COLD_FOR_ACID_C = 15;
/** Coagulant in water loses half of itself in so many minutes. Common practice, from memory. */
const HALF_IN_WATER_MIN = 30;
/** Milk that has begun to set is not stirred again, share of its time. Common practice: a third is to the first thickening. */
const STILL_MILK = 0.3;

/** A set's planned minutes, and the same with so many times the coagulant: its time goes as one over the dose. */
const setMin = ({ state }: About) => state.plan.predictions.setMin?.likely ?? 40;

/** Too little coagulant in effect, by a share of what was planned. */
function weakSet(about: About, share: number, why: string) {
  const { state, format } = about;
  const planned = setMin(about);
  if (isLactic(state))
    return mend(
      'Leave it: a set that sours comes without it. Give it two hours more, and drain it in a closer cloth.',
      'A softer curd with more fines.',
      { yieldShare: -0.02 },
    );
  const minutes = planned / Math.max(0.05, share);
  return mend(
    `Leave it warm and wait: about ${format.minutes(minutes)} in all instead of ${format.minutes(planned)}. Only while it is milk still, in the first ${format.minutes(STILL_MILK * planned)}, may the missing ${format.percent(Math.round(100 * (1 - share)))} go in, well diluted and stirred for ten seconds; never after it has begun to thicken.`,
    why,
  );
}

/** What goes in. Source: common practice; figures by the core's own models. */
export const DOSES = {
  'culture-weak': {
    text: 'The culture was old, clumped or half dead',
    can: (state) => hasDose(state, 'culture'),
    asks: [{ id: 'how', text: 'which', choices: ['clumped from damp', 'past its date', 'slow to begin'] }],
    remedy: ({ state, choice, format }) => {
      const milkStill =
        state.plan.predictions.setMin === null || stillGoesIn(state, 'coagulant') || isLactic(state);
      const half = choice('how') === 'slow to begin' ? 'half a dose of a fresh one' : 'a dose of a fresh one';
      return mend(
        milkStill
          ? `Sprinkle on ${half} now, let it drink, and stir it in${isLactic(state) ? ', as long as the milk is thin still' : ''}. Count its time from then, and read the pH when it should be half way.`
          : 'Nothing can be stirred into a set. Give the souring its time: go by the pH, or by the taste and a trial piece, not by the clock.',
        `Slow souring is the one thing to watch: at pH ${format.number(5.6, 1)} within the hours its warmth allows, or out.`,
      );
    },
  },
  'culture-double': {
    text: 'Twice the culture went in',
    asks: [],
    remedy: ({ state, format }) => {
      const hours = state.plan.predictions.acidifyHours?.likely;
      return mend(
        `Go on, and look earlier: twice the culture is ahead by about one doubling of it, three quarters of an hour to an hour at its own heat${hours ? `, ${format.minutes(Math.max(30, (hours - 0.8) * 60))} instead of ${format.minutes(hours * 60)}` : ''}.`,
        'Safe. A little sharper.',
      );
    },
  },
  'culture-forgotten': {
    text: 'Forgot the culture',
    asks: [],
    can: (state) => wentIn(state, 'culture') && !(isLactic(state) && isSet(state)),
    remedy: ({ state }) => {
      if (stillGoesIn(state, 'coagulant') || isLactic(state))
        return mend(
          'It is milk still: stir the culture in now, wait half an hour where a coagulant follows, and count all hours of souring from now.',
          'Time. If the milk stood warm for more than two hours without it, chill it and ask “left out warm”.',
        );
      return mend(
        isStretched(state)
          ? 'Set curd takes none, and sweet curd does not stretch: drain it, salt it, and press it as a fresh white cheese, today, cold at once.'
          : 'Set curd takes none. Make it on as a sweet curd, colder and sooner: it keeps half as long.',
        'Another cheese than planned. Uncultured curd counts its warm minutes from now.',
      );
    },
  },
  'warm-acid': {
    text: 'Acid went into warm milk',
    asks: [{ id: 'at', text: 'at what temperature', asks: 'temperature', usual: 25 }],
    remedy: ({ format, number }) =>
      number('at') >= 30
        ? mend(
            `If it has flecked all through, take it to ${format.temp(RICOTTA_FROM_C)} and make ricotta of it. If only where the stream went in, stir, strain the flecks, and go on.`,
            'This cheese, but not the milk.',
            { yieldShare: -0.1 },
          )
        : mend(
            `Stir fast, strain out the flecks, and go on with the rest of the acid only when the milk is below ${format.temp(COLD_FOR_ACID_C)}.`,
            'What the strainer holds.',
            { yieldShare: -0.03 },
          ),
  },
  'acid-too-much': {
    text: 'Too much acid went in',
    asks: [
      {
        id: 'share',
        text: 'how many per cent of the plan went in',
        asks: 'percent',
        usual: 130,
      },
    ],
    remedy: ({ state, format, number }) => {
      const [unit] = unitsFor('acid', state.plan.brief);
      const amount = (plannedAmountOf(state.plan, 'acid', unit ?? 'g') * number('share')) / 100;
      const pH =
        amount > 0
          ? withAdded(state, 'acid', { amount, unit: unit ?? 'g' })?.plan.predictions.pHAfterAcid
          : null;
      const said = pH ? `The {milk} is at about pH ${format.pH(pH)} then. ` : '';
      const stretched = hasDose(state, 'coagulant');
      return mend(
        stretched
          ? `${said}${pH && pH < 5.45 ? 'It will not stretch well any more, and may fleck: add cold milk, as much as brings the share back, or set it and press it as a fresh cheese.' : `Go on: set it ${format.tempStep(1, 0)} cooler, cut as soon as it is clean, and try a piece for the stretch early.`}`
          : `${said}No more of it. Ladle the curd, rinse it once with cool water, half of its bulk, and drain it again.`,
        stretched ? 'A shorter, grainier pull.' : 'It tastes sour, and is a little softer for it.',
        stretched ? { fatShare: -0.03, yieldShare: -0.01 } : { yieldShare: -0.01 },
      );
    },
  },
  'acid-undiluted': {
    text: 'The acid went in undiluted',
    asks: [],
    remedy: ({ state, format }) =>
      mend(
        stillGoesIn(state, 'coagulant')
          ? `Stir at once, up and down, and strain the flecks out; go on if most of the milk is smooth. Below ${format.temp(COLD_FOR_ACID_C)} most of them go back.`
          : 'Stir twice up and down and let it be: part of the {milk} has had too much, part none. Wait five minutes before any more goes in.',
        'Hard grains where the stream went in.',
        { yieldShare: -0.02 },
      ),
  },
  'no-calcium': {
    text: 'Forgot the calcium',
    asks: [],
    can: (state) => hasDose(state, 'coagulant') && !stillGoesIn(state, 'calcium'),
    remedy: ({ state, format }) =>
      wentIn(state, 'coagulant')
        ? mend(
            `Too late to stir it in. Give the set a quarter longer, ${isCut(state) ? 'cut larger' : 'ladle it thicker'}, and handle it gently.`,
            'A softer curd; a little more fat in the whey.',
            { fatShare: -0.01, yieldShare: -0.01 },
          )
        : mend(
            `Stir ${format.grams(CALCIUM_G_PER_L * litresOf(state))} of calcium chloride, dissolved in ${format.millilitres(20 * CALCIUM_G_PER_L * litresOf(state))} of cool water, into the milk now; wait five minutes before the coagulant.`,
            'Nothing.',
          ),
  },
  'calcium-double': {
    text: 'Too much calcium went in',
    asks: [],
    remedy: ({ state, format }) =>
      mend(
        hasDose(state, 'coagulant') && isStretched(state)
          ? `Go on, and expect a sooner and firmer set. It stretches tougher: a little sourer, or ${format.tempStep(2, 0)} hotter, before you pull.`
          : 'Go on: a sooner and firmer set. Cut it a size larger and stir shorter.',
        'A bitter edge if it was more than twice.',
      ),
  },
  'coag-little': {
    text: 'Too little coagulant went in',
    asks: [{ id: 'share', text: 'how many per cent of the plan', asks: 'percent', usual: 60 }],
    remedy: (about) =>
      weakSet(
        about,
        Math.min(1, about.number('share') / 100),
        'Time. Note it under “Other amount”, and the plan follows.',
      ),
  },
  'coag-double': {
    text: 'Too much coagulant went in',
    asks: [{ id: 'share', text: 'how many per cent of the plan', asks: 'percent', usual: 200 }],
    remedy: (about) => {
      const { state, format, number } = about;
      const times = Math.max(1, number('share') / 100);
      return isLactic(state)
        ? mend(
            'Leave it: it will be firmer and drain faster. Weigh it early in its cloth or mould.',
            'A drier, shorter curd.',
            drier(state, Math.min(4, 1.5 * log2Of(times))),
          )
        : mend(
            `It is ready in about ${format.minutes(setMin(about) / times)}: stand by with the knife, cut at the first clean break, a size larger, and stir gently.`,
            times > 2
              ? 'It may taste bitter after a week or two: eat it fresh.'
              : 'A firm curd; nothing more.',
          );
    },
  },
  'coag-early-water': {
    text: 'The coagulant stood diluted, or its water had chlorine',
    asks: [{ id: 'min', text: 'minutes it stood', asks: 'minutes', usual: 30 }],
    remedy: (about) =>
      weakSet(
        about,
        powOf(0.5, about.number('min') / HALF_IN_WATER_MIN),
        'In water it loses about half in half an hour, with chlorine sooner.',
      ),
  },
  'coag-cold': {
    text: 'The coagulant went into cold milk',
    asks: [],
    can: (state) => hasDose(state, 'coagulant') && !isLactic(state),
    remedy: () =>
      mend(
        'Warm it on gently without stirring more than you must, and stop as soon as the bowl stands still; what has set will not be warmed through.',
        'A set that is firm below and soft above. Cut it in large pieces and let them heal twice as long.',
        { yieldShare: -0.03 },
      ),
  },
  pests: {
    text: 'An insect or an animal was at it',
    asks: [{ id: 'what', text: 'what', choices: ['a fly or another insect', 'a pet’s tongue, or a mouse'] }],
    remedy: ({ state, choice }) => {
      const hot = state.plan.stages
        .slice(state.index)
        .some((stage) => stage.targetC !== null && stage.targetC >= 72 && stage.durationMin.likely >= 1);
      if (choice('what') !== 'a fly or another insect')
        return bin('An animal’s mouth brings what no fresh cheese keeps in check.');
      return mend(
        hot
          ? 'Lift it out with a clean ladle and go on: the heat that follows deals with what it brought.'
          : 'Lift it out, with two fingers of curd or a ladle of {milk} all round. Keep the batch cold, and eat it within two days.',
        hot ? '' : 'Not for pregnant, very young, old or ill people.',
      );
    },
  },
} as const satisfies Partial<Record<MistakeId, Mishap>>;

import type { DoseId } from '../../makes/grammar';
import type { MistakeId } from '../../makes/mistakes';
import { scaledBy } from '../../plan/larger';
import { milkTooHot } from './heat';
import {
  type About,
  bin,
  cultureDiesC,
  dosesLeft,
  isLactic,
  isOfWhey,
  isSalted,
  litresOf,
  type Mishap,
  mend,
  option,
  wentIn,
} from './mishap';

/** Milk or whey lost from the pot costs its share of everything. */
function less({ state, format }: About, litres: number, how: string) {
  const left = Math.max(0.05, (litresOf(state) - litres) / litresOf(state));
  const doses = dosesLeft(state, left, format);
  const remedy = mend(
    `${how}${doses === '' ? '' : ` What is still to go in is for ${format.litres(litresOf(state) * left)} now: ${doses}.`}${isSalted(state) ? ' Salt by what is on the scale at the end.' : ''}`,
    '',
    { yieldShare: left - 1 },
  );
  return { ...remedy, litres: litresOf(state) * left };
}

/** What a dose for more milk than there is does. */
const TOO_MUCH: readonly (readonly [DoseId, string])[] = [
  ['acid', 'The acid in it was for more: read its pH before anything else goes in.'],
  ['culture', 'The culture in it was for more: it sours about an hour sooner.'],
  ['coagulant', 'The coagulant in it was for more: stand by with the knife.'],
];

/** Source of all of it: common practice. */
export const MILK = {
  'milk-off': {
    text: 'The {milk} smells or looks off',
    asks: [
      {
        id: 'how',
        text: 'what is wrong with it',
        choices: ['faintly sour', 'flecks when it is heated', 'foul or bitter', 'ropy or slimy'],
      },
    ],
    remedy: ({ state, choice }) => {
      switch (choice('how')) {
        case 'faintly sour':
          if (isOfWhey(state))
            return mend(
              'Read its pH, and cook it at once: it takes less acid, so pour the first half only. At pH 5.2 next to nothing comes of it.',
              'The sourer the whey, the less of its protein comes together.',
            );
          return mend(
            state.plan.brief.acid && !state.plan.brief.culture
              ? 'Read its pH, or put it to where acid goes in hot: it takes less acid, so pour the first half only and go by the whey.'
              : 'Read its pH and plan with it. Without a meter, boil a spoonful: if it flecks, it is too sour for a set with coagulant; make a hot acid cheese of it today.',
            'Milk that has begun to sour keeps less of its calcium in the curd.',
          );
        case 'flecks when it is heated':
          if (isOfWhey(state))
            return mend('That is its protein, and what it is cooked for: heat it on, and do not stir.');
          return mend(
            'No set with coagulant will come right from it. Heat it on at once to ricotta heat, no more acid than it asks for, and eat that within two days.',
            'It is past pH 6.4 or so.',
          );
        default:
          return bin('What is foul, bitter or ropy has grown what does not belong in it.');
      }
    },
  },
  'half-milk': {
    text: 'Only part of the {milk} went in',
    asks: [
      {
        id: 'litres',
        text: '{milk} that is in the pot',
        asks: 'litres',
        usual: (state) => litresOf(state) / 2,
      },
    ],
    remedy: ({ state, format, number }) => {
      const share = Math.min(2, number('litres') / litresOf(state));
      const scaled = scaledBy(state, share);
      const doses = dosesLeft(state, share, format);
      const remedy = mend(
        `Go on with ${format.litres(number('litres'))}${doses === '' ? '' : `: ${doses}`}.${TOO_MUCH.filter(
          ([dose]) => wentIn(state, dose),
        )
          .map(([, text]) => ` ${text}`)
          .join(
            '',
          )} Keep the rest of the {milk} cold, and ${isOfWhey(state) ? 'cook it the same day: it sours, and then gives nothing' : 'make it tomorrow'}.`,
        scaled ? `${format.kg(scaled.plan.predictions.yieldKg.likely)} comes of it.` : '',
        { yieldShare: share - 1 },
      );
      return { ...remedy, litres: litresOf(state) * share };
    },
  },
  overshot: {
    text: 'It got too hot',
    asks: [{ id: 'by', text: 'by how many degrees', asks: 'step', usual: 6 }],
    remedy: milkTooHot,
  },
  cooled: {
    text: 'It got too cold',
    asks: [{ id: 'by', text: 'by how many degrees', asks: 'step', usual: 5 }],
    remedy: ({ format, number }) =>
      mend(
        `Warm it gently back by ${format.tempStep(number('by'), 0)}, stirring from the base, and go on.`,
        'Time, and nothing else.',
      ),
  },
  scorched: {
    text: 'It caught on the base',
    asks: [{ id: 'how', text: 'what does it taste of', choices: ['clean', 'faintly cooked', 'burnt'] }],
    remedy: ({ choice }) =>
      choice('how') === 'burnt'
        ? mend(
            'The taste is all through it and does not leave: stop here, cool the {milk}, and use it where a burnt taste does no harm, or not at all. Begin again with a thicker base or a bath.',
            'It is safe to eat; nobody will want to.',
            { yieldShare: -1 },
          )
        : mend(
            'Heat off. Do not scrape: pour the {milk} into another pot and leave the caught layer where it is; go on at half the flame, stirring over the whole base, or in a bath.',
            'What has caught is lost, one or two parts in a hundred.',
            { yieldShare: -0.02 },
          ),
  },
  'boiled-over': {
    text: 'It boiled over',
    asks: [
      {
        id: 'litres',
        text: 'how much is gone, roughly',
        asks: 'litres',
        usual: (state) => litresOf(state) / 20,
      },
    ],
    remedy: (about) =>
      less(
        about,
        about.number('litres'),
        'Heat off until it has sunk, wipe the ring, and bring it back to its heat, half a hand of room under the rim.',
      ),
  },
  'acid-cool-milk': {
    text: 'The {milk} was too cool for the acid',
    asks: [
      {
        id: 'at',
        text: 'at what temperature',
        asks: 'temperature',
        usual: (state) => option(state, 'setC', 90) - 10,
      },
    ],
    remedy: ({ state, format, number }) => {
      const scaldC = option(state, 'setC', 90);
      const low = number('at');
      const short = Math.max(0, scaldC - low);
      return mend(
        short < 1
          ? 'That is its heat: go on.'
          : `Heat it on to ${format.temp(scaldC)} with the spoon only across the base, ${short > 15 ? 'a quarter of an hour' : 'a few minutes'} at a low flame; then look at the whey again before any more acid goes in.`,
        short < 1
          ? ''
          : 'Cool {milk} wants more acid and catches less of the whey’s protein: less comes, and it tastes sharper.',
        { yieldShare: -Math.min(0.15, 0.01 * short) },
      );
    },
  },
  'culture-hot': {
    text: 'The culture went into milk too hot for it',
    asks: [{ id: 'at', text: 'at what temperature', asks: 'temperature', usual: 48 }],
    remedy: ({ state, format, number }) => {
      const dies = cultureDiesC(state);
      return number('at') <= dies
        ? mend(
            `It lives: up to ${format.temp(dies)} it only slows. Cool the milk to its set temperature and count from there.`,
            'A slower beginning.',
          )
        : mend(
            `Above ${format.temp(dies)} it is dead or dying. Cool the milk first, then put in a fresh dose${isLactic(state) ? ', and count its hours from then' : ''}.`,
            'A dose of culture and the time so far.',
          );
    },
  },
} as const satisfies Partial<Record<MistakeId, Mishap>>;

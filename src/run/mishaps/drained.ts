import { does } from '../../makes/asked';
import type { MistakeId } from '../../makes/mistakes';
import type { Doing } from '../../makes/traits';
import { stageAt } from '../makeState';
import { isCultured } from '../warm';
import {
  drier,
  endsInPieces,
  isCheddared,
  isLactic,
  isSalted,
  isStretched,
  type Mishap,
  mend,
  plannedMin,
  stillGoesIn,
} from './mishap';
import { curdKg } from './weights';

/** Out of the whey: bag, slab, mould and press. Source: common practice. */
export const DRAINED = {
  'forgot-turn': {
    text: 'Forgot a turn',
    asks: [{ id: 'late', text: 'minutes late', asks: 'minutes', usual: 20 }],
    remedy: ({ state, number, format }) =>
      mend(
        `Turn it now, and leave this side as long as the other had: ${format.minutes(Math.max(5, number('late')))} more than planned. Then on with the count; none is made up by two at once.`,
        number('late') > plannedMin(state)
          ? 'A leaning cheese, one side closer than the other.'
          : 'Its shape, a little.',
      ),
  },
  'over-sour': {
    text: 'It went too sour',
    can: (state) => isCultured(state) || isStretched(state),
    asks: [
      {
        id: 'how',
        text: 'how do you know',
        choices: ['a torn piece is short', 'the meter', 'it tastes sharp'],
      },
    ],
    remedy: ({ state, format }) => {
      const stretches = does(stageAt(state), 'heats-curd');
      return mend(
        isLactic(state)
          ? `Into the cold at once: below ${format.temp(6)} it all but stops.${isSalted(state) ? ' Salt it in full; salt slows it too.' : ''}`
          : `Rinse it with cool water of ${format.temp(20)}, as much as it weighs, for five minutes: that takes acid out. ${stretches ? `Then stretch it at once, quickly, ${format.tempStep(3, 0)} cooler than planned; what will not pull is pressed into a block.` : 'Then on to the next stage at once.'}`,
        'A chalky, sharper cheese that holds less water.',
        drier(state, 2),
      );
    },
  },
  overdrained: {
    text: 'Left draining too long',
    asks: [{ id: 'kg', text: 'weight now', asks: 'weight', usual: (state) => curdKg(state) * 0.9 }],
    remedy: ({ state, number, format }) => {
      const goal = curdKg(state);
      const missing = Math.max(0, goal - number('kg'));
      if (missing < 0.005 * goal) return mend('It weighs what was planned: nothing to mend.');
      const costs = { yieldShare: number('kg') / goal - 1 };
      // Slabs are matted by then.
      return endsInPieces(state) || isCheddared(state)
        ? mend(
            'Leave it as it is: curd that is stretched or pressed takes nothing up again. On to the next stage at once, while it is warm.',
            'A drier, firmer bite.',
            costs,
          )
        : mend(
            `Work ${format.grams(missing * 1000)} of its own whey, milk or cream back in, a spoonful at a time, and rest it an hour.`,
            'A grainier bite.',
            costs,
          );
    },
  },
  'cloth-stuck': {
    text: 'It sticks to the cloth',
    asks: [],
    remedy: ({ state, format }) =>
      mend(
        isLactic(state)
          ? `Chill it in its cloth for ${format.minutes(30)}; then peel from the edge towards the middle, scraping with the back of a knife. A wet cloth next time.`
          : `Wet the cloth with warm whey, wait ${format.minutes(5)}, peel slowly from the edge. ${does(stageAt(state), 'presses') ? 'Rub what tore with a hot spoon and put it back under its weight.' : 'Scrape off what tore, put it to the rest, and let it drain on.'}`,
        does(stageAt(state), 'presses') ? 'A rough face.' : '',
        { yieldShare: -0.005 },
      ),
  },
  spilled: {
    text: 'Some of the curd is lost',
    asks: [
      { id: 'kg', text: 'weight of what is left', asks: 'weight', usual: (state) => curdKg(state) * 0.8 },
    ],
    remedy: ({ state, number }) => {
      const share = Math.min(1, number('kg') / curdKg(state));
      const still = (what: Doing) => state.plan.stages.slice(state.index).some((stage) => does(stage, what));
      const follows = [
        stillGoesIn(state, 'salt') ? 'salt by that weight' : '',
        still('presses') ? 'a press wants that share of its load' : '',
        still('brines') ? 'a brine the same hours' : '',
      ].filter(Boolean);
      return mend(
        `What fell on the floor stays there. Everything that follows goes by what is left: weigh it${follows.length > 0 ? `; ${follows.join(', ')}` : ''}.`,
        '',
        { yieldShare: share - 1 },
      );
    },
  },
  'fell-apart': {
    text: 'It fell apart as it was unmoulded',
    asks: [
      { id: 'how', text: 'how is it inside', choices: ['wet and soft', 'crumbly and sour', 'only a corner'] },
    ],
    remedy: ({ choice, format, state }) => {
      switch (choice('how')) {
        case 'only a corner':
          return mend(
            `Press the corner back with a wet spoon, turn it into the mould again, and give it ${format.minutes(120)} more.`,
            'Looks only.',
          );
        case 'wet and soft':
          return mend(
            `Back into the mould with it, in a cloth, ${format.minutes(240)} more in the cool, turned halfway; or beat it smooth with its salt and call it a spread: that it is already.`,
            '',
            drier(state, -2),
          );
        default:
          return mend(
            'It will not knit again: crumble it, salt it, and eat it as a crumble or beat it into a spread with a spoon of cream.',
            'It soured further than it should before it was moulded.',
          );
      }
    },
  },
  'load-rim': {
    text: 'The load rested on the rim, not on the cheese',
    asks: [{ id: 'min', text: 'for how many minutes', asks: 'minutes', usual: 60 }],
    remedy: ({ format, number }) =>
      mend(
        `Take the follower off, fold the cloth flat, and put something the size of the cheese between. The hours of pressing count from now: ${format.minutes(number('min'))} did nothing.`,
        'Time. Cold curd knits badly: warm the mould in whey first if it has cooled.',
      ),
  },
  'pressed-hard': {
    text: 'Pressed too hard too soon',
    asks: [{ id: 'kg', text: 'load that was on', asks: 'weight', usual: 20 }],
    remedy: ({ format, number, state }) =>
      mend(
        `Take the load down to ${format.kg(number('kg') / 3)}, turn it, and wrap it again; add the rest after ${format.minutes(60)}. White whey or curd through the cloth says it was too much.`,
        'A closed skin round a wet middle.',
        { ...drier(state, -1), fatShare: -0.01 },
      ),
  },
  cracked: {
    text: 'It has cracked',
    asks: [{ id: 'when', text: 'where', choices: ['fine lines on the face', 'deep, to the middle'] }],
    remedy: ({ choice, format }) =>
      choice('when') === 'fine lines on the face'
        ? mend(
            `Rub the face with warm whey of ${format.temp(38)}, wrap it wet and press it again for ${format.minutes(60)}.`,
            'Salt goes in faster along a crack.',
          )
        : mend(
            `Dip it in whey of ${format.temp(45)} for ${format.minutes(10)}, cloth and all, and press it warm for ${format.minutes(120)}. What does not close then is eaten first, and not kept in brine.`,
            'It was too cold or too sour to knit.',
          ),
  },
} as const satisfies Partial<Record<MistakeId, Mishap>>;

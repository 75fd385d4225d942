import type { StageWords } from '../../grammar';
import { type Part, type SaidParam, saying, value } from '../../sentence';

/** `long` is the time by the clock, as a value of the parameter it comes from; `at` says where it stands, and nothing of the room. */
type Words = (dry: string | null, long: SaidParam, weight: string, at: readonly Part[]) => StageWords;

const dryTo = (dry: string) => value('toMoisturePct', dry);

/** How curd may be drained, in words. `dry` is the moisture wanted, where one is. */
export const WORDS = {
  cloth: (dry, long, weight, at) => ({
    ...(dry === null
      ? saying(['Drain in a cloth'], [...(long.text === '' ? [] : [' ', long]), ...at])
      : saying(['Drain to ', dryTo(dry), ' moisture'], at)),
    action: 'Drain',
    target: dry === null ? null : `to ${weight}`,
    steps: [
      'Ladle the curd, do not pour it, into a wet cloth in a colander over a pot: keep the whey.',
      dry === null
        ? 'Gather the corners and let the first rush of whey go.'
        : 'Weigh it when the dripping slows: the weight says more than the clock.',
      ...(at.length === 0
        ? []
        : ['Into the fridge with it when the steam is gone, covered, a bowl under it.']),
    ],
    right: 'Whey slows from a thread to drops; the curd comes away from the cloth.',
    normal: 'It firms further as it cools, so stop a little softer than you want it.',
    done: 'Drained',
  }),
  colander: (_dry, long) => ({
    ...saying(['Drain in a colander ', long]),
    action: 'Drain',
    target: null,
    steps: [
      'Lift or tip the curd into a warm colander over its whey, lid on so that it stays warm.',
      'Lift the mat and turn it over halfway.',
    ],
    right: 'One warm mat; whey comes in drops.',
    normal: 'It spreads and takes the colander’s shape.',
    done: 'Drained',
  }),
  bag: (dry, long, weight, at) => ({
    ...saying(dry === null ? ['Hang in a bag ', long] : ['Hang in a bag to ', dryTo(dry), ' moisture'], [
      ...at,
      { slot: 'bag', before: ', ', after: ' of milk to a bag' },
    ]),
    action: 'Hang it',
    target: dry === null ? long.text : `to ${weight}`,
    steps: [
      `Ladle the curd into a wet cloth, tie the corners, hang it over a bowl ${at.length === 0 ? 'in a room without flies or draught' : 'in the fridge, covered'}.`,
      dry === null
        ? 'It hangs by the clock; where it is thick enough sooner, take it down.'
        : 'Weigh the bag once after two hours: that one number sets the rest of the time.',
      'Scrape the sides inwards when the outside dries.',
    ],
    right: 'Drops a minute apart; a paste that holds a spoon.',
    normal: 'Runny in the middle while the rim is firm: turn it in on itself.',
    done: 'Thick enough',
  }),
  basket: (_dry, long, _weight, at) => ({
    ...saying(['Stand in baskets ', long], at),
    action: 'Turn it',
    target: long.text,
    steps: [
      'Press the salted curd into straight-sided baskets on a rack, covered, as cool as you have it.',
      'Turn it in the basket twice the first day, once a day after that.',
    ],
    right: 'It shrinks from the basket and keeps its edges.',
    normal: 'A few drops a day.',
    done: 'Firm enough',
  }),
} satisfies Record<string, Words>;

/** Washed curd that is kept loose while it drips off. Common practice. */
export const WASHED_CURD: Words = (_dry, long) => ({
  ...saying(['Let the washed curd drip off ', long]),
  action: 'Drain loose',
  target: null,
  steps: [
    'Cold, in a colander over a bowl; shake it now and then so that the curds stay apart.',
    'Taste one: mild and clean, or one water more.',
  ],
  right: 'Separate, shining curds; the last water comes in drops.',
  normal: 'A few crumbs wash through.',
  done: 'Dripped off',
});

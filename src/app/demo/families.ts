import { roundTo } from '../../core/units/numbers';
import type { NewEvent } from '../../run/events';
import type { Elsewise } from '../../sim/practice/playing';
import type { Past } from './past';

const note = (text: string): NewEvent => ({ type: 'note', text });

/** Stretched in water of that heat for so long, the water and the core read with the thermometer. */
const stretchedIn =
  (waterC: number, minutes: number) =>
  ({ practice, does, waits, writes, planned }: Elsewise) => {
    writes({ type: 'temperature', tempC: waterC, of: 'water' });
    does({ do: 'stretch', waterC, minutes });
    writes({
      type: 'temperature',
      tempC: roundTo(practice.pot.tempC - practice.world.probeOffC, 1),
      of: 'core',
    });
    does({ do: 'test' });
    waits(Math.max(0, planned - minutes));
  };

/** Done as it should be, and then left over the heat for so many minutes. */
const leftOnTheHeat =
  (minutes: number) =>
  ({ well, does, waits }: Elsewise) => {
    well();
    does({ do: 'heat', setting: 2 });
    waits(minutes);
    does({ do: 'heat', setting: 0 });
    does({ do: 'look' });
  };

/** Left for so many times as long as planned. */
const longer =
  (times: number) =>
  ({ well, waits, planned }: Elsewise) => {
    well();
    waits((times - 1) * planned);
  };

/** Left for so much of its planned time, the bowl watched meanwhile, and taken as it was. */
const hurried =
  (share: number) =>
  ({ does, watches, planned }: Elsewise) => {
    watches(share * planned);
    does({ do: 'test' });
  };

/** Makes of all the other families, with their good and bad days. */
export const FAMILIES_PAST: readonly Past[] = [
  {
    name: 'First stretched balls',
    method: 'quick-stretched',
    milk: 0,
    litres: 8,
    acid: { kind: 'citric' },
    daysAgo: 30,
    hour: 10,
    went: {
      watched: true,
      notes: [['acid', 1, 'pH']],
      instead: { stretch: stretchedIn(86, 5) },
    },
    tastings: [
      {
        hoursLater: 20,
        score: 2,
        text: 'Rubber. It shone for a moment and then went dull.',
        found: ['tough'],
      },
    ],
  },
  {
    name: 'Stretched balls again',
    method: 'quick-stretched',
    milk: 0,
    litres: 8,
    acid: { kind: 'citric' },
    options: { stretchWaterC: 71 },
    daysAgo: 23,
    hour: 10,
    went: {
      watched: true,
      notes: [['acid', 1, 'pH']],
      instead: { stretch: stretchedIn(71.5, 6) },
    },
    tastings: [{ hoursLater: 18, score: 5, text: 'Milk runs out of it as it is cut. Water at 71 it is.' }],
  },
  {
    name: 'Teasel logs',
    method: 'goat-lactic',
    milk: 1,
    litres: 8,
    daysAgo: 26,
    hour: 18,
    went: { notes: [['set', 900, 'pH']] },
    tastings: [{ hoursLater: 30, score: 5, text: 'Lemon and hazel, and it stands up in its ash.' }],
  },
  {
    name: 'Teasel logs, warm spell',
    method: 'goat-lactic',
    milk: 1,
    litres: 8,
    daysAgo: 14,
    hour: 18,
    went: {
      notes: [
        ['set', 60, 'temperature'],
        ['set', 700, 'temperature'],
        ['set', 800, 'pH'],
        ['bag', 60, note('kitchen stifling all night')],
      ],
    },
    day: { roomC: 11 },
    tastings: [
      { hoursLater: 20, score: 2, text: 'Sour, and sandy on the tongue.', found: ['grainy', 'too-sour'] },
    ],
  },
  {
    name: 'Pub curds',
    method: 'squeaky-curds',
    milk: 0,
    litres: 14,
    daysAgo: 19,
    hour: 8,
    went: {
      watched: true,
      notes: [
        ['cook', 36, 'temperature'],
        ['slab', 80, 'pH'],
      ],
    },
    tastings: [{ hoursLater: 10, score: 4, text: 'They squeak. Gone by nine in the evening.' }],
  },
  {
    name: 'Pub curds, in a hurry',
    method: 'squeaky-curds',
    milk: 0,
    litres: 14,
    daysAgo: 9,
    hour: 8,
    went: {
      watched: true,
      instead: { set: hurried(0.68) },
      notes: [
        ['cook', 36, 'temperature'],
        ['slab', 80, 'pH'],
      ],
    },
    tastings: [
      {
        hoursLater: 12,
        score: 3,
        text: 'Good, but a bowl less of it than the week before.',
        found: ['low-yield', 'creamy-whey'],
      },
    ],
  },
  {
    name: 'Grill slabs',
    method: 'grilling',
    milk: 1,
    litres: 12,
    daysAgo: 16,
    hour: 9,
    went: {
      watched: true,
      notes: [
        ['cook', 14, 'temperature'],
        ['poach', 30, 'temperature'],
      ],
    },
    tastings: [{ hoursLater: 30, score: 4, text: 'Brown outside, whole inside, mint all through.' }],
  },
  {
    name: 'White wheel',
    method: 'fresh-pressed',
    milk: 0,
    litres: 16,
    daysAgo: 12,
    hour: 8,
    went: {
      watched: true,
      notes: [
        ['press', 20, 'temperature'],
        ['press', 90, note('the window stood open over the press')],
      ],
    },
    day: { roomC: -6 },
    tastings: [
      {
        hoursLater: 5,
        score: 2,
        text: 'Squeaks between the teeth, tastes of nothing.',
        found: ['tough', 'bland'],
      },
      {
        hoursLater: 170,
        score: 3,
        text: 'Kinder now; still gaps between the curds.',
        found: ['open-texture'],
      },
    ],
  },
  {
    name: 'Long string',
    method: 'cultured-stretched',
    milk: 0,
    litres: 16,
    daysAgo: 34,
    hour: 7,
    went: {
      watched: true,
      notes: [['sour', 75, 'pH']],
      instead: { stretch: stretchedIn(76, 5) },
    },
    tastings: [{ hoursLater: 280, score: 5, text: 'Butter and hay. Two weeks were worth it.' }],
  },
  {
    name: 'Breakfast skyr',
    method: 'skyr',
    milk: 0,
    litres: 6,
    daysAgo: 8,
    hour: 17,
    went: { notes: [['set', 280, 'pH']], instead: { bag: longer(1.5) } },
    tastings: [{ hoursLater: 14, score: 4, text: 'Thick as plaster, clean as snow.' }],
  },
  {
    name: 'Cottage curds for the lock-keeper',
    method: 'cultured-cottage',
    milk: 0,
    litres: 10,
    daysAgo: 6,
    hour: 16,
    went: {
      notes: [
        ['set', 780, 'pH'],
        ['cook', 40, 'temperature'],
      ],
      instead: { cook: leftOnTheHeat(4) },
    },
    tastings: [{ hoursLater: 16, score: 3, text: 'Like gravel with cream on it.', found: ['tough'] }],
  },
];

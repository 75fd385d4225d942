import type { NewEvent } from '../../run/events';
import type { Past } from './past';

const temp = (tempC: number, of?: 'water' | 'core'): NewEvent => ({
  type: 'temperature',
  tempC,
  ...(of && { of }),
});
const pH = (value: number): NewEvent => ({ type: 'pH', pH: value });
const note = (text: string): NewEvent => ({ type: 'note', text });
const tested = (found: 'clean' | 'nearly' | 'stretches' | 'tears'): NewEvent => ({ type: 'tested', found });

/** As the stage ends, however long it was. */
const END = 10_000;

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
      notes: [
        ['acid', 1, pH(5.61)],
        ['set', END, tested('clean')],
        ['stretch', 4, temp(86, 'water')],
        ['stretch', 9, temp(67, 'core')],
      ],
      weighs: 0.94,
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
      notes: [
        ['acid', 1, pH(5.59)],
        ['set', END, tested('clean')],
        ['stretch', 4, temp(71.5, 'water')],
        ['stretch', 9, temp(60.5, 'core')],
        ['stretch', 10, tested('stretches')],
      ],
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
    went: { notes: [['set', 900, pH(4.54)]] },
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
        ['set', 60, temp(29.5)],
        ['set', 700, temp(29)],
        ['set', 800, pH(4.36)],
        ['bag', 60, note('kitchen stifling all night')],
      ],
      weighs: 0.9,
    },
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
        ['set', END, tested('clean')],
        ['cook', 36, temp(39.2)],
        ['slab', 80, pH(5.38)],
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
      took: { set: 0.68 },
      notes: [
        ['set', END, tested('nearly')],
        ['cook', 36, temp(39.4)],
        ['cook', 6, { type: 'whey', look: 'creamy' }],
        ['slab', 80, pH(5.4)],
      ],
      weighs: 0.86,
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
        ['set', END, tested('clean')],
        ['cook', 14, temp(40.4)],
        ['poach', 30, temp(89)],
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
        ['set', END, tested('clean')],
        ['press', 20, temp(23.5)],
        ['press', 90, note('the window stood open over the press')],
      ],
      weighs: 1.03,
    },
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
      notes: [
        ['set', END, tested('clean')],
        ['sour', 75, pH(5.24)],
        ['test', 3, tested('stretches')],
        ['stretch', 5, temp(76, 'water')],
        ['stretch', 8, temp(61, 'core')],
      ],
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
    went: { notes: [['set', 280, pH(4.52)]] },
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
        ['set', 780, pH(4.68)],
        ['cook', 40, temp(53.5)],
      ],
    },
    tastings: [{ hoursLater: 16, score: 3, text: 'Like gravel with cream on it.', found: ['tough'] }],
  },
];

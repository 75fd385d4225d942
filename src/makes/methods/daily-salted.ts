import type { Method } from '../method';
import { amount, brineOf, cookTo, heat, keptInBrine, saltDry, school, stirFor, wantedSet } from '../options';

const POACHED = { option: 'finish', is: ['poach'] } as const;
const DAILY = { option: 'finish', is: ['daily'] } as const;

export const dailySalted: Method = {
  format: 'plump-pail/method',
  version: 1,
  id: 'daily-salted',
  title: 'Daily-salted white cheese',
  short: 'daily-salted cheese',
  family: 'squeaky-curd',
  about:
    'A white cheese of the Levant from sheep’s, goat’s or cow’s milk: pressed in turns, then either salted and pressed every day for a week, or poached with a bag of spices and kept in brine. Soak it before sweet use.',
  style: 'daily-salted',
  of: 'milk',
  usual: { species: 'sheep' },
  cream: null,
  acid: null,
  culture: null,
  coagulant: { minutes: { option: 'wantedSetMin' } },
  drain: null,
  bag: null,
  brineWaterPerKg: 2,
  options: {
    setC: heat('Set at', { default: 36, min: 32, max: 40 }, 'Warm, as milk comes from the animal.'),
    wantedSetMin: wantedSet(40, 'Left until it breaks clean; it is lifted, not stirred hard.'),
    cutMm: amount(
      'Cut',
      'mm',
      { default: 15, min: 10, max: 40 },
      'Small for a dry cheese; above 35 mm it is lifted whole, moister.',
    ),
    cookC: cookTo(39, 36, 42),
    holdMin: stirFor(5, 1, 30),
    pressKPa: amount(
      'Press with',
      'kPa',
      { default: 2.5, min: 0.5, max: 10, step: 0.5 },
      'In turns, growing.',
    ),
    pressHours: amount('For', 'h', { default: 3, min: 1, max: 12, step: 0.5 }, 'Turned each hour.'),
    finish: school(
      'Then',
      'daily',
      [
        ['daily', 'salted and pressed daily', 'A week’s work of minutes: dense and keeping.'],
        ['poach', 'poached with spices, in brine', 'Ready the next day; mahleb and mastic perfume it.'],
      ],
      'Two ways to make it keep.',
    ),
    saltDays: amount(
      'Days of salting',
      'days',
      { default: 6, min: 4, max: 8 },
      'Less brine runs off each day.',
    ),
    saltPct: saltDry(4, 'In the finished cheese.'),
    poachC: heat('Poach at', { default: 90, min: 80, max: 95 }, 'Until it floats.'),
    brinePctWw: brineOf(12, 'Nine for soon, twelve for keeping.'),
    keptInBrine: keptInBrine(),
  },
  stages: [
    { id: 'sanitise', kind: 'sanitise', params: {} },
    { id: 'measure', kind: 'measure', params: {} },
    { id: 'warm', kind: 'warm', params: { toC: { option: 'setC' } } },
    { id: 'calcium', kind: 'add-calcium', params: {}, onlyIf: { given: 'calcium' } },
    { id: 'coagulant', kind: 'add-coagulant', params: {} },
    { id: 'set', kind: 'set', params: {} },
    { id: 'cut', kind: 'cut', params: { mm: { option: 'cutMm' } } },
    { id: 'heal', kind: 'heal', params: { minutes: 10 } },
    { id: 'cook', kind: 'cook', params: { toC: { option: 'cookC' }, overMin: 15 } },
    { id: 'stir', kind: 'hold', params: { minutes: { option: 'holdMin' }, as: 'stir' } },
    { id: 'settle', kind: 'settle', params: { minutes: 10 } },
    { id: 'whey', kind: 'draw-whey', params: {} },
    {
      id: 'press',
      kind: 'press',
      params: { kPa: { option: 'pressKPa' }, hours: { option: 'pressHours' }, heightCm: 5, turns: 3 },
    },
    {
      id: 'salt',
      kind: 'salt',
      params: { percent: { option: 'saltPct' }, days: { option: 'saltDays' } },
      onlyIf: DAILY,
    },
    {
      id: 'poach',
      kind: 'poach',
      params: { toC: { option: 'poachC' }, minutes: 20, spiced: true },
      onlyIf: POACHED,
    },
    {
      id: 'brine',
      kind: 'brine',
      params: {
        pctWw: { option: 'brinePctWw' },
        targetPct: { option: 'saltPct' },
        pieceKg: 0.2,
        shape: 'brick',
        thicknessCm: 2.5,
        atC: 8,
      },
      onlyIf: [POACHED, { option: 'saltPct' }],
    },
    { id: 'store', kind: 'store', params: {} },
  ],
};

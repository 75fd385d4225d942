import type { Method } from '../method';
import { amount, bagOf, cultures, heat, saltDry } from '../options';

export const sourBasket: Method = {
  format: 'plump-pail/method',
  version: 1,
  id: 'sour-basket',
  title: 'Sour basket cheese',
  short: 'basket cheese',
  family: 'lactic-set',
  about:
    'Soured slowly with an aromatic culture until whey pools on the curd, hung, salted, and stood in straight-sided baskets for a day or three. Dense, sour, clean; it slices.',
  style: 'sour-basket',
  of: 'milk',
  usual: {},
  cream: null,
  acid: null,
  culture: { labelShare: 0.5, percent: 1.5 },
  coagulant: { imcuPerLitre: 6 },
  drain: null,
  bag: 'sour-basket',
  options: {
    setC: heat('Set at', { default: 30, min: 22, max: 33 }, 'It starts warm and cools with the room.'),
    cultureGroup: cultures('aromatic'),
    ripenMin: amount(
      'Ripen',
      'min',
      { default: 60, min: 30, max: 90 },
      'The culture wakes before the coagulant goes in, so that acid leads and the curd stays short.',
    ),
    bagHours: amount(
      'In the bag',
      'h',
      { default: 10, min: 8, max: 14, step: 0.5 },
      'Until it holds its shape: too wet, and it breaks in the basket.',
    ),
    drainHours: amount(
      'In the basket',
      'h',
      { default: 48, min: 24, max: 72, step: 1 },
      'Each day firms it; turned so that both faces are alike.',
    ),
    basketC: heat(
      'Basket stands at',
      { default: 4, min: 2, max: 22 },
      'At fridge cold is the advice. Many stand it in a cool room: faster, and more risk.',
    ),
    bagKg: bagOf(4),
    saltPct: saltDry(1.5, 'Of its weight from the bag. More than 2 % on the surface makes it crack.'),
  },
  stages: [
    { id: 'sanitise', kind: 'sanitise', params: {} },
    { id: 'measure', kind: 'measure', params: {} },
    { id: 'warm', kind: 'warm', params: { toC: { option: 'setC' } } },
    { id: 'culture', kind: 'add-culture', params: {} },
    { id: 'ripen', kind: 'ripen', params: { minutes: { option: 'ripenMin' } } },
    { id: 'calcium', kind: 'add-calcium', params: {}, onlyIf: { given: 'calcium' } },
    { id: 'coagulant', kind: 'add-coagulant', params: {} },
    { id: 'set', kind: 'set', params: { toPH: 4.45, wrap: 'lidded' } },
    { id: 'bag', kind: 'drain', params: { in: 'bag', hours: { option: 'bagHours' } } },
    { id: 'salt', kind: 'salt', params: { percent: { option: 'saltPct' } }, onlyIf: { option: 'saltPct' } },
    {
      id: 'basket',
      kind: 'drain',
      params: { in: 'basket', hours: { option: 'drainHours' }, atC: { option: 'basketC' } },
    },
    { id: 'store', kind: 'store', params: {} },
  ],
};

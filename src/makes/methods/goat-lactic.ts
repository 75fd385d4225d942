import type { Method } from '../method';
import { amount, bagOf, cultures, HERBS, heat, herbs, saltDry, yesNo } from '../options';

export const goatLactic: Method = {
  format: 'plump-pail/method',
  version: 1,
  id: 'goat-lactic',
  title: 'Goat’s lactic log',
  short: 'lactic cheese',
  family: 'lactic-set',
  about:
    'A culture and a night do the work, a trace of coagulant holds it together. Ladled into a bag, salted by weight, rolled when it has chilled. From goat’s milk it is white and chalky, from cow’s milk gentler.',
  style: 'goat-lactic',
  of: 'milk',
  usual: { species: 'goat' },
  cream: 'milk',
  acid: null,
  culture: { labelShare: 1, percent: 1.5 },
  coagulant: { imcuPerLitre: 7 },
  drain: null,
  bag: 'goat-lactic',
  options: {
    setC: heat(
      'Set at',
      { default: 24, min: 18, max: 32, usually: [22, 26] },
      'Warmer sours sooner and tastes sharper.',
    ),
    cultureGroup: cultures('mesophilic'),
    trace: yesNo(
      'A trace of coagulant',
      true,
      'Holds the curd together in the bag and keeps fat out of the whey.',
    ),
    moisturePct: amount(
      'Moisture wanted',
      '%',
      { default: 77, min: 64, max: 82 },
      'At 75 to 78 % it spreads; what is rolled on a board holds 70 % or less.',
    ),
    bagKg: bagOf(4),
    saltPct: saltDry(1),
    herbsGPerKg: herbs(),
  },
  stages: [
    { id: 'sanitise', kind: 'sanitise', params: {} },
    { id: 'measure', kind: 'measure', params: {} },
    { id: 'cream', kind: 'add-other', params: { what: 'cream' }, onlyIf: { given: 'cream' } },
    { id: 'warm', kind: 'warm', params: { toC: { option: 'setC' } } },
    { id: 'culture', kind: 'add-culture', params: {} },
    { id: 'calcium', kind: 'add-calcium', params: {}, onlyIf: { given: 'calcium' } },
    { id: 'coagulant', kind: 'add-coagulant', params: {}, onlyIf: { option: 'trace' } },
    { id: 'set', kind: 'set', params: { toPH: 4.55, wrap: 'lidded' } },
    {
      id: 'bag',
      kind: 'drain',
      params: { in: 'bag', toMoisturePct: { option: 'moisturePct' }, thenSaltPct: { option: 'saltPct' } },
    },
    { id: 'salt', kind: 'salt', params: { percent: { option: 'saltPct' } }, onlyIf: { option: 'saltPct' } },
    { id: 'chill', kind: 'chill', params: { minutes: 600 } },
    HERBS,
    { id: 'store', kind: 'store', params: {} },
  ],
};

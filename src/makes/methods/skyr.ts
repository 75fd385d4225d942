import type { Method } from '../method';
import { amount, bagOf, cultures, heat, yesNo } from '../options';

export const skyr: Method = {
  format: 'plump-pail/method',
  version: 1,
  id: 'skyr',
  title: 'Skyr',
  short: 'skyr',
  family: 'lactic-set',
  about:
    'Skimmed milk scalded, cooled, soured warm with a live starter and a trace of coagulant, then strained. How long it strains decides how thick it is and how much there is.',
  style: 'skyr',
  of: 'milk',
  usual: { fatPct: 0.1 },
  cream: null,
  acid: null,
  culture: { labelShare: 2, percent: 3 },
  coagulant: { imcuPerLitre: 5 },
  drain: null,
  bag: 'skyr',
  options: {
    scaldC: heat(
      'Scald to',
      { default: 88, min: 80, max: 92 },
      'Scalded milk keeps its whey protein in the curd: thicker, and more of it.',
    ),
    setC: heat(
      'Set at',
      { default: 42, min: 38, max: 44 },
      'Warmer sours sooner; below 38 °C it turns slimy.',
    ),
    cultureGroup: cultures('yogurt'),
    trace: yesNo('A trace of coagulant', true, 'Lets the whey go sooner and cleaner.'),
    moisturePct: amount(
      'Moisture wanted',
      '%',
      { default: 86, min: 81, max: 90 },
      'Strained longer it stands on the spoon and yields less.',
    ),
    bagKg: bagOf(4),
  },
  stages: [
    { id: 'sanitise', kind: 'sanitise', params: {} },
    { id: 'measure', kind: 'measure', params: {} },
    { id: 'scald', kind: 'scald', params: { toC: { option: 'scaldC' } } },
    { id: 'rest', kind: 'hold', params: { minutes: 5 } },
    { id: 'cool', kind: 'cool', params: { toC: { option: 'setC' } } },
    { id: 'culture', kind: 'add-culture', params: {} },
    { id: 'coagulant', kind: 'add-coagulant', params: {}, onlyIf: { option: 'trace' } },
    { id: 'set', kind: 'set', params: { toPH: 4.6, wrap: 'insulatedBox' } },
    { id: 'bag', kind: 'drain', params: { in: 'bag', toMoisturePct: { option: 'moisturePct' } } },
    { id: 'chill', kind: 'chill', params: { minutes: 120 } },
    { id: 'store', kind: 'store', params: {} },
  ],
};

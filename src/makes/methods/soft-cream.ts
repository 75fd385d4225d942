import type { Method } from '../method';
import { amount, bagOf, cultures, HERBS, heat, herbs, saltDry, yesNo } from '../options';

export const softCream: Method = {
  format: 'plump-pail/method',
  version: 1,
  id: 'soft-cream',
  title: 'Soft cream cheese',
  short: 'cream cheese',
  family: 'lactic-set',
  about:
    'Milk with cream, soured overnight to a thick pudding and hung until it spreads. With a yogurt culture, warmer, it becomes a strained yogurt cheese.',
  style: 'cream-cheese',
  of: 'milk',
  usual: { creamPerLitre: 0.23 },
  cream: 'milk',
  acid: null,
  culture: { labelShare: 1, percent: 1.5 },
  coagulant: { imcuPerLitre: 5 },
  drain: null,
  bag: 'soft-cream',
  options: {
    setC: heat(
      'Set at',
      { default: 24, min: 20, max: 44 },
      'Room warmth for the usual cultures; 42 °C, well wrapped, for a yogurt culture.',
    ),
    cultureGroup: cultures('aromatic'),
    trace: yesNo('A trace of coagulant', false, 'Drains sooner, a little grainier.'),
    moisturePct: amount(
      'Moisture wanted',
      '%',
      { default: 54, min: 51, max: 65 },
      'Bagels at 54 %, dips above 60 %.',
    ),
    bagKg: bagOf(2),
    saltPct: saltDry(0.8),
    herbsGPerKg: herbs(),
  },
  stages: [
    { id: 'sanitise', kind: 'sanitise', params: {} },
    { id: 'measure', kind: 'measure', params: {} },
    { id: 'cream', kind: 'add-other', params: { what: 'cream' }, onlyIf: { given: 'cream' } },
    { id: 'warm', kind: 'warm', params: { toC: { option: 'setC' } } },
    { id: 'culture', kind: 'add-culture', params: {} },
    { id: 'coagulant', kind: 'add-coagulant', params: {}, onlyIf: { option: 'trace' } },
    { id: 'set', kind: 'set', params: { toPH: 4.6, wrap: 'blanket' } },
    {
      id: 'bag',
      kind: 'drain',
      params: { in: 'bag', toMoisturePct: { option: 'moisturePct' }, thenSaltPct: { option: 'saltPct' } },
    },
    { id: 'salt', kind: 'salt', params: { percent: { option: 'saltPct' } }, onlyIf: { option: 'saltPct' } },
    HERBS,
    { id: 'chill', kind: 'chill', params: { minutes: 240 } },
    { id: 'store', kind: 'store', params: {} },
  ],
};

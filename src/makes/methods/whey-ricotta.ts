import type { Method } from '../method';
import { amount, heat, saltDry } from '../options';

export const wheyRicotta: Method = {
  format: 'plump-pail/method',
  version: 1,
  id: 'whey-ricotta',
  title: 'Whey ricotta',
  short: 'whey ricotta',
  family: 'acid-set',
  about:
    'The whey of another make, cooked again while it is fresh and sweet. Its protein, which the first curd left behind, rises in a fine snow. Little of it, and the best of breakfasts.',
  style: 'ricotta',
  of: 'whey',
  usual: {},
  cream: 'milk',
  acid: 'turns',
  culture: null,
  coagulant: null,
  drain: { wetPct: 86, floorPct: 66, tauMin: 60 },
  bag: null,
  options: {
    setC: heat(
      'Cook to',
      { default: 90, min: 85, max: 95 },
      'The protein of whey gathers only when it is this hot; below 85 °C most of it stays dissolved.',
    ),
    holdMin: amount(
      'Rest',
      'min',
      { default: 10, min: 5, max: 30 },
      'The snow is fine: it needs the time to gather before it is skimmed.',
    ),
    moisturePct: amount(
      'Moisture wanted',
      '%',
      { default: 74, min: 68, max: 82 },
      'Drier keeps a shape, wetter spreads.',
    ),
    saltPct: saltDry(0.5),
  },
  stages: [
    { id: 'sanitise', kind: 'sanitise', params: {} },
    { id: 'measure', kind: 'measure', params: {} },
    { id: 'cream', kind: 'add-other', params: { what: 'cream' }, onlyIf: { given: 'cream' } },
    { id: 'scald', kind: 'scald', params: { toC: { option: 'setC' } } },
    { id: 'acid', kind: 'add-acid', params: {} },
    { id: 'rest', kind: 'hold', params: { minutes: { option: 'holdMin' } } },
    {
      id: 'drain',
      kind: 'drain',
      params: { toMoisturePct: { option: 'moisturePct' }, thenSaltPct: { option: 'saltPct' } },
    },
    { id: 'salt', kind: 'salt', params: { percent: { option: 'saltPct' } }, onlyIf: { option: 'saltPct' } },
    { id: 'store', kind: 'store', params: {} },
  ],
};

import type { Camp } from './camp';
import type { CauseId, FindingId } from './ids';

/** Causes of a finding in tiers, the likeliest first: odds 25, 10 and 4 before the log is asked. */
export type Tiers = readonly (readonly CauseId[])[];

/** Odds of the tiers. Judgement, to be fitted to logs. */
export const TIER_ODDS = [25, 10, 4] as const;

/** Where these are found, only a camp's own causes count: those of all others have no part in it. */
export const ALONE: Readonly<Partial<Record<FindingId, readonly Camp[]>>> = {
  'late-set': ['acid', 'lactic', 'cottage'],
  'no-set': ['acid', 'lactic', 'cottage'],
};

/** What a finding may come from: in every make, and beyond that in the makes of a camp. Common practice. */
export const PRIORS: Readonly<Record<FindingId, Readonly<Partial<Record<Camp | 'all', Tiers>>>>> = {
  tough: {
    quick: [
      ['stretched-too-hot', 'overworked'],
      ['set-too-hot', 'cooked-too-hot', 'pH-too-high-at-stretch'],
      ['milk-lean', 'squeezed'],
    ],
    cultured: [
      ['stretched-too-hot', 'overworked'],
      ['set-too-hot', 'cooked-too-hot', 'pH-too-high-at-stretch'],
      ['milk-lean', 'squeezed'],
    ],
    pressed: [
      ['judged-too-early', 'culture-weak'],
      ['cooked-too-hot', 'salt-short'],
      ['pressed-too-hard', 'coagulant-over'],
    ],
    grilling: [['cooked-too-hot', 'poached-too-hot'], ['pressed-too-hard', 'milk-lean'], ['cut-too-fine']],
    squeaky: [
      ['cooked-too-hot', 'cooked-too-long'],
      ['cut-too-fine', 'coagulant-over'],
    ],
    cottage: [
      ['cooked-too-hot', 'cooked-too-long'],
      ['cut-too-fine', 'coagulant-over'],
    ],
    acid: [
      ['acid-over', 'cooked-too-long'],
      ['pressed-too-hard', 'drained-too-long', 'milk-lean'],
    ],
  },
  grainy: {
    quick: [
      ['squeezed', 'stretched-too-hot'],
      ['overworked', 'stretched-too-cold', 'pH-too-low-at-stretch', 'acid-into-warm-milk'],
      ['cut-too-fine'],
    ],
    cultured: [
      ['squeezed', 'stretched-too-hot'],
      ['overworked', 'stretched-too-cold', 'pH-too-low-at-stretch', 'acid-into-warm-milk'],
      ['cut-too-fine'],
    ],
    lactic: [
      ['room-warm', 'set-too-hot', 'soured-too-long'],
      ['drained-too-long', 'coagulant-over', 'set-disturbed'],
    ],
    cottage: [
      ['cooked-too-fast', 'soured-too-long'],
      ['cooked-too-hot', 'cut-too-fine'],
    ],
    acid: [
      ['stirred-too-hard', 'acid-over'],
      ['cooked-too-long', 'drained-too-long'],
    ],
  },
  mushy: {
    quick: [
      ['stirred-too-hard', 'pH-too-low-at-stretch'],
      ['milk-overheated', 'milk-homogenised', 'drained-too-short'],
      ['squeezed'],
    ],
    cultured: [
      ['stirred-too-hard', 'pH-too-low-at-stretch'],
      ['milk-overheated', 'milk-homogenised', 'drained-too-short'],
      ['squeezed'],
    ],
    cottage: [
      ['cooked-too-short', 'soured-too-long'],
      ['cut-too-early', 'cut-too-late', 'cooked-too-fast', 'soured-too-short'],
    ],
    squeaky: [
      ['cooked-too-short', 'culture-too-fast'],
      ['cut-too-early', 'pressed-too-little'],
    ],
    pressed: [
      ['cooked-too-short', 'culture-too-fast'],
      ['cut-too-early', 'pressed-too-little'],
    ],
    grilling: [['brine-too-weak', 'cooked-too-short'], ['milk-old']],
    acid: [
      ['acid-short', 'pressed-too-little'],
      ['set-too-cold', 'stirred-too-hard'],
    ],
  },
  crumbly: {
    pressed: [
      ['salted-too-early', 'culture-too-fast', 'soured-too-long'],
      ['pressed-too-little', 'pressed-too-cold', 'cooked-too-fast'],
      ['cut-too-fine'],
    ],
    squeaky: [['soured-too-long'], ['cooked-too-hot', 'salt-over']],
    grilling: [['milk-old', 'culture-too-fast'], ['pressed-too-little']],
    quick: [['pH-too-low-at-stretch'], ['cooked-too-hot']],
    cultured: [['pH-too-low-at-stretch'], ['cooked-too-hot']],
    acid: [
      ['acid-over', 'pressed-too-little'],
      ['stirred-too-hard', 'drained-too-long'],
    ],
    lactic: [['drained-too-long'], ['soured-too-long', 'salt-over']],
  },
  'falls-apart': {
    lactic: [
      ['basket-tapered', 'surface-oversalted', 'drained-too-short'],
      ['judged-too-early'],
      ['salt-over', 'room-warm'],
    ],
    acid: [
      ['pressed-too-little', 'acid-short'],
      ['set-too-cold', 'stirred-too-hard'],
    ],
    pressed: [
      ['pressed-too-little', 'salted-too-early'],
      ['pressed-too-cold', 'culture-too-fast'],
    ],
    grilling: [
      ['pressed-too-little', 'salted-too-early'],
      ['pressed-too-cold', 'culture-too-fast'],
    ],
    quick: [
      ['stretched-too-cold', 'pH-too-high-at-stretch'],
      ['milk-overheated', 'pH-too-low-at-stretch'],
    ],
    cultured: [
      ['stretched-too-cold', 'pH-too-high-at-stretch'],
      ['milk-overheated', 'pH-too-low-at-stretch'],
    ],
  },
  'too-soft': {
    lactic: [
      ['drained-too-short', 'judged-too-early'],
      ['culture-weak', 'soured-too-short', 'room-cold'],
      ['salt-over'],
    ],
    quick: [
      ['drained-too-short'],
      ['cut-too-large', 'cooked-too-short', 'judged-too-early'],
      ['pH-too-low-at-stretch'],
    ],
    cultured: [
      ['drained-too-short'],
      ['cut-too-large', 'cooked-too-short', 'judged-too-early'],
      ['pH-too-low-at-stretch'],
    ],
    pressed: [
      ['pressed-too-little', 'cooked-too-short'],
      ['cut-too-large', 'cut-too-late', 'culture-weak'],
    ],
    grilling: [
      ['pressed-too-little', 'cooked-too-short'],
      ['cut-too-large', 'cut-too-late', 'culture-weak'],
    ],
    squeaky: [
      ['pressed-too-little', 'cooked-too-short'],
      ['cut-too-large', 'cut-too-late', 'culture-weak'],
    ],
    acid: [['drained-too-short'], ['acid-short', 'cooked-too-short']],
    cottage: [['drained-too-short'], ['acid-short', 'cooked-too-short']],
  },
  'too-dry': {
    all: [
      ['cooked-too-hot', 'drained-too-long'],
      ['cooked-too-long', 'cut-too-fine', 'squeezed'],
      ['pressed-too-hard', 'stirred-too-hard', 'set-too-hot', 'milk-lean'],
    ],
    acid: [['rinsed-too-much']],
    cottage: [['rinsed-too-much']],
    grilling: [['brined-too-long']],
    cultured: [['brined-too-long']],
  },
  weeps: {
    lactic: [
      ['drained-too-short', 'room-warm'],
      ['soured-too-long', 'set-disturbed', 'surface-oversalted'],
    ],
    quick: [
      ['drained-too-short', 'cooked-too-short'],
      ['pH-too-low-at-stretch', 'stretched-too-cold', 'cut-too-large'],
    ],
    cultured: [
      ['drained-too-short', 'cooked-too-short'],
      ['pH-too-low-at-stretch', 'stretched-too-cold', 'cut-too-large'],
    ],
    pressed: [
      ['cooked-too-fast', 'pressed-too-little'],
      ['judged-too-early', 'cooked-too-short'],
    ],
    squeaky: [
      ['cooked-too-fast', 'pressed-too-little'],
      ['judged-too-early', 'cooked-too-short'],
    ],
    grilling: [
      ['cooked-too-fast', 'pressed-too-little'],
      ['judged-too-early', 'cooked-too-short'],
    ],
    acid: [['drained-too-short']],
    cottage: [['drained-too-short']],
  },
  'will-not-stretch': {
    all: [
      ['pH-too-high-at-stretch', 'stretched-too-cold'],
      ['milk-overheated', 'pH-too-low-at-stretch'],
      [
        'acid-short',
        'acid-over',
        'culture-weak',
        'soured-too-short',
        'soured-too-long',
        'meter-off',
        'thermometer-off',
      ],
    ],
  },
  'tears-stretching': {
    all: [
      ['stretched-too-cold', 'pH-too-high-at-stretch'],
      ['overworked', 'milk-overheated'],
      ['cooked-too-hot', 'pH-too-low-at-stretch'],
    ],
  },
  'will-not-melt': {
    quick: [
      ['overworked', 'stretched-too-hot', 'squeezed'],
      ['set-too-hot', 'pH-too-high-at-stretch', 'milk-lean'],
      ['judged-too-early', 'milk-overheated'],
    ],
    cultured: [
      ['overworked', 'stretched-too-hot', 'squeezed'],
      ['set-too-hot', 'pH-too-high-at-stretch', 'milk-lean'],
      ['judged-too-early', 'milk-overheated'],
    ],
    pressed: [['judged-too-early', 'culture-weak'], ['cooked-too-hot']],
  },
  'no-squeak': {
    squeaky: [
      ['judged-too-late', 'soured-too-long'],
      ['cooked-too-short', 'culture-too-fast', 'milk-overheated'],
      ['turned-too-little', 'milk-homogenised'],
    ],
    grilling: [['poached-too-short'], ['soured-too-long']],
  },
  bland: {
    all: [
      ['salt-short'],
      ['salted-too-early', 'brined-too-short'],
      ['brine-too-weak', 'judged-too-early', 'rinsed-too-much', 'culture-weak'],
    ],
  },
  'too-salty': {
    all: [
      ['salt-over', 'brined-too-long'],
      ['surface-oversalted', 'judged-too-early'],
    ],
  },
  'too-sour': {
    all: [['soured-too-long'], ['culture-too-fast', 'room-warm'], ['drained-too-long']],
    cottage: [['rinsed-too-little']],
    acid: [['acid-over']],
  },
  'not-sour': {
    all: [['culture-weak', 'soured-too-short'], ['room-cold'], ['culture-killed', 'rinsed-too-much']],
  },
  'vinegar-taste': {
    acid: [['acid-over', 'rinsed-too-little']],
    lactic: [['contaminated']],
  },
  bitter: {
    all: [
      ['coagulant-over'],
      ['milk-old', 'contaminated', 'calcium-over'],
      ['soured-too-long', 'salt-short'],
    ],
  },
  'slimy-surface': {
    all: [['brine-unmatched'], ['brine-too-weak'], ['contaminated', 'room-warm']],
  },
  'cloudy-whey': {
    acid: [['acid-short'], ['set-too-cold'], ['stirred-too-hard']],
  },
  'creamy-whey': {
    all: [['cut-too-early'], ['stirred-too-hard'], ['cut-too-fine', 'cream-risen', 'cooked-too-fast']],
    quick: [['stretched-too-hot', 'overworked']],
    cultured: [['stretched-too-hot', 'overworked']],
  },
  'late-set': {
    all: [
      ['coagulant-weak', 'set-too-cold'],
      ['coagulant-short', 'milk-overheated', 'calcium-short'],
      ['dilution-chlorinated', 'milk-homogenised', 'thermometer-off'],
    ],
    quick: [['acid-short']],
    lactic: [['culture-weak', 'room-cold'], ['culture-killed']],
    cottage: [['culture-weak', 'room-cold'], ['culture-killed']],
  },
  'no-set': {
    all: [
      ['coagulant-killed', 'coagulant-weak', 'milk-overheated'],
      ['set-too-hot'],
      ['dilution-chlorinated', 'set-too-cold'],
    ],
    lactic: [['culture-killed'], ['room-cold']],
    cottage: [['culture-killed'], ['room-cold']],
    acid: [['acid-short'], ['set-too-cold']],
  },
  'weak-curd': {
    all: [
      ['coagulant-weak', 'calcium-short'],
      ['cut-too-early', 'milk-homogenised', 'milk-overheated'],
      ['coagulant-short', 'set-too-cold', 'set-disturbed', 'lipase-over', 'acid-into-warm-milk', 'milk-lean'],
    ],
  },
  'low-yield': {
    all: [
      ['cut-too-early', 'milk-lean'],
      ['cooked-too-hot', 'stirred-too-hard', 'drained-too-long', 'stretched-too-hot'],
      ['overworked', 'squeezed', 'cooked-too-long', 'coagulant-weak', 'milk-miscounted'],
    ],
    acid: [['acid-short'], ['set-too-cold']],
  },
  'high-yield': {
    all: [
      ['drained-too-short'],
      ['pressed-too-little', 'cooked-too-short', 'cut-too-large'],
      ['milk-miscounted'],
    ],
  },
  cracked: {
    cultured: [['dried-too-fast', 'seam-open'], ['pH-too-low-at-stretch'], ['brined-too-long']],
    pressed: [
      ['salted-too-early', 'pressed-too-cold'],
      ['dried-too-fast', 'soured-too-long'],
    ],
    grilling: [
      ['salted-too-early', 'pressed-too-cold'],
      ['dried-too-fast', 'soured-too-long'],
    ],
  },
  gassy: {
    all: [['contaminated'], ['culture-weak', 'room-warm'], ['milk-old']],
  },
  'off-smell': {
    all: [['contaminated', 'milk-old'], ['room-warm'], ['lipase-over']],
  },
  'did-not-float': {
    all: [['poached-too-short'], ['pressed-too-hard', 'thermometer-off']],
  },
  'fell-in-pieces-poaching': {
    all: [
      ['soured-too-long', 'pressed-too-little'],
      ['milk-old', 'poached-too-hot', 'culture-too-fast'],
      ['cut-too-early'],
    ],
  },
  'curdled-early': {
    all: [['acid-into-warm-milk', 'milk-old']],
  },
  'melts-away': {
    all: [['pH-too-low-at-stretch'], ['acid-over', 'soured-too-long']],
  },
  clumped: {
    all: [['stirred-too-little'], ['cooked-too-fast']],
  },
  'open-texture': {
    all: [['salted-too-early', 'pressed-too-cold', 'pressed-too-little']],
  },
  'melts-in-pan': {
    all: [['poached-too-short'], ['soured-too-long']],
  },
  'burnt-taste': {
    all: [['milk-caught']],
  },
  mouldy: {
    all: [
      ['contaminated', 'salt-short'],
      ['room-warm', 'dried-too-fast'],
    ],
  },
};

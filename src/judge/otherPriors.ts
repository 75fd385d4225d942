import type { Priors } from './tiers';

/** What whey, melt, taste, set, yield and skin may come from. Common practice. */
export const OTHER_PRIORS = {
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
} as const satisfies Priors;

import type { Priors } from './tiers';

/** What the bite and the body of a cheese may come from. Common practice. */
export const CURD_PRIORS = {
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
} as const satisfies Priors;

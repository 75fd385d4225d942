import type { MistakeId } from '../../makes/mistakes';
import type { LearnedQuantity } from '../quantities';
import { acidNeed } from './acid';
import { coagulantStrength } from './coagulant';
import { culturePace } from './culture';
import { drainPace } from './drain';
import type { Evidence } from './evidence';
import { power } from './power';
import { yieldOf } from './yield';

/** How each quantity is read from a make. */
export const EVIDENCE: Readonly<Record<LearnedQuantity, Evidence>> = {
  'acid-need': acidNeed,
  'coagulant-strength': coagulantStrength,
  'culture-pace': culturePace,
  power,
  'drain-pace': drainPace,
  yield: yieldOf,
};

/** Which mistakes spoil which evidence: what they explain is not learned from. Common practice. */
export const SPOILS: Readonly<Record<LearnedQuantity, readonly MistakeId[]>> = {
  'acid-need': [
    'milk-off',
    'half-milk',
    'acid-cool-milk',
    'acid-too-much',
    'acid-undiluted',
    'warm-acid',
    'out-of-order',
  ],
  'coagulant-strength': [
    'half-milk',
    'coag-little',
    'coag-double',
    'coag-early-water',
    'coag-cold',
    'no-calcium',
    'calcium-double',
    'knocked',
    'overshot-set',
    'cooled-set',
    'out-of-order',
  ],
  'culture-pace': [
    'culture-hot',
    'culture-weak',
    'culture-double',
    'culture-forgotten',
    'power-gone',
    'half-milk',
    'out-of-order',
  ],
  power: ['half-milk', 'boiled-over', 'power-gone', 'scorched'],
  'drain-pace': ['spilled', 'overdrained', 'cloth-stuck', 'salted-early', 'half-milk'],
  yield: [
    'half-milk',
    'boiled-over',
    'spilled',
    'milk-off',
    'salted-early',
    'salt-double',
    'froze',
    'pests',
    'fell-apart',
  ],
};

/** What can be learned of a make that was given up: only what was measured before. And of one entered afterwards: its weight. */
export const BEFORE_THE_END: readonly LearnedQuantity[] = [
  'acid-need',
  'coagulant-strength',
  'culture-pace',
  'power',
];
export const BY_WEIGHT: readonly LearnedQuantity[] = ['yield'];

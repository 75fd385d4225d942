import type { MistakeId } from '../../makes/mistakes';
import type { Cause } from '../cause';
import type { CauseId } from '../ids';
import { ACID } from './acid';
import { AROUND } from './around';
import { COAGULANT } from './coagulant';
import { COOK } from './cook';
import { CULTURE } from './culture';
import { CUT } from './cut';
import { MILK } from './milk';
import { POACH } from './poach';
import { PRESS } from './press';
import { SALT } from './salt';
import { SET } from './set';
import { STRETCH } from './stretch';
import { STRETCH_PH } from './stretchPH';
import { WHEY } from './whey';

/** All that nobody thought of: told as the rest. */
export const MODEL_OFF = 'model-off';

/** Everything that may have gone wrong, but for what nobody thought of. Source of all of it: common practice. */
export const CAUSES = {
  ...SET,
  ...COAGULANT,
  ...MILK,
  ...CUT,
  ...COOK,
  ...STRETCH,
  ...STRETCH_PH,
  ...POACH,
  ...ACID,
  ...CULTURE,
  ...WHEY,
  ...PRESS,
  ...SALT,
  ...AROUND,
} as Readonly<Record<Exclude<CauseId, typeof MODEL_OFF>, Cause>>;

/** What a mistake noted at the pot is called when one looks back. */
export const OF_MISTAKE: Readonly<Partial<Record<MistakeId, readonly CauseId[]>>> = {
  'milk-off': ['milk-old'],
  'half-milk': ['milk-miscounted'],
  'boiled-over': ['milk-miscounted'],
  scorched: ['milk-caught'],
  'culture-hot': ['culture-killed'],
  'culture-weak': ['culture-weak'],
  'culture-double': ['culture-too-fast'],
  'culture-forgotten': ['culture-killed'],
  'warm-acid': ['acid-into-warm-milk'],
  'acid-cool-milk': ['set-too-cold'],
  'acid-too-much': ['acid-over'],
  'no-calcium': ['calcium-short'],
  'calcium-double': ['calcium-over'],
  'coag-little': ['coagulant-short'],
  'coag-double': ['coagulant-over'],
  'coag-early-water': ['dilution-chlorinated'],
  'coag-cold': ['set-too-cold'],
  'overshot-set': ['set-too-hot'],
  'cooled-set': ['set-too-cold'],
  knocked: ['set-disturbed'],
  'cut-early': ['cut-too-early'],
  'cut-late': ['cut-too-late'],
  'cut-fine': ['cut-too-fine'],
  'stirred-soon': ['stirred-too-hard'],
  shattered: ['stirred-too-hard', 'cut-too-fine'],
  'overshot-cook': ['cooked-too-hot'],
  'cooled-cook': ['cooked-too-short'],
  'heated-fast': ['cooked-too-fast'],
  clumped: ['stirred-too-little'],
  'washed-long': ['rinsed-too-much'],
  'forgot-turn': ['turned-too-little', 'pressed-too-little'],
  'slabs-cold': ['pressed-too-cold'],
  'over-sour': ['soured-too-long', 'pH-too-low-at-stretch'],
  overdrained: ['drained-too-long'],
  'load-rim': ['pressed-too-little'],
  'pressed-hard': ['pressed-too-hard'],
  'stretch-hot': ['stretched-too-hot'],
  'stretch-cold': ['stretched-too-cold'],
  'over-worked': ['overworked'],
  'poach-boiled': ['poached-too-hot'],
  'salted-early': ['salted-too-early'],
  'salt-double': ['salt-over'],
  'salt-forgotten': ['salt-short'],
  'brined-long': ['brined-too-long'],
  'brine-slimy': ['brine-unmatched'],
  'left-warm': ['room-warm', 'contaminated', 'soured-too-long'],
  'power-gone': ['room-warm', 'contaminated'],
  pests: ['contaminated'],
};

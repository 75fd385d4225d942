import type { Clue } from './cause';
import type { Asked } from './causes/around';
import type { CauseId } from './ids';
import { weighed } from './log';

/** What a cheese that weighs too little has lost. */
type Loss = 'water' | 'fat and fines' | 'nothing that was in the milk';

/** Causes by what they take out of the cheese. Common practice. */
const TAKES: Readonly<Partial<Record<CauseId, Loss>>> = {
  'cooked-too-hot': 'water',
  'cooked-too-long': 'water',
  'drained-too-long': 'water',
  'pressed-too-hard': 'water',
  squeezed: 'water',
  'cut-too-early': 'fat and fines',
  'cut-too-fine': 'fat and fines',
  'stirred-too-hard': 'fat and fines',
  'stretched-too-hot': 'fat and fines',
  overworked: 'fat and fines',
  'milk-lean': 'nothing that was in the milk',
  'milk-miscounted': 'nothing that was in the milk',
};
const LOST_TEXT: Readonly<Record<Loss, string>> = {
  water: 'It is light and dry, and its whey was clear: it lost water.',
  'fat and fines': 'It is light, and its whey was creamy: it lost fat and fines.',
  'nothing that was in the milk': 'It is light and not dry, and its whey was clear: less was in the milk.',
};
/** Weighing less than this of the plan is light. */
const LIGHT = 0.94;
/** How much the look of the whey and the feel of the cheese say. Judgement. */
const TIMES = 2;

/**
 * What the whey and the cheese say of a light cheese: dry beside clear whey it has lost water, beside creamy whey fat and fines; clear
 * and not dry, there was less in the milk. Null where nobody looked, or where it is not light.
 */
export function lostClue(log: Asked, cause: CauseId): Clue | null {
  const takes = TAKES[cause];
  if (!takes || !log.found.includes('low-yield')) return null;
  const weight = weighed(log);
  if (weight && weight.share > LIGHT) return null;
  const look = log.state.looks.at(-1);
  const creamy = log.found.includes('creamy-whey') || look?.look === 'creamy';
  if (!creamy && look?.look !== 'clear') return null;
  const dry = ['too-dry', 'tough'].some((one) => log.found.includes(one as never));
  const lost: Loss = creamy ? 'fat and fines' : dry ? 'water' : 'nothing that was in the milk';
  if (takes !== lost) return null;
  return {
    times: TIMES,
    text: LOST_TEXT[lost],
    event: look?.seq ?? weight?.event ?? null,
  };
}

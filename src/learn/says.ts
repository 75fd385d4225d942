import { capital } from '../core/units/capital';
import type { LearnedQuantity } from '../plan/belief';
import type { Posterior } from './fit';

/** How a quirk is said: by whether it is more or less. */
const WORDS: Readonly<Record<LearnedQuantity, readonly [more: string, less: string]>> = {
  'acid-need': ['takes {} more acid', 'takes {} less acid'],
  'coagulant-strength': ['is {} stronger than its label', 'is {} weaker than its label'],
  'culture-pace': ['sours {} faster', 'sours {} slower'],
  power: ['warms {} faster', 'warms {} slower'],
  'drain-pace': ['drains {} faster here', 'drains {} slower here'],
  yield: ['gives {} more here', 'gives {} less here'],
};
const NUMBERS = [
  'no',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
];
const countText = (n: number) => NUMBERS[n] ?? String(n);

/**
 * A quirk in one plain sentence.
 *
 * @example saysOf({ quantity: 'acid-need', name: 'Sallow Reach cows', mean: Math.log(1.11), makes: 6, … }) // 'Sallow Reach cows takes 11 % more acid: six makes.'
 */
export function saysOf({
  quantity,
  name,
  mean,
  makes,
}: Posterior & { quantity: LearnedQuantity; name: string }): string {
  const off = Math.exp(mean) - 1;
  const [more, less] = WORDS[quantity];
  const percent = `${Math.round(100 * Math.abs(off))}\u00a0%`;
  return `${capital(name)} ${(off > 0 ? more : less).replace('{}', percent)}: ${countText(makes)} ${makes === 1 ? 'make' : 'makes'}.`;
}

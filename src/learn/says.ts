import { expOf } from '../core/numeric/elementary';
import type { LearnedQuantity } from '../plan/belief';
import type { Posterior } from './fit';

/** How a quirk is said: of whom, and by whether it is more or less. A name may be of many, so that no verb hangs on it. */
const WORDS: Readonly<
  Record<LearnedQuantity, readonly [of: (name: string) => string, more: string, less: string]>
> = {
  'acid-need': [(name) => `Milk of ${name}`, 'takes {} more acid', 'takes {} less acid'],
  'coagulant-strength': [
    (name) => `The coagulant “${name}”`,
    'is {} stronger than its label',
    'is {} weaker than its label',
  ],
  'culture-pace': [(name) => `The culture “${name}”`, 'sours {} faster', 'sours {} slower'],
  power: [(name) => `Milk in the pot “${name}”`, 'warms {} faster', 'warms {} slower'],
  'drain-pace': [(name) => `“${name}”`, 'drains {} faster here', 'drains {} slower here'],
  yield: [(name) => `“${name}”`, 'gives {} more here', 'gives {} less here'],
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
 * @example saysOf({ quantity: 'acid-need', name: 'Sallow Reach cows', mean: lnOf(1.11), makes: 6, … }) // 'Milk of Sallow Reach cows takes 11 % more acid: six makes.'
 */
export function saysOf({
  quantity,
  name,
  mean,
  makes,
}: Posterior & { quantity: LearnedQuantity; name: string }): string {
  const off = expOf(mean) - 1;
  const [of, more, less] = WORDS[quantity];
  const percent = Math.round(100 * Math.abs(off));
  const is = percent === 0 ? 'is as reckoned' : (off > 0 ? more : less).replace('{}', `${percent}\u00a0%`);
  return `${of(name)} ${is}: ${countText(makes)} ${makes === 1 ? 'make' : 'makes'}.`;
}

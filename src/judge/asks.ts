import type { CauseId } from './ids';

/** What parts two causes that look alike. Common practice. */
const PAIRS: readonly (readonly [a: CauseId, b: CauseId, ask: string])[] = [
  ['stretched-too-hot', 'overworked', 'How hot was the water, and how many minutes was one piece worked?'],
  [
    'pH-too-high-at-stretch',
    'stretched-too-cold',
    'Does a piece stretch after one minute in water of {75°C}? Then it was cold.',
  ],
  [
    'pH-too-high-at-stretch',
    'milk-overheated',
    'Was it at the right pH and tore all the same? Then it was the milk.',
  ],
  [
    'stretched-too-cold',
    'milk-overheated',
    'Did a piece that was warm through tear too? Then it was the milk.',
  ],
  [
    'coagulant-weak',
    'milk-overheated',
    'Did the bowl stop in time, and the curd stay soft? Then it was the milk.',
  ],
  ['coagulant-weak', 'set-too-cold', 'How warm was the milk as the bowl stopped turning?'],
  ['coagulant-weak', 'coagulant-short', 'How old is the bottle, and how was the dose measured?'],
  ['culture-weak', 'room-cold', 'What was the pH after 8 h, and how warm was it there?'],
  ['cut-too-early', 'stirred-too-hard', 'Was the whey clear before the first stir?'],
  ['milk-lean', 'cut-too-early', 'Was the whey creamy, with fat on it? Then it was lost at the knife.'],
  ['milk-lean', 'stirred-too-hard', 'Was the whey creamy, with fat on it? Then it was lost in the stirring.'],
  ['salt-short', 'judged-too-early', 'Does its middle taste bland tomorrow too?'],
  ['soured-too-long', 'rinsed-too-little', 'What was the pH as it was cut?'],
  ['contaminated', 'culture-weak', 'Was there gas on the first day?'],
  ['drained-too-short', 'judged-too-early', 'What does it weigh now, against the plan?'],
];

/** What would show whether it was so, where nothing in the log says. Common practice. */
const WOULD_TELL: Readonly<Partial<Record<CauseId, string>>> = {
  'stretched-too-hot': 'How hot was the water, and the curd as it was pulled?',
  'stretched-too-cold': 'How hot was a piece at its core?',
  overworked: 'How many minutes was one piece worked?',
  squeezed: 'Was the whey pressed out by hand?',
  'set-too-hot': 'How warm was the milk while it set?',
  'set-too-cold': 'How warm was the milk while it set?',
  'cooked-too-hot': 'What was the hottest reading in the cook?',
  'cooked-too-fast': 'In how many minutes was it heated?',
  'cooked-too-short': 'Did it reach its heat, and for how long?',
  'cooked-too-long': 'How long did it stand at its heat?',
  'pH-too-high-at-stretch': 'What was its pH as it was stretched?',
  'pH-too-low-at-stretch': 'What was its pH as it was stretched?',
  'coagulant-weak': 'After how many minutes did the bowl stop turning?',
  'coagulant-short': 'How much coagulant went in, and how was it measured?',
  'coagulant-over': 'After how many minutes did the bowl stop turning?',
  'cut-too-early': 'What did the last test before the knife say?',
  'cut-too-late': 'How many times the flocculation was it cut at?',
  'stirred-too-hard': 'Was the whey clear after the first stir?',
  'culture-weak': 'What was the pH after half of its time?',
  'culture-too-fast': 'What was the pH after half of its time?',
  'soured-too-long': 'What was its pH at the end?',
  'soured-too-short': 'What was its pH at the end?',
  'acid-short': 'Was the last whey clear?',
  'acid-over': 'How much acid went in, in all?',
  'drained-too-short': 'What did it weigh as it was done?',
  'drained-too-long': 'What did it weigh as it was done?',
  'pressed-too-little': 'How long was it pressed, and how often turned?',
  'milk-lean': 'What fat and protein has this milk?',
  'milk-old': 'What was the pH of the milk before anything went in?',
  'salt-short': 'What did it weigh when it was salted, and how much went in?',
  'room-warm': 'How warm was it where it stood?',
  'room-cold': 'How warm was it where it stood?',
  'judged-too-early': 'How is it tomorrow?',
  'thermometer-off': 'What does the thermometer show in melting ice?',
  contaminated: 'Were the cloth and the tools boiled?',
};

/** The question that would tell the two likeliest apart; null where nothing would. */
export function askBetween(first: CauseId, second: CauseId): { text: string; tells: CauseId[] } | null {
  const pair = PAIRS.find(([a, b]) => (a === first && b === second) || (a === second && b === first));
  if (pair) return { text: pair[2], tells: [first, second] };
  const text = WOULD_TELL[first] ?? WOULD_TELL[second];
  return text ? { text, tells: [WOULD_TELL[first] ? first : second] } : null;
}

/** Where nobody has said when it was tasted, and some of what is told hangs on it: that is asked. */
export function askAge(told: readonly CauseId[]): { text: string; tells: CauseId[] }[] {
  const tells = told.filter((id) => id === 'judged-too-early' || id === 'judged-too-late');
  return tells.length > 0 ? [{ text: 'How old was it when it was tasted?', tells }] : [];
}

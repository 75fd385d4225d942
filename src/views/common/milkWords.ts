import type { Treatment } from '../../core/milk/species';

/** What was done to a milk, in a maker's words. */
export const TREATMENT_WORDS: Record<Treatment, string> = {
  raw: 'raw',
  pasteurised: 'pasteurised',
  'high-pasteurised': 'high-pasteurised',
  boiled: 'boiled at home',
  'ultra-heat': 'ultra-heated (long life)',
};

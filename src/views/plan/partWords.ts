/** What a coagulant is, as it is chosen. */
export const COAGULANT_FORMS = { liquid: 'liquid', tablet: 'tablets', powder: 'powder' } as const;

/** What a culture is, as it is chosen. */
export const CULTURE_FORMS = {
  'freeze-dried': 'freeze-dried',
  liquid: 'a live liquid',
  saved: 'saved from a batch',
} as const;

/** Words by what they stand for, as choices. */
export const choicesOf = <Value extends string>(words: Readonly<Record<Value, string>>) =>
  (Object.entries(words) as [Value, string][]).map(([value, text]) => ({ value, text }));

/** One make of each family, by title: driven through the pretend pot; the others are walked by their buttons alone. */
export const FAMILIES = [
  'Paneer',
  'Goat’s lactic log',
  'Quick stretched ball',
  'Squeaky cheddared curds',
  'Fresh pressed white',
] as const;

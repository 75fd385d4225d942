/** One make of each family, by title: driven through the pretend pot. */
export const FAMILIES = [
  'Paneer',
  'Goat’s lactic log',
  'Quick stretched ball',
  'Squeaky cheddared curds',
  'Fresh pressed white',
] as const;

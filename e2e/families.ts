import { METHODS } from '../src/makes';

/** One make of each family, by title: driven through the pretend pot. */
export const FAMILIES = [
  'Paneer',
  'Goat’s lactic log',
  'Quick stretched ball',
  'Squeaky cheddared curds',
  'Fresh pressed white',
] as const;

/** Every family there is, and what is made in it, so that no test has them all to go through. */
export const EVERY_FAMILY = [...new Set(METHODS.map(({ family }) => family))].map((family) => ({
  family,
  makes: METHODS.filter((one) => one.family === family),
}));

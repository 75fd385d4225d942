/** Salt for a weighed cheese, g: `percent` of its mass. */
export const saltGrams = (cheeseKg: number, percent: number): number => cheeseKg * 1000 * (percent / 100);
/** Salt as a mass fraction of the salted cheese, from a percentage of the unsalted one. */
export const saltShareOf = (percent: number): number => percent / (100 + percent);

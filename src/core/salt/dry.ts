/** Salt for a weighed cheese, g: `percent` of its mass. */
export const saltGrams = (cheeseKg: number, percent: number): number => cheeseKg * 1000 * (percent / 100);

/**
 * Salt lost with the whey when curd was salted before it had drained, g, and the top-up that brings the cheese to
 * `percent` of its mass. `curd` as it was salted; `cheeseKg` as it came out. Salt spreads through curd and whey alike, so what runs off takes
 * its share of the water with it. Common practice.
 *
 * @example saltedTooEarly(20, { kg: 2, moisturePct: 80 }, 1.2, 1.5).lostGrams // 10
 */
export function saltedTooEarly(
  saltedGrams: number,
  curd: { kg: number; moisturePct: number },
  cheeseKg: number,
  percent: number,
): { lostGrams: number; topUpGrams: number } {
  const waterKg = (curd.kg * curd.moisturePct) / 100;
  const ranOffKg = Math.min(waterKg, Math.max(0, curd.kg - cheeseKg));
  const lostGrams = saltedGrams * (ranOffKg / waterKg);
  return { lostGrams, topUpGrams: Math.max(0, saltGrams(cheeseKg, percent) - (saltedGrams - lostGrams)) };
}

/** Least that a kitchen measures: a twentieth of a gram, a drop. Common practice. */
const LEAST = 0.05;
/** Part of the stock that is easily measured, mL. */
const LEAST_PART_ML = 1;

/** A measure stirred into so many litres, weaker and weaker. */
const STOCKS = [
  { measure: 1, litres: 1 },
  { measure: 1, litres: 10 },
  { measure: 0.1, litres: 10 },
] as const;

/**
 * How to give an amount too small for a kitchen's scale or spoon: a measured gram (or millilitre) stirred into water, and
 * a part of that; '' where the amount can be measured as it is. 0.003 g is "3 mL of 1 g stirred into 1 L". Common
 * practice of diluting.
 */
export function stockFor(amount: number, unit: 'g' | 'mL'): string {
  if (!(amount > 0) || amount >= LEAST) return '';
  const partMl = ({ measure, litres }: (typeof STOCKS)[number]) => (amount / measure) * litres * 1000;
  const stock = STOCKS.find((one) => partMl(one) >= LEAST_PART_ML) ?? STOCKS[2];
  const ml = partMl(stock);
  return `${Number(ml.toPrecision(2))} mL of ${stock.measure} ${unit} stirred into ${stock.litres} L of water`;
}

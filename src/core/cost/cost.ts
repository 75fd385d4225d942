/** Milk cost per kilogram of cheese, in the currency of the price. */
export const costPerKg = (litres: number, pricePerLitre: number, kg: number): number =>
  (litres * pricePerLitre) / kg;

/** Milk cost per kilogram of cheese, in the currency of the price. */
export const costPerKg = (litres: number, pricePerLitre: number, kg: number): number =>
  (litres * pricePerLitre) / kg;

/** One size of batch as money and hands see it. */
export interface BatchCost {
  kg: number;
  /** Milk and everything bought for it. */
  ingredients: number;
  handsOnMin: number;
}

export interface Worth {
  ingredientsPerKg: number;
  handsMinPerKg: number;
  /** With the hours of hands paid at a wage. */
  perKgWithHands: number;
  /** What is left of a shop's price per kilogram for an hour of hands; null without one. */
  earnedPerHour: number | null;
}

/** What a kilogram costs in goods and in hands, at `wagePerHour`, against a shop's price for the same. */
export function worthOf(batch: BatchCost, wagePerHour: number, shopPerKg?: number): Worth {
  const hours = batch.handsOnMin / 60;
  return {
    ingredientsPerKg: batch.ingredients / batch.kg,
    handsMinPerKg: batch.handsOnMin / batch.kg,
    perKgWithHands: (batch.ingredients + hours * wagePerHour) / batch.kg,
    earnedPerHour:
      shopPerKg === undefined || hours === 0 ? null : (shopPerKg * batch.kg - batch.ingredients) / hours,
  };
}

/** Below these shares of the acid a milk needs, its whey is still milky, still cloudy. Common practice. */
const CLEARS = { milkyBelow: 0.93, cloudyBelow: 0.995 } as const;

/** What the whey looks like with so much of the acid in that this milk needs, g of product of both. */
export const wheyWith = (givenGrams: number, neededGrams: number): 'milky' | 'cloudy' | 'clear' =>
  givenGrams < CLEARS.milkyBelow * neededGrams
    ? 'milky'
    : givenGrams < CLEARS.cloudyBelow * neededGrams
      ? 'cloudy'
      : 'clear';

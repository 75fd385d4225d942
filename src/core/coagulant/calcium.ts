/** Calcium chloride added, as its dihydrate, g per litre of milk: 0.02 %, the most to add. From memory. */
export const CALCIUM_G_PER_L = 0.2;
/** What that brings, mmol/L: 147.01 g/mol (definition). */
export const CALCIUM_DIHYDRATE_MMOL_PER_L = (CALCIUM_G_PER_L / 147.01) * 1000;
/** The same for any amount of the dihydrate, mmol/L. */
export const calciumMmolPerL = (gramsPerL: number): number => (gramsPerL / 147.01) * 1000;
/** Bought calcium liquid, g of the dihydrate in a mL: about a third by weight. Common practice, from memory. */
export const CALCIUM_LIQUID_G_PER_ML = 0.33;
/** A level teaspoon of the dihydrate, g. From memory, ±15 %. */
export const CALCIUM_G_PER_TSP = 4;

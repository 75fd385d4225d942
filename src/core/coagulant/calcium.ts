/** Calcium chloride added, as its dihydrate, g per litre of milk: 0.02 %, the most to add. From memory. */
export const CALCIUM_G_PER_L = 0.2;
/** What that brings, mmol/L: 147.01 g/mol (definition). */
export const CALCIUM_DIHYDRATE_MMOL_PER_L = (CALCIUM_G_PER_L / 147.01) * 1000;

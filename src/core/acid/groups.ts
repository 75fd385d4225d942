/**
 * The groups in milk that take up protons between pH 7 and 4, with apparent pKa at an ionic strength of about
 * 0.08 mol/L. Source: milk chemistry literature, from memory, rounded; the colloidal phosphate's course is fitted
 * so that acid needs known from practice come out.
 */

/** mmol of groups per gram of casein, by pKa. */
export const CASEIN_GROUPS = [
  { name: 'casein carboxyl, stronger', mmolPerG: 1.08 * 0.2, pKa: 4.0 },
  { name: 'casein carboxyl', mmolPerG: 1.08 * 0.8, pKa: 4.6 },
  { name: 'casein histidine', mmolPerG: 0.19, pKa: 6.4 },
  { name: 'casein phosphoserine, second proton', mmolPerG: 0.28, pKa: 6.0 },
] as const;

/** mmol of groups per gram of whey protein, by pKa. */
export const WHEY_PROTEIN_GROUPS = [
  { name: 'whey-protein carboxyl', mmolPerG: 1.3, pKa: 4.5 },
  { name: 'whey-protein histidine', mmolPerG: 0.17, pKa: 6.5 },
] as const;

/** mmol per litre of milk of groups with one pKa that matters. */
export const SERUM_GROUPS = [
  { name: 'organic phosphate', mmolPerL: 2.5, pKa: 6.1 },
  { name: 'carbonate', mmolPerL: 2.0, pKa: 6.1 },
] as const;

export const PHOSPHATE_PKA = [2.0, 6.72, 12.0] as const;
export const SERUM_PHOSPHATE_MMOL_PER_L = 11.5;

export const CITRATE_PKA = [3.03, 4.46, 5.6] as const;
export const CITRATE_MMOL_PER_L = 9.2;

/** Colloidal calcium phosphate rides on the casein and dissolves as the pH falls. */
export interface Colloidal {
  /** At `COLLOIDAL_AT_CASEIN_G_PER_L`. */
  mmolPerL: number;
  /** Protons each phosphate holds while colloidal. */
  heldProtons: number;
  /** Fraction still colloidal: 1 / (1 + exp(−(pH − midPH) / widthPH)), taken as 1 at the milk's own pH. */
  midPH: number;
  widthPH: number;
}
export const COLLOIDAL_AT_CASEIN_G_PER_L = 26;
/** Fitted to the acid a milk is known to take, with its strongest buffering near pH 5.1 (Lucey 1993): `npm run fit`. */
export const COLLOIDAL_PHOSPHATE: Colloidal = {
  mmolPerL: 9.5,
  heldProtons: 0.35,
  midPH: 5.25,
  widthPH: 0.23,
};

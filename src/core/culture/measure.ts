/** A culture as a brief names it. */
export interface CultureProduct {
  form: 'freeze-dried' | 'liquid' | 'saved';
  labelLitresPerGram?: number | undefined;
  labelLitresPerSachet?: number | undefined;
  percent?: number | undefined;
}

/** Milk that a gram of freeze-dried culture is sold for where its label does not say, L. Common practice, from memory. */
const USUAL_LITRES_PER_GRAM = 30;
/** Litres a gram serves where only a sachet's label, or none, says: a sachet is about half a gram. From memory. */
export const usualLitresPerGram = (litresPerSachet?: number): number =>
  litresPerSachet === undefined ? USUAL_LITRES_PER_GRAM : litresPerSachet * 2;
/** A level eighth of a teaspoon of freeze-dried culture, g. From memory, ±25 %. */
const EIGHTH_TSP_G = 0.3;
/** Density of a liquid starter, kg/L. From memory. */
export const STARTER_KG_PER_L = 1.03;

const EIGHTHS = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'] as const;
const mixed = (eighths: number) => {
  const whole = Math.floor(eighths / 8);
  return `${whole > 0 ? whole : ''}${EIGHTHS[eighths % 8] ?? ''}`;
};

export interface CultureAmount {
  name: string;
  grams: number;
  millilitres: number | null;
  /** In sachets or eighths of a teaspoon, as it is sold; '' where it is weighed or poured. */
  text: string;
  /** Whether it is counted in sachets. */
  sachets: boolean;
}

/**
 * How much of a culture `litres` of milk want: by its label for a freeze-dried one (`labelShare` times the rate), by %
 * for a liquid or a saved one (`usualPercent` unless it says).
 */
export function cultureAmount(
  product: CultureProduct,
  litres: number,
  labelShare: number,
  usualPercent: number,
): CultureAmount {
  if (product.form !== 'freeze-dried') {
    const millilitres = litres * 10 * (product.percent ?? usualPercent);
    return {
      name: product.form === 'liquid' ? 'liquid starter' : 'spoon of an earlier batch',
      grams: millilitres * STARTER_KG_PER_L,
      millilitres,
      text: '',
      sachets: false,
    };
  }
  const { labelLitresPerGram, labelLitresPerSachet } = product;
  // A part of a sachet is never weighed: its grams only count what is left of it.
  const grams = (litres / (labelLitresPerGram ?? USUAL_LITRES_PER_GRAM)) * labelShare;
  if (labelLitresPerSachet !== undefined && labelLitresPerGram === undefined) {
    const eighths = Math.max(1, Math.round((litres / labelLitresPerSachet) * labelShare * 8));
    return {
      name: 'freeze-dried culture',
      grams,
      millilitres: null,
      text: `${mixed(eighths)} ${eighths > 8 ? 'sachets' : 'sachet'}`,
      sachets: true,
    };
  }
  const eighths = Math.round(grams / EIGHTH_TSP_G);
  return {
    name: 'freeze-dried culture',
    grams,
    millilitres: null,
    text: eighths === 0 ? 'a pinch' : eighths > 48 ? '' : `${mixed(eighths)} tsp`,
    sachets: false,
  };
}

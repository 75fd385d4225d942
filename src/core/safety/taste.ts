import type { CurdStyleName } from '../curd/styles';

/** Hours after a make at which tasting it again says something new. Source: common practice. */
const AGAIN_HOURS: Partial<Record<CurdStyleName, readonly number[]>> = {
  squeaky: [12, 36],
  'goat-lactic': [12, 48],
  'cream-cheese': [24],
  skyr: [24],
  grilling: [24, 72],
  'daily-salted': [48],
  'fresh-pressed': [24, 168, 336],
  pear: [168],
  'low-moisture': [24, 168],
};

/** When to taste a cheese again, h after it was made: a log firms overnight, curds are best at half a day. */
export const tasteAgainHours = (style: CurdStyleName): readonly number[] => AGAIN_HOURS[style] ?? [24];

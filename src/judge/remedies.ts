/** What can be done with a cheese as it is, whichever cause or finding asks for it. Common practice. */
export const SALT_IT =
  'Weigh it and salt it dry with 1 %, or lay it in brine of 12 % for a quarter of its time.';
export const SOAK_IT = 'Lay it in cool water for 1 to 4 h, and taste.';
export const HANG_IT_ON = 'Hang it on and weigh it each hour; then chill it for 12 h.';
export const WORK_WHEY_IN = 'Work in 2 % of its weight of whey or cream for each point of moisture it lacks.';
export const FRESH_BRINE = 'Into a fresh brine with 0.1 % of calcium chloride.';
export const SWEETEN_IT = 'Rinse it once with cool water, and work in a little cream.';
/** Stretched and pressed curd softens as it stands. */
export const softened = (days: number): string => `Keep it cold and sealed for ${days} days, then melt it.`;
/** What gasses or smells within a day is not tasted. */
export const DISCARD = 'Gas or an off smell within a day: discard it untasted.';

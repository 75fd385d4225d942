import type { CurdStyleName } from '../curd/styles';

/** What many do with a cheese, what is advised, and what decides between the two. */
export interface Habit {
  habit: string;
  advice: string;
  decides: string;
  /** Said of raw milk alone. */
  ofRaw?: true;
}

/** Habits riskier than the advice. Habits: common practice. Advice: guidance of food authorities, from memory. */
const HABITS: Partial<Record<CurdStyleName, Habit>> = {
  squeaky: {
    habit: 'Many leave fresh curds on the counter for a day, since the cold takes their squeak.',
    advice: 'Out of the fridge for two hours in all; ten seconds in a warm pan bring the squeak back.',
    decides: 'A culture that brought them to pH 5.6 in time, full salt, and a cool room.',
  },
  cottage: {
    habit: 'Some keep cottage cheese of raw milk for two weeks.',
    advice: 'Half as long as that of pasteurised milk: days, not weeks.',
    decides: 'The heat of its cook, a sour curd below pH 4.8, and a fridge at 4 °C or below.',
    ofRaw: true,
  },
  grilling: {
    habit: 'Some keep grilling cheese in its brine for sixty days and more.',
    advice: 'Thirty days in brine of ten in a hundred or more, in the cold; a week without.',
    decides: 'A poach hot to the core, the strength of the brine, and whether it was its own whey.',
  },
  'fresh-pressed': {
    habit: 'Some eat it from two weeks on, when it tastes of more.',
    advice: 'Within a week where nothing but a light salting guards it.',
    decides: 'Its pH below 5.3, the salt in it, and the brine it lies in.',
  },
};

/**
 * The habit that differs from the advice for a style of cheese; null where nobody knows of one, or where it is a habit with raw milk and this
 * is none.
 *
 * @example habitOf('cottage', false) // null
 */
export function habitOf(style: CurdStyleName, raw: boolean): Habit | null {
  const habit = HABITS[style];
  return habit && (raw || !habit.ofRaw) ? habit : null;
}

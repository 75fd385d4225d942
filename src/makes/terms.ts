import type { Told } from '../core/safety/told';

/** Words that kinds, makes and plans share. */
/** A stage kind by its name; the register says which there are. */
export type KindName = string;

/** What goes into a batch besides milk, by the ids of a plan's dose lines. */
export const DOSE_IDS = [
  'acid',
  'calcium',
  'coagulant',
  'culture',
  'salt',
  'cream',
  'lipase',
  'brine-salt',
] as const;
export type DoseId = (typeof DOSE_IDS)[number];

/** What a stage takes, and the courses it draws: [minutes from its start, value]. */
export interface Span {
  durationMin: number;
  handsOnMin: number;
  /** When somebody must be there, minutes from its start; only in the likely run, where they add up to `handsOnMin`. */
  hands?: readonly (readonly [fromMin: number, toMin: number])[];
  targetC: number | null;
  course: readonly (readonly [number, number])[];
  pHs?: [number, number][];
  /** What the likely run has to say of this stage, as cautions: a figure outside what works. */
  tells?: readonly Told[];
}

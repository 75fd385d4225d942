import { allowedHours, SOURED_PH } from '../core/safety/slowSouring';
import { coursesIn } from './frozen';
import { comesTo } from './sourAdvice';
import { type MakeState, stageAt } from './state';
import { safetySoFar, tempsOf } from './warm';

const HOUR_MS = 3_600_000;

/** How a batch that sours stands against the hours it may take to pH 5.6. */
export interface SouringBy {
  /** Hours from its culture until it was there, and whether they were few enough; null while nothing shows that it is. */
  soured: { hours: number; inTime: boolean } | null;
  /** By when it has to be there, at the warmth it stands at, ms; null where it is too cool to count. */
  byAt: number | null;
  /** When it is there as it goes, ms; null where no course says. */
  expectedAt: number | null;
}

/** What the rule of slow souring says of a batch at the pot, `now` in ms; null without a culture. */
export function souringBy(state: MakeState, now: number): SouringBy | null {
  const courses = coursesIn(state);
  const souring = safetySoFar(state, now)?.souring;
  if (!courses || !souring) return null;
  const { share, soursAfterH } = souring;
  const run = state.runs.at(-1);
  const planned = courses.stages[state.index];
  const tempC = run && planned && tempsOf(state, run, now, planned).at(-1)?.[1];
  const left = (1 - share) * allowedHours(tempC ?? stageAt(state).targetC ?? 20);
  return {
    soured: soursAfterH === null ? null : { hours: soursAfterH, inTime: share <= 1 },
    byAt: Number.isFinite(left) ? now + left * HOUR_MS : null,
    expectedAt: comesTo(state, courses, SOURED_PH),
  };
}

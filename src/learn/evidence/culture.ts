import { lnOf } from '../../core/numeric/elementary';
import { souringPace } from '../../judge/souring';
import { PACE_SD } from '../../run/sourAdvice';
import type { Evidence } from './evidence';

/** Pace of the culture: hours the plain model needs to the pH that was read, at the heat that was read, over hours it took. */
export const culturePace: Evidence = ({ log }) => {
  const found = souringPace(log);
  return found && found.pace > 0 ? { ln: lnOf(found.pace), sd: PACE_SD } : null;
};

import { souringPace } from '../../judge/souring';
import type { Evidence } from './evidence';

/** A meter, and the moment it is read at, tell the pace to so much. Judgement. */
const READ_SD = 0.05;

/** Pace of the culture: hours the plain model needs to the pH that was read, at the heat that was read, over hours it took. */
export const culturePace: Evidence = ({ log }) => {
  const found = souringPace(log);
  return found && found.pace > 0 ? { ln: Math.log(found.pace), sd: READ_SD } : null;
};

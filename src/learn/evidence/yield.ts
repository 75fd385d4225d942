import { weighed } from '../../judge/log';
import type { Evidence } from './evidence';

/** Moisture of a batch strays by so many points from what it was meant to be. From memory. */
const MOISTURE_POINTS = 1.2;
/** Ten times too much, or half of it gone: a slip of the pen, or another cheese. */
const MOST_LN = 0.6;

/** What such a make comes to, weighed, against the plain model; what went wrong and was noted does not count. */
export const yieldOf: Evidence = ({ log, plain }) => {
  const found = weighed(log);
  const planned = plain.plan.predictions.yieldKg.likely;
  const own = log.state.plan.predictions.yieldKg.likely;
  if (!found || planned <= 0 || own <= 0 || found.kg <= 0) return null;
  // `share` is against the make's own plan with its mistakes taken out; here it is held against the plain one.
  const ownBefore = found.kg / found.share;
  const ln = Math.log((found.share * ownBefore) / planned) - Math.log(own / ownBefore);
  if (Math.abs(ln) > MOST_LN) return null;
  return { ln, sd: MOISTURE_POINTS / (100 - plain.plan.predictions.moisturePct) };
};

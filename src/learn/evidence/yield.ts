import { lnOf } from '../../core/numeric/elementary';
import { unreckoned } from '../../run/borne';
import { isSlip } from '../../run/slip';
import type { Evidence } from './evidence';

/** Moisture of a batch strays by so many points from what it was meant to be. From memory. */
const MOISTURE_POINTS = 1.2;

/** What such a make comes to, weighed, against the plain model; what went wrong and was noted does not count. */
export const yieldOf: Evidence = ({ log, plain }) => {
  const { state } = log;
  const planned = plain.plan.predictions.yieldKg.likely;
  const left = 1 + unreckoned(state).yieldShare;
  if (!state.weighedKg || planned <= 0 || left <= 0) return null;
  const kg = state.weighedKg / left;
  if (isSlip(kg, planned)) return null;
  return { ln: lnOf(kg / planned), sd: MOISTURE_POINTS / (100 - plain.plan.predictions.moisturePct) };
};

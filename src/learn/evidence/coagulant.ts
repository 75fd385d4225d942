import { lnOf } from '../../core/numeric/elementary';
import { flocculated } from '../../judge/flocculation';
import { doseGrams, type Evidence } from './evidence';

/** A bowl is seen to stop within so much of its time. Judgement. */
const SEEN_SD = 0.05;
/** The knife and the bowl must tell of the same set: cut between these times the flocculation. */
const AGREE = [1.8, 4.2] as const;

/** Strength of the coagulant against its label: by when the bowl stopped, at the dose really given. */
export const coagulantStrength: Evidence = ({ log, plain }) => {
  const found = flocculated(log);
  const [planned, given] = [doseGrams(plain, 'coagulant'), doseGrams({ plan: log.state.plan }, 'coagulant')];
  const plainMin = plain.plan.predictions.setMin?.likely;
  const ownMin = log.state.plan.predictions.setMin?.likely;
  if (
    !found ||
    found.tookMin === null ||
    found.tookMin <= 0 ||
    !plainMin ||
    !ownMin ||
    planned <= 0 ||
    given <= 0
  )
    return null;
  if (found.times !== null && (found.times < AGREE[0] || found.times > AGREE[1])) return null;
  const expectedMin = found.expectedMin * (plainMin / ownMin) * (planned / given);
  return { ln: lnOf(expectedMin / found.tookMin), sd: SEEN_SD };
};

import type { SouringBy } from '../../run/souringBy';
import { hoursText, momentText } from '../common/times';

/** What the hours a souring may take come to, in words; nothing where it stands too cool for them to count. */
export function souringText({ soured, byAt, expectedAt }: SouringBy, now: number, pH: string): string | null {
  if (soured?.inTime)
    return `It came to pH ${pH} about ${hoursText(soured.hours * 60)} after its culture: in time.`;
  if (soured)
    return `It took about ${hoursText(soured.hours * 60)} to pH ${pH}, longer than is safe at its warmth: throw it out.`;
  if (byAt === null) return null;
  const by = momentText(byAt, now);
  const expected = expectedAt === null ? '' : momentText(expectedAt, now);
  const late = expectedAt !== null && expectedAt > byAt;
  if (now > byAt)
    return late
      ? `It had to be at pH ${pH} by ${by}, and as it goes it is not before ${expected}: unless a pH shows otherwise, throw it out.`
      : `It had to be at pH ${pH} by ${by}${expected && `; as it goes it was by ${expected}`}. Note its pH, or how it has set.`;
  const goes = late ? `only by ${expected}: set it warmer, or throw it out then` : `by ${expected}`;
  return `At its warmth it has to be at pH ${pH} by ${by}${expected && `; as it goes it is ${goes}`}.`;
}

import { SOURED_PH } from '../../core/safety/slowSouring';
import { type SouringBy, souringBy } from '../../run/souringBy';
import type { MakeState } from '../../run/state';
import { warmSoFar } from '../../run/warm';
import { useFormat } from '../../store/hooks';
import { hoursText, momentText } from '../common/times';

/** What the hours a souring may take come to, in words; nothing where it stands too cool for them to count. */
function souringText({ soured, byAt, expectedAt }: SouringBy, now: number, pH: string): string | null {
  if (soured?.inTime)
    return `It came to pH ${pH} about ${hoursText(soured.hours * 60)} after its culture: in time.`;
  if (soured)
    return `It took about ${hoursText(soured.hours * 60)} to pH ${pH}, longer than is safe at its warmth: throw it out.`;
  if (byAt === null) return null;
  const by = momentText(byAt, now);
  const expected = expectedAt === null ? '' : momentText(expectedAt, now);
  if (now > byAt)
    return `It had to be at pH ${pH} by ${by}${expected && `; as planned it was by ${expected}`}. Note its pH, or how it has set.`;
  const goes =
    expectedAt !== null && expectedAt > byAt
      ? `only by ${expected}: set it warmer, or throw it out then`
      : `by ${expected}`;
  return `At its warmth it has to be at pH ${pH} by ${by}${expected && `; as it goes it is ${goes}`}.`;
}

/** How long a batch has been warm, where a caution of its stage asks for that: out of its culture's care, or until it is sour. */
export function WarmSoFar({
  state,
  cautions,
  now,
}: {
  state: MakeState;
  cautions: readonly { id: string }[];
  now: number;
}) {
  const format = useFormat();
  const asks = (id: string) => cautions.some((one) => one.id === id);
  const souring = asks('warm-sour') ? souringBy(state, now) : null;
  const sours = souring && souringText(souring, now, format.number(SOURED_PH, 1));
  return (
    <>
      {sours && (
        <p className="mt-4 text-[18px]" data-testid="sours">
          {sours}
        </p>
      )}
      {asks('warm-time') && (
        <p className="mt-4 text-[18px]" data-testid="warm">
          Warm so far, between {format.temp(5)} and {format.temp(60)}:{' '}
          <strong className="figure text-[24px]">{hoursText(warmSoFar(state, now))}</strong>
        </p>
      )}
    </>
  );
}

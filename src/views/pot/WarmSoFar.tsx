import { SOURED_PH } from '../../core/safety/slowSouring';
import { souringBy } from '../../run/souringBy';
import type { MakeState } from '../../run/state';
import { warmSoFar } from '../../run/warm';
import { useFormat } from '../../store/hooks';
import { hoursText } from '../common/times';
import { souringText } from './souringText';

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

import { useMemo } from 'react';
import { Link, useLocation } from 'react-router';
import { expectedEnd, readyAt } from '../run/expect';
import { momentOf } from '../run/moment';
import { stageAt, timed } from '../run/state';
import type { MakeView } from '../store/folded';
import { useFormat, useNow } from '../store/hooks';
import { clockText, countdownText } from '../views/common/times';

/** A running make on the day line: from when it began to when it will be ready, with what is being done. */
export default function Strand({
  make,
  top,
  height,
  x,
  width,
}: {
  make: MakeView;
  top: number;
  height: number;
  x(at: number): number;
  width: number;
}) {
  const format = useFormat();
  const { pathname } = useLocation();
  const { state } = make;
  const now = useNow(1000);
  const moment = useMemo(() => momentOf(state, format), [state, format]);
  const due = timed(stageAt(state)) ? expectedEnd(state) : moment.endsAt;
  const end = readyAt(state, now);
  const left = Math.max(0, x(state.startedAt));
  const bar = Math.max(10, x(end) - left);
  const here = pathname.endsWith(make.id);
  const text = `${state.name.split(',')[0]} · ${moment.action.toLowerCase()}${moment.target ? ` ${moment.target}` : ''} · ${countdownText(due - now)}`;
  const labelLeft = Math.min(left + 8, Math.max(0, width - 260));
  return (
    <Link
      to={`/pot/${make.id}`}
      aria-current={here ? 'page' : undefined}
      aria-label={`${text}, ready ${clockText(end)}`}
      className="absolute inset-x-0 block"
      style={{ top, height }}
    >
      <span
        className={`absolute top-1 h-[26px] rounded-full border-2 ${here ? 'border-on-enamel' : 'border-now'} bg-now`}
        style={{ left, width: bar }}
      />
      <span
        className={`absolute top-1 flex h-[26px] items-center rounded-full bg-now px-2.5 text-[14.5px] font-semibold whitespace-nowrap text-on-now ${here ? 'underline decoration-2 underline-offset-2' : ''}`}
        style={{ left: labelLeft }}
      >
        {text}
      </span>
    </Link>
  );
}

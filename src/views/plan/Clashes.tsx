import { useMemo } from 'react';
import type { Plan } from '../../plan/schema';
import { clashesOf, planHands, runHands } from '../../run/clashes';
import { useNow } from '../../store/hooks';
import { selectRunning, useAppSelector } from '../../store/store';
import { momentText } from '../common/times';

/** More of them than this nobody reads. */
const MOST = 3;

/** Where this plan and the pots that are on the heat want the same hands. */
export function Clashes({ plan, startMs }: { plan: Plan; startMs: number }) {
  const running = useAppSelector(selectRunning);
  const hands = Math.floor(useAppSelector((state) => state.kitchen.hands) ?? 1);
  const minute = Math.floor(useNow(30_000) / 60_000);
  const start = Math.floor(startMs / 60_000);
  const clashes = useMemo(
    () =>
      clashesOf(
        planHands(plan, start * 60_000),
        running.map(({ state }) => ({ name: state.name, hands: runHands(state, minute * 60_000) })),
        hands,
      ),
    [plan, start, running, minute, hands],
  );
  if (clashes.length === 0) return null;
  return (
    <ul aria-label="Both hands wanted twice" className="mt-3 border-l-[6px] border-now-edge pl-3 text-[15px]">
      {clashes.slice(0, MOST).map(({ at, ours, others }) => (
        <li key={ours.stage}>
          <strong>{momentText(at, minute * 60_000)}</strong>: “{ours.title}” here while{' '}
          {others
            .map(({ name, what }) => `${name.split(',')[0]} wants you for “${what.title}”`)
            .join(' and ')}
          .
        </li>
      ))}
      {clashes.length > MOST && (
        <li>
          and {clashes.length - MOST} more. Start an hour later, or list another pair of hands in the kitchen.
        </li>
      )}
    </ul>
  );
}

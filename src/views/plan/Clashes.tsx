import { memo, useMemo } from 'react';
import type { Format } from '../../core/units/format';
import type { Method } from '../../makes/method';
import type { Planned } from '../../plan/plan';
import { methodIn } from '../../plan/planOf';
import { sentencesOf, sentenceText } from '../../plan/sentences';
import { clashesOf, type HandsOn, planHands, runHands } from '../../run/clashes';
import { useFormat, useNow } from '../../store/hooks';
import { selectRunning, useAppSelector } from '../../store/store';
import { momentText } from '../common/times';

/** More of them than this nobody reads. */
const MOST = 3;

type Told = Parameters<typeof sentencesOf>[0];

/** Hands with their stage as its sentence has it, in the maker's units. */
function saidIn(hands: readonly HandsOn[], of: Told, method: Method | undefined, format: Format): HandsOn[] {
  const stages = method ? sentencesOf(of, method, format).stages : [];
  const said = new Map(stages.map((one) => [one.id, sentenceText(one).replace(/\.$/, '')]));
  return hands.map((one) => ({ ...one, title: said.get(one.stage) ?? one.title }));
}

/** Where this plan and the pots that are on the heat want the same hands. */
export const Clashes = memo(function Clashes({
  planned,
  method,
  startMs,
}: {
  planned: Planned;
  method: Method;
  startMs: number;
}) {
  const format = useFormat();
  const running = useAppSelector(selectRunning);
  const hands = Math.floor(useAppSelector((state) => state.kitchen.hands) ?? 1);
  const minute = Math.floor(useNow(30_000) / 60_000);
  const start = Math.floor(startMs / 60_000);
  const others = useMemo(
    () =>
      running.map(({ state }) => ({
        name: state.name,
        hands: saidIn(runHands(state, minute * 60_000), state, methodIn(state), format),
      })),
    [running, minute, format],
  );
  const clashes = useMemo(() => {
    const mine = planHands(planned.plan, start * 60_000);
    // Most plans clash with nothing, and need no sentences for it.
    if (clashesOf(mine, others, hands).length === 0) return [];
    return clashesOf(saidIn(mine, planned, method, format), others, hands);
  }, [planned, method, start, others, hands, format]);
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
});

import { useMemo, useState } from 'react';
import { capital } from '../../../core/units/capital';
import { campOf } from '../../../judge/camp';
import { CAUSES, MODEL_OFF } from '../../../judge/causes';
import { readyAfterH } from '../../../judge/causes/around';
import type { FindingId } from '../../../judge/ids';
import { judge } from '../../../judge/judge';
import type { ToldCause } from '../../../judge/schema';
import { methodIn } from '../../../plan/planOf';
import type { MakeEvent } from '../../../run/events';
import type { MakeState } from '../../../run/state';
import { useFormat } from '../../../store/hooks';
import { Button } from '../../../ui/parts/Button';
import { momentText } from '../../common/times';
import { FindingPicks } from './FindingPicks';
import { useNextSo } from './useNextSo';

/** Findings of all its tastings, and what is tapped since. */
function useFound(state: MakeState) {
  const [tapped, setTapped] = useState<FindingId[] | null>(null);
  const tasted = [...new Set(state.tastings.flatMap((one) => one.found))];
  return [tapped ?? tasted, setTapped] as const;
}

/** Looking into a make: tap what was wrong, and see what most likely caused it, by its own log. */
export function Looking({
  log,
  state,
  now,
  onShow,
}: {
  log: readonly MakeEvent[];
  state: MakeState;
  now: number;
  /** Shows a moment of the log on the track. */
  onShow(at: number): void;
}) {
  const format = useFormat();
  const method = methodIn(state);
  const [found, setFound] = useFound(state);
  const answer = useMemo(
    () => (found.length > 0 ? judge(state, found, state.tastings.at(-1)?.at ?? now, format) : null),
    [state, found, now, format],
  );
  if (!method) return null;
  const camp = campOf(method);
  const made = state.finishedAt;
  const readyAt = made === null ? null : made + readyAfterH(camp, found) * 3_600_000;
  return (
    <section aria-label="Looking into it" className="mt-8">
      <h2 className="text-[24px]">What was wrong with it?</h2>
      <p className="text-[16px] text-ink-soft">
        Tap what you found: what most likely caused it is read from this make’s own log.
      </p>
      <div className="mt-2 grid gap-x-10 gap-y-4 lap:grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)]">
        <FindingPicks method={method} found={found} onChange={setFound} />
        <div aria-live="polite">
          {answer && readyAt !== null && now < readyAt && (
            <p className="rounded-[14px] border-l-[8px] border-now-edge bg-now-wash px-4 py-2 text-[17px]">
              It is young to be judged: such a cheese changes its mind. Taste it again at{' '}
              {momentText(readyAt, now)}.
            </p>
          )}
          {answer && (
            <ol aria-label="Most likely">
              {answer.causes.map((cause) => (
                <CauseRow key={cause.id} cause={cause} log={log} state={state} onShow={onShow} />
              ))}
            </ol>
          )}
          {answer && answer.ask.length > 0 && (
            <aside aria-label="What would tell" className="mt-4">
              <h3 className="text-[20px]">What would tell</h3>
              <ul>
                {answer.ask.map((one) => (
                  <li key={one.text} className="stitch mt-2 pt-2 text-[17px]">
                    {one.text}
                  </li>
                ))}
              </ul>
            </aside>
          )}
        </div>
      </div>
    </section>
  );
}

function CauseRow({
  cause: { id: cause, likelyPct, because, nextTime, nowText },
  log,
  state,
  onShow,
}: {
  cause: ToldCause;
  log: readonly MakeEvent[];
  state: MakeState;
  onShow(at: number): void;
}) {
  const format = useFormat();
  const nextSo = useNextSo();
  const text = cause === MODEL_OFF ? 'something else' : CAUSES[cause].text;
  return (
    <li className="stitch mt-2 pt-3" aria-label={`${text}, ${format.percent(likelyPct)}`}>
      <div className="flex items-baseline gap-4">
        <span className="figure w-[3.4rem] shrink-0 text-right text-[24px]">{format.percent(likelyPct)}</span>
        <h3 className="name text-[22px]">{capital(text)}</h3>
      </div>
      <div aria-hidden="true" className="mt-1 ml-[4.4rem] h-2 rounded-full bg-plate-soft">
        <div className="h-2 rounded-full bg-enamel" style={{ width: `${likelyPct}%` }} />
      </div>
      <div className="ml-[4.4rem]">
        <ul className="mt-1.5">
          {because.map((one) => {
            const event = one.event === null ? undefined : log[one.event];
            // A file holds many moments: it is named, and leads to none.
            const moment = event && event.type !== 'imported' ? event : undefined;
            return (
              <li key={one.text} className="text-[16px]">
                {moment ? (
                  <button
                    type="button"
                    onClick={() => onShow(moment.at)}
                    className="min-h-8 text-left underline decoration-rim-soft underline-offset-4 hover:decoration-rim"
                  >
                    {moment.type === 'started' ? '' : `${momentText(moment.at, state.startedAt)} `}
                    {one.text}
                  </button>
                ) : (
                  <span className="text-ink-soft">
                    {one.text}
                    {event?.type === 'imported' && ` (${event.name})`}
                  </span>
                )}
              </li>
            );
          })}
        </ul>
        {cause !== MODEL_OFF && (
          <div className="mt-1.5 flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
            <p className="min-w-[16rem] flex-1 text-[17px]">
              <strong>Next time:</strong> {nextTime.text}
            </p>
            <Button
              size="small"
              aria-label={`Plan the next one so: ${text}`}
              onClick={() => nextSo(log, state, nextTime.options)}
            >
              Plan the next one so
            </Button>
          </div>
        )}
        {nowText && (
          <p className="mt-1 text-[17px]">
            <strong>This one:</strong> {nowText}
          </p>
        )}
      </div>
    </li>
  );
}

import { useEffect, useMemo, useRef, useState } from 'react';
import type { MakeEvent } from '../../run/events';
import { momentOf } from '../../run/moment';
import { rampAdvice } from '../../run/rampAdvice';
import { type MakeState, stateOf } from '../../run/state';
import { useFormat } from '../../store/hooks';
import { Button } from '../../ui/parts/Button';
import { RunTrack } from '../common/RunTrack';
import { rampText, warmedAt } from '../common/rampText';
import { clockText } from '../common/times';

/** A whole make plays in so many steps, one each so many ms. */
const STEPS = 160;
const STEP_MS = 125;

/** A make as it went, and as it stood at any minute of it: its log up to there is all it takes. */
export function Replay({
  log,
  state,
  now,
  shown,
}: {
  log: readonly MakeEvent[];
  state: MakeState;
  now: number;
  /** A moment somebody wants to see, and how often one was asked for. */
  shown: { at: number; times: number };
}) {
  const end = state.finishedAt ?? state.abandoned?.at ?? now;
  const [at, setAt] = useState<number | null>(null);
  const [plays, setPlays] = useState(false);
  const step = (end - state.startedAt) / STEPS;
  useEffect(() => {
    if (!plays) return;
    const timer = setInterval(() => setAt((was) => (was ?? state.startedAt) + step), STEP_MS);
    return () => clearInterval(timer);
  }, [plays, step, state.startedAt]);
  const track = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (shown.times === 0) return;
    setPlays(false);
    setAt(shown.at);
    track.current?.scrollIntoView({ block: 'center' });
  }, [shown]);
  const over = at !== null && at >= end;
  useEffect(() => {
    if (!over) return;
    setPlays(false);
    setAt(null);
  }, [over]);
  const then = useMemo(() => (at === null ? null : asItStood(log, at)), [log, at]);
  return (
    <div ref={track}>
      <RunTrack state={then ?? state} now={at ?? now} />
      <section aria-label="Play it back" className="mt-2 print:hidden">
        <div className="flex items-center gap-4">
          <Button
            onClick={() => {
              if (!plays && at === null) setAt(state.startedAt);
              setPlays(!plays);
            }}
          >
            {plays ? 'Hold' : 'Play it back'}
          </Button>
          <input
            type="range"
            aria-label="How it stood at"
            aria-valuetext={clockText(at ?? end)}
            min={state.startedAt}
            max={end}
            step={60_000}
            value={at ?? end}
            onChange={(event) => {
              setPlays(false);
              const next = Number(event.target.value);
              setAt(next >= end - 60_000 ? null : next);
            }}
            className="h-11 min-w-0 flex-1 accent-(--enamel)"
          />
          <span className="figure w-16 text-right text-[20px]">{clockText(at ?? end)}</span>
        </div>
        {then && <AsItStood state={then} />}
      </section>
    </div>
  );
}

/** The make as its log told it at a moment; later events have not happened. */
const asItStood = (log: readonly MakeEvent[], at: number): MakeState =>
  stateOf(log.filter((event, i) => i === 0 || event.at <= at));

function AsItStood({ state }: { state: MakeState }) {
  const format = useFormat();
  const moment = momentOf(state, format);
  const ramp = rampAdvice(state);
  const said = ramp && rampText(ramp, format, warmedAt(state));
  const last = state.readings.at(-1);
  return (
    <p
      className="mt-1 rounded-[14px] border-l-[8px] border-now-edge bg-now-wash px-4 py-2 text-[17px]"
      aria-live="off"
    >
      <strong className="name text-[20px]">
        {moment.action} {moment.target}
      </strong>
      {last && ` · ${format.temp(last.tempC, 1)} at ${clockText(last.at)}`}
      {said && ` · ${said.now} ${said.why}`}
      {state.acid.length > 0 &&
        ` · ${format.grams(state.acid.reduce((sum, one) => sum + one.grams, 0))} of acid in`}
    </p>
  );
}

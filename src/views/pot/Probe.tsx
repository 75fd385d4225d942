import { line } from 'd3-shape';
import { useEffect, useRef, useState } from 'react';
import type { MakeState } from '../../run/state';
import { useFormat } from '../../store/hooks';
import { usePorts } from '../../store/ports';
import { Button } from '../../ui/parts/Button';
import { LoggerFile } from '../common/LoggerFile';
import { useNote } from '../common/useNote';
import { PretendPot } from './PretendPot';

/** A reading is noted when it has moved this far, or this long after the last. */
const NOTE = { movedC: 0.5, movedPH: 0.03, everyMs: 60_000 } as const;
const TRACE = 180;
const WIDTH = 270;
const HEIGHT = 64;

/** A probe on the pot: connect it, see its trace, lose it and get it back; it notes by itself, and the pad works beside it. */
export function Probe({
  makeId,
  state,
  practice = false,
}: {
  makeId: string;
  state: MakeState;
  /** On a practice pot, whose bench is beside it. */
  practice?: boolean;
}) {
  const litres = state.plan.brief.milk.litres ?? 8;
  // A pot that is new to the bench is as warm as this one was last read.
  const warmth = useRef(4);
  warmth.current = state.readings.at(-1)?.tempC ?? state.plan.brief.milk.startC ?? 4;
  const pot = makeId.slice(0, 40);
  const { clock, instruments } = usePorts();
  const format = useFormat();
  const [connected, setConnected] = useState(false);
  const [trace, setTrace] = useState<number[]>([]);
  const [lost, setLost] = useState(false);
  const [simulated, setSimulated] = useState(false);
  const [kg, setKg] = useState<number | null>(null);
  const noted = useRef({ at: 0, tempC: Number.NaN, pH: Number.NaN });
  // Written apart from what hands note, where two like presses in a row are one.
  const { note } = useNote(makeId);
  useEffect(() => {
    if (!connected) return;
    return instruments.listen({ id: pot, litres, tempC: warmth.current }, (read) => {
      setLost(read === null);
      if (read === null) return;
      const { tempC, pH } = read;
      setSimulated(read.simulated ?? false);
      setKg(read.kg ?? null);
      const last = noted.current;
      const due = clock.mono() - last.at > NOTE.everyMs;
      if (tempC !== undefined) {
        setTrace((was) => [...was, tempC].slice(-TRACE));
        if (due || !(Math.abs(tempC - last.tempC) < NOTE.movedC)) {
          noted.current = { ...noted.current, at: clock.mono(), tempC };
          void note({ type: 'temperature', tempC });
        }
      }
      if (pH !== undefined && Math.abs(pH - last.pH) >= NOTE.movedPH) {
        noted.current = { ...noted.current, pH };
        void note({ type: 'pH', pH });
      } else if (pH !== undefined && Number.isNaN(last.pH)) noted.current = { ...noted.current, pH };
    });
  }, [connected, pot, litres, clock, instruments, note]);
  const now = trace.at(-1);
  const low = Math.min(...trace) - 1;
  const high = Math.max(...trace) + 1;
  const path = line<number>(
    (_, i) => (i / Math.max(1, trace.length - 1)) * WIDTH,
    (value) => HEIGHT - ((value - low) / (high - low)) * HEIGHT,
  );
  return (
    <section aria-label="Probe" className="px-1">
      <div className="flex items-center justify-between gap-3">
        <h2 className="text-[22px]">Probe</h2>
        <Button
          size="small"
          onClick={() => {
            setConnected(!connected);
            setTrace([]);
            setLost(false);
          }}
        >
          {connected ? 'Let it go' : 'Connect'}
        </Button>
      </div>
      {connected && (
        <div className="mt-1" aria-live="polite">
          {now === undefined ? (
            <p className="text-[16px]">{lost ? 'No probe answers. The pad works as ever.' : 'Listening…'}</p>
          ) : (
            <>
              <p className="text-[16px]">
                <strong className="figure text-[34px]">{format.temp(now, 1)}</strong>{' '}
                {lost ? 'lost: this is the last it said; it is asked again' : 'live, noted by itself'}
              </p>
              <svg
                viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
                className="mt-1 w-full"
                role="img"
                aria-label={`The last ${trace.length} readings, ${format.temp(low + 1, 1)} to ${format.temp(high - 1, 1)}`}
              >
                <path d={path(trace) ?? ''} fill="none" stroke="var(--rim)" strokeWidth="2.5" />
              </svg>
              <p className="flex justify-between text-[14px] text-ink-soft" aria-hidden="true">
                <span>
                  {format.temp(low + 1, 1)} to {format.temp(high - 1, 1)}
                </span>
                <span>the last {trace.length}</span>
              </p>
              {!practice && simulated && clock.hasten && <PretendPot pot={pot} state={state} kg={kg} />}
            </>
          )}
        </div>
      )}
      {!practice && <LoggerFile makeId={makeId} state={state} />}
    </section>
  );
}

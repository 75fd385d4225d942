import { expectedEnd } from '../../run/expect';
import type { MakeState } from '../../run/state';
import { Said } from '../common/Said';
import { clockText, hoursText } from '../common/times';
import { useSaid } from './useSaid';

/** The next stages in their sentences, and when they come. */
export function Coming({ state, now }: { state: MakeState; now: number }) {
  const said = useSaid(state);
  let at = Math.max(now, expectedEnd(state));
  const next = state.plan.stages.slice(state.index + 1, state.index + 4).map((stage, i) => {
    const begins = at;
    at += stage.durationMin.likely * 60_000;
    return { stage, begins, clauses: said[state.index + 1 + i]?.clauses };
  });
  return (
    <section aria-label="Next" className="px-1">
      <h2 className="text-[22px]">Next</h2>
      {next.length === 0 ? (
        <p className="mt-1 text-[16px]">This is the last stage.</p>
      ) : (
        <ol>
          {next.map(({ stage, begins, clauses }) => (
            <li key={stage.id} className="stitch mt-2 pt-2">
              <p className="flex items-baseline justify-between gap-3">
                <span className="text-[17px] leading-snug font-medium">
                  {clauses ? <Said clauses={clauses} /> : stage.title}
                </span>
                <span className="figure text-[20px]">{clockText(begins)}</span>
              </p>
              <p className="text-[15px] text-ink-soft">takes about {hoursText(stage.durationMin.likely)}</p>
            </li>
          ))}
        </ol>
      )}
    </section>
  );
}

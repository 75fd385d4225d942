import type { StageWords } from '../../makes/grammar';
import { expectedEnd } from '../../run/expect';
import type { MakeState } from '../../run/state';
import { clockText, hoursText } from '../common/times';

/** The next stages and when they come. */
export function Coming({
  state,
  now,
  words,
}: {
  state: MakeState;
  now: number;
  words(index: number): StageWords | null;
}) {
  let at = Math.max(now, expectedEnd(state));
  const next = state.plan.stages.slice(state.index + 1, state.index + 4).map((stage, i) => {
    const begins = at;
    at += stage.durationMin.likely * 60_000;
    return { stage, begins, words: words(state.index + 1 + i) };
  });
  return (
    <section aria-label="Next" className="px-1">
      <h2 className="text-[22px]">Next</h2>
      {next.length === 0 ? (
        <p className="mt-1 text-[16px]">This is the last stage.</p>
      ) : (
        <ol>
          {next.map(({ stage, begins, words: said }) => (
            <li key={stage.id} className="stitch mt-2 pt-2">
              <p className="flex items-baseline justify-between gap-3">
                <span className="name text-[19px]">{said?.title}</span>
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

import { useMemo } from 'react';
import { CAUSES, MODEL_OFF } from '../../judge/causes';
import { judge } from '../../judge/judge';
import type { MakeState } from '../../run/state';
import { useFormat } from '../../store/hooks';

/** So many causes are told at the pot. */
const MOST = 3;

/** Why what is waited for is late: what most likely holds it up, by this make's own log, with what says so. */
export function WhyLate({ state }: { state: MakeState }) {
  const format = useFormat();
  const causes = useMemo(
    () => judge(state, ['late-set'], null, format).causes.filter(({ id }) => id !== MODEL_OFF),
    [state, format],
  );
  if (causes.length === 0) return null;
  return (
    <section aria-label="Why it is late" className="stitch mt-3 pt-2 text-[17px]">
      <p className="font-semibold">It is late. Most likely:</p>
      <ul>
        {causes.slice(0, MOST).map(({ id, likelyPct, because }) => (
          <li key={id}>
            {format.percent(likelyPct)} {id === MODEL_OFF ? '' : CAUSES[id].text}
            {because[0] && because[0].event !== null && (
              <span className="text-ink-soft"> – {because[0].text}</span>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

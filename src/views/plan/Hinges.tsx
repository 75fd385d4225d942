import { memo } from 'react';
import type { Planned } from '../../plan/planned';
import { teachesOf } from '../../plan/teaches';
import { useFormat } from '../../store/hooks';

/** At most so many hinges are told, and none that decides less, %. */
const MOST = 3;
const LEAST_PCT = 5;

/** What the spread of the yield comes from, and which measurement would narrow it. */
export const Hinges = memo(function Hinges({ planned }: { planned: Planned }) {
  const format = useFormat();
  const { hinges } = planned.plan;
  if (hinges.length === 0) return null;
  return (
    <section aria-label="What the yield hangs on">
      <h2 className="text-[23px]">What the yield hangs on</h2>
      <ul>
        {hinges
          .filter(({ shareOfVariancePct }, i) => i === 0 || shareOfVariancePct >= LEAST_PCT)
          .slice(0, MOST)
          .map((hinge) => (
            <li key={hinge.on} className="stitch mt-1 pt-1 text-[15px] leading-snug">
              <div className="flex items-center gap-2.5">
                <span
                  className="h-3.5 rounded-sm border-2 border-rim bg-now"
                  style={{ width: `${Math.max(2, hinge.shareOfVariancePct * 0.6)}%` }}
                  aria-hidden="true"
                />
                <span>
                  <strong className="figure text-[18px]">{format.percent(hinge.shareOfVariancePct)}</strong>{' '}
                  <strong>{hinge.on}</strong>
                </span>
              </div>
              Sharpen it: {hinge.sharpenBy}.
            </li>
          ))}
      </ul>
    </section>
  );
});

/** What this make would teach most for the next one, and by what note. */
export const Teaches = memo(function Teaches({ planned }: { planned: Planned }) {
  const format = useFormat();
  const [most] = teachesOf(planned);
  if (!most) return null;
  const within = (share: number) => format.percent(Math.round(100 * share));
  return (
    <p className="mt-3 text-[15px] leading-snug">
      This make would teach most <strong>{most.of}</strong>. {most.note}: then it is known within{' '}
      {within(most.thenShare)}, now within {within(most.nowShare)}.
    </p>
  );
});

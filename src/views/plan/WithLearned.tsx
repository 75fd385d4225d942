import { keyOf } from '../../learn/learnt';
import { saysOf } from '../../learn/says';
import type { Moved } from '../../plan/moved';
import { useFormat } from '../../store/hooks';
import { plainShown } from '../../store/slices/learning';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { hoursText } from '../common/times';
import { useNamed } from '../common/useNamed';

/** A figure moved by less than this share nobody sees. */
const SEEN = 0.005;

/** What finished makes have moved in this plan: each figure with what the plain model says, and why; and a way to see it plain. */
export function WithLearned({ learned = [] }: { learned?: readonly Moved[] | undefined }) {
  const format = useFormat();
  const dispatch = useAppDispatch();
  const named = useNamed();
  const { learning, plain } = useAppSelector((state) => state.learning);
  const said = learned.flatMap((moved) => {
    const known = learning?.learnt.find((one) => keyOf(one) === keyOf(moved));
    return known?.told ? [{ moved, known }] : [];
  });
  const little = learned.filter(
    (moved) => Math.abs(moved.value / moved.plain - 1) >= SEEN && !said.some((one) => one.moved === moved),
  );
  if (said.length === 0 && little.length === 0 && !plain) return null;
  const read = ({ unit }: Moved, value: number) =>
    unit === 'g'
      ? format.grams(value)
      : unit === 'kg'
        ? format.kg(value)
        : hoursText(unit === 'h' ? 60 * value : value);
  return (
    <section aria-label="With what has been learned" className="stitch mt-2 pt-2 text-[15px] leading-snug">
      {plain ? (
        <p>The plain model, without what your makes have taught.</p>
      ) : (
        <ul>
          {said.map(({ moved, known }) => (
            <li key={moved.quantity} className="mt-0.5">
              {moved.figure} <strong className="figure text-[17px]">{read(moved, moved.value)}</strong>, plain{' '}
              {read(moved, moved.plain)}: {saysOf(named(known))}
            </li>
          ))}
          {little.length > 0 && (
            <li className="mt-0.5 text-ink-soft">
              {said.length > 0 ? 'And w' : 'W'}hat is not sure, or too small to tell, moves{' '}
              {little.map(({ figure }) => figure).join(' and ')} a little.
            </li>
          )}
        </ul>
      )}
      <button
        type="button"
        onClick={() => dispatch(plainShown(!plain))}
        className="min-h-11 font-semibold underline decoration-rim-soft underline-offset-4 hover:decoration-rim"
      >
        {plain ? 'Plan with what was learned' : 'Show it plain'}
      </button>
    </section>
  );
}

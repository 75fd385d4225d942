import { Link } from 'react-router';
import { expOf } from '../../core/numeric/elementary';
import { keyOf, type Learnt } from '../../learn/learnt';
import { saysOf } from '../../learn/says';
import { Z90 } from '../../plan/belief';
import { useFormat } from '../../store/hooks';
import { kitchenChanged } from '../../store/slices/kitchen';
import { selectOver, useAppDispatch, useAppSelector } from '../../store/store';
import { Switch } from '../../ui/parts/Switch';
import { useNamed } from '../common/useNamed';

/** What finished makes have taught: one sentence a quirk, its makes and its spread, and a switch to leave it out. */
export function LearnedThings() {
  const learning = useAppSelector((state) => state.learning.learning);
  const told = learning?.learnt.filter((one) => one.told) ?? [];
  const quiet = learning?.learnt.filter((one) => !one.told) ?? [];
  return (
    <section aria-label="What has been learned" className="mt-9">
      <h2 className="text-[24px]">What has been learned</h2>
      <p className="text-[16px] text-ink-soft">
        {told.length > 0
          ? 'Plans of the same milk, bottle, pot and make go by it. Told only where two makes or more agree and it can be felt; the rest moves them only a little.'
          : 'Nothing yet that two makes agree on and that could be felt. Weigh what comes out, note when the bowl stops and one pH, and it shows.'}
      </p>
      <ul>
        {told.map((one) => (
          <Quirk key={keyOf(one)} one={one} />
        ))}
      </ul>
      {quiet.length > 0 && (
        <details className="mt-2">
          <summary className="min-h-11 cursor-pointer py-2 text-[16px] font-semibold underline decoration-rim-soft underline-offset-4">
            What is not sure, or too small to matter: {quiet.length}
          </summary>
          <ul>
            {quiet.map((one) => (
              <Quirk key={keyOf(one)} one={one} />
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}

function Quirk({ one }: { one: Learnt }) {
  const format = useFormat();
  const named = useNamed();
  const dispatch = useAppDispatch();
  const leftOut = useAppSelector((state) => state.kitchen.leftOut) ?? [];
  const makes = useAppSelector(selectOver);
  const key = keyOf(one);
  const factor = (z: number) => format.percent(Math.round(100 * expOf(one.mean + z * one.sd)));
  return (
    <li className="stitch mt-2 flex flex-wrap items-center justify-between gap-x-8 gap-y-1 pt-2">
      <div className="min-w-[16rem] flex-1">
        <p className="text-[17px] font-semibold">{saysOf(named(one))}</p>
        <p className="text-[15px] text-ink-soft">
          {factor(0)} of the plain model, likely {factor(-Z90)} to {factor(Z90)}. From{' '}
          {one.from.map((id, i) => (
            <span key={id}>
              {i > 0 && ', '}
              <Link to={`/book/${id}`} className="underline underline-offset-4">
                {makes.find((make) => make.id === id)?.name ?? 'a make that is gone'}
              </Link>
            </span>
          ))}
          .
        </p>
      </div>
      <Switch
        label="plans go by it"
        on={!leftOut.includes(key)}
        onChange={(on) =>
          dispatch(
            kitchenChanged({ leftOut: on ? leftOut.filter((other) => other !== key) : [...leftOut, key] }),
          )
        }
      />
    </li>
  );
}

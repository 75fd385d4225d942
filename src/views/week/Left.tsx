import { pastUseBy } from '../../kitchen/milk';
import { wishLeft } from '../../store/slices/week';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { readable } from './strands';
import type { WeekHere } from './useWeek';

/** What found no place, with its reason, and the start where it comes nearest to one. */
export function Left({ here, onMove }: { here: WeekHere; onMove(id: string, start: string): void }) {
  const dispatch = useAppDispatch();
  const left = here.laid?.left ?? [];
  const lost = here.plans.filter(({ planned }) => planned === null);
  const milks = useAppSelector((state) => state.data.milks);
  // What is past its use-by is put nowhere.
  const spoilt = (id: string, start: string) => {
    const milkId = here.plans.find(({ wish }) => wish.id === id)?.wish.milkId;
    const milk = milks.find((one) => one.id === milkId);
    return milk !== undefined && pastUseBy(milk, start.slice(0, 10));
  };
  if (left.length + lost.length === 0) return null;
  return (
    <section aria-label="No place yet" className="stitch mt-5 pt-3">
      <h2 className="text-[22px]">No place yet</h2>
      <ul>
        {lost.map(({ wish }) => (
          <li key={wish.id} className="mt-2 text-[16px]">
            <strong>{wish.name}</strong>: it cannot be planned as it was wanted any more.
            <Button size="small" tone="quiet" onClick={() => dispatch(wishLeft(wish.id))}>
              Leave it out
            </Button>
          </li>
        ))}
        {left.map(({ id, because, nearest }) => (
          <li key={id} className="mt-2 text-[16px]">
            <strong>{here.asked.names[id]}</strong>: {because}.
            <span className="block text-[15px] text-ink-soft">
              Nearest {readable(nearest.start)}: {nearest.breaks}.
            </span>
            {!spoilt(id, nearest.start) && (
              <Button size="small" tone="quiet" onClick={() => onMove(id, nearest.start)}>
                Put it there all the same
              </Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

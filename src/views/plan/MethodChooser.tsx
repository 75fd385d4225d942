import { METHODS } from '../../makes';
import { draftChanged } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';

/** The makes as the names over a shelf: the chosen one large. */
export function MethodChooser() {
  const dispatch = useAppDispatch();
  const chosen = useAppSelector((state) => state.draft.method);
  const method = METHODS.find((one) => one.id === chosen);
  return (
    <header className="mb-3">
      <div role="radiogroup" aria-label="What to make" className="flex flex-wrap items-baseline gap-x-6 gap-y-1">
        {METHODS.map((one) => {
          const on = one.id === chosen;
          return (
            <button
              key={one.id}
              type="button"
              role="radio"
              aria-checked={on}
              onClick={() => dispatch(draftChanged({ method: one.id }))}
              className={`name min-h-11 text-left transition-all ${on ? 'border-b-[5px] border-now-edge text-[30px] tab:text-[36px]' : 'text-[20px] text-ink-soft underline decoration-rim-soft decoration-2 underline-offset-[6px] hover:text-ink tab:text-[22px]'}`}
            >
              {one.title}
            </button>
          );
        })}
      </div>
      <p className="mt-1.5 max-w-[62rem] text-[15px] text-ink-soft">{method?.about}</p>
    </header>
  );
}

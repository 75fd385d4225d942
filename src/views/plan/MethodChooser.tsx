import { ToggleGroup } from 'radix-ui';
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
      <h1 className="sr-only">Plan: {method?.title}</h1>
      <ToggleGroup.Root
        type="single"
        value={chosen}
        aria-label="What to make"
        onValueChange={(next) => next && dispatch(draftChanged({ method: next }))}
        className="flex flex-wrap items-baseline gap-x-6 gap-y-1"
      >
        {METHODS.map((one) => (
          <ToggleGroup.Item
            key={one.id}
            value={one.id}
            className="name min-h-11 text-left data-[state=on]:border-b-[5px] data-[state=on]:border-now-edge data-[state=on]:text-[30px] data-[state=off]:text-[20px] data-[state=off]:text-ink-soft data-[state=off]:underline data-[state=off]:decoration-rim-soft data-[state=off]:decoration-2 data-[state=off]:underline-offset-[6px] data-[state=off]:hover:text-ink tab:data-[state=off]:text-[22px] tab:data-[state=on]:text-[36px]"
          >
            {one.title}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
      <p className="mt-1.5 max-w-[70rem] text-[15px] text-ink-soft">{method?.about}</p>
    </header>
  );
}

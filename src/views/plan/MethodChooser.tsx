import { ToggleGroup } from 'radix-ui';
import { memo, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { cbrtOf } from '../../core/numeric/elementary';
import type { Method } from '../../makes/method';
import type { Brief } from '../../plan/brief/schema';
import type { Plan } from '../../plan/schema';
import { useFormat, useNow } from '../../store/hooks';
import { useMethod, useMethodBook } from '../../store/methodBook';
import { draftChanged } from '../../store/slices/draft';
import { selectUsed, useAppDispatch, useAppSelector } from '../../store/store';
import { hoursText } from '../common/times';
import { type Asked, becoming, SHELVES } from './becomings';
import { StartButton } from './StartButton';

/** The make being planned, by name, when it is ready and the way to the pot; the name opens what else this milk could become. */
export function MethodChooser({
  brief,
  plan,
  justChosen,
}: {
  brief: Brief | null;
  plan: Plan | null;
  /** Whether it has been taken from the shelves a moment ago: the keyboard goes on from here. */
  justChosen: boolean;
}) {
  const chosen = useAppSelector((state) => state.draft.method);
  const [open, setOpen] = useState(false);
  const name = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (justChosen) name.current?.focus();
  }, [justChosen]);
  const method = useMethod(chosen);
  return (
    <header>
      <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1.5">
        <h1 className="name text-[30px] leading-tight tab:text-[34px]">
          <span className="sr-only">Plan: </span>
          <button
            ref={name}
            type="button"
            className="flex flex-wrap items-baseline gap-x-4 text-left"
            aria-expanded={open}
            aria-controls="shelves"
            onClick={() => setOpen(!open)}
          >
            <span className="border-b-[5px] border-now-edge">{method?.title}</span>
            <span className="font-plain text-[15px] font-semibold tracking-normal text-ink-soft underline decoration-rim-soft underline-offset-4">
              {open ? 'Put the shelves away' : 'What else could it become?'}
            </span>
          </button>
        </h1>
        {plan && <StartButton brief={brief} plan={plan} />}
      </div>
      <div id="shelves">
        {open && (
          <>
            <p className="mt-2 max-w-[70rem] text-[15px] text-ink-soft">{method?.about}</p>
            <Shelves
              onChosen={() => {
                setOpen(false);
                name.current?.focus();
              }}
            />
          </>
        )}
      </div>
    </header>
  );
}

/** Everything this milk could become, on four shelves. */
export function Shelves({ onChosen }: { onChosen(): void }) {
  const dispatch = useAppDispatch();
  const draft = useAppSelector((state) => state.draft);
  const kitchen = useAppSelector((state) => state.kitchen);
  const format = useFormat();
  const goods = useAppSelector((state) => state.data.goods);
  const used = useAppSelector(selectUsed);
  const methods = useMethodBook();
  const nowMs = useNow(60_000);
  const asked = useMemo(
    () => ({ draft, kitchen, shelved: { goods, used: used.goods }, format, nowMs, methods }),
    [draft, kitchen, goods, used, format, nowMs, methods],
  );
  // As many plans as there are makes: nobody waits for them who types, or knows what it shall be.
  const late = useDeferredValue<Asked | null>(asked, null);
  const choose = (method: string) => {
    if (method !== '') dispatch(draftChanged({ method }));
    onChosen();
  };
  return (
    <ToggleGroup.Root
      type="single"
      orientation="vertical"
      value={draft.chosen ? draft.method : ''}
      aria-label="What this milk could become"
      onValueChange={choose}
      className="plate mt-3 grid gap-x-6 gap-y-4 px-5 pt-4 pb-5 tab:grid-cols-2 lap:grid-cols-4"
    >
      {SHELVES.map((shelf) => (
        <div key={shelf.name}>
          <h2 className="text-[20px]">{shelf.name}</h2>
          <p className="text-[14px] text-ink-soft">{shelf.how}</p>
          {methods
            .filter(({ family }) => shelf.families.includes(family))
            .map((method) => (
              <OnShelf key={method.id} method={method} asked={late} />
            ))}
        </div>
      ))}
    </ToggleGroup.Root>
  );
}

/** A make on its shelf; what it would be stands there as soon as it is known. */
const OnShelf = memo(function OnShelf({ method, asked }: { method: Method; asked: Asked | null }) {
  const format = useFormat();
  const it = useMemo(() => asked && becoming(method, asked), [method, asked]);
  const p = it?.plan?.predictions;
  const against = it?.against ?? [];
  return (
    <ToggleGroup.Item
      value={method.id}
      aria-label={method.title}
      aria-describedby={`figures-${method.id}`}
      className="group mt-2 block w-full border-b-[5px] border-rim pb-1.5 text-left hover:bg-plate-soft data-[state=on]:border-now-edge data-[state=on]:bg-now-wash"
    >
      <span className="flex items-end gap-2.5">
        {it ? <Wheel kg={p?.yieldKg.likely ?? 0} /> : <span className="w-9 shrink-0" />}
        <span className="name min-w-0 flex-1 text-[18px] leading-tight">{method.title}</span>
      </span>
      <span id={`figures-${method.id}`} className="mt-0.5 block min-h-[1.4rem] text-[14px]">
        {p && (
          <>
            <strong className="figure text-[17px]">{format.kg(p.yieldKg.likely)}</strong> ·{' '}
            {longText(p.totalHours)} · hands {hoursText(p.handsOnMin)}
          </>
        )}
        {against.length > 0 && <span className="block text-ink-soft">But: {against.join('; ')}.</span>}
      </span>
    </ToggleGroup.Item>
  );
});

/** Hours as a shelf label says them: days from two on. */
function longText(hours: number): string {
  if (hours < 48) return hoursText(hours * 60);
  const days = hours / 24;
  return `${Math.round(days)}\u00a0days`;
}

/** A cheese on its shelf, as big as there is of it. */
function Wheel({ kg }: { kg: number }) {
  const size = Math.min(34, 9 + 15 * cbrtOf(kg));
  if (kg <= 0) return null;
  return (
    <svg width="36" height="22" viewBox="0 0 36 22" aria-hidden="true" className="shrink-0">
      <rect
        x={(36 - size) / 2}
        y={22 - size * 0.6}
        width={size}
        height={size * 0.6}
        rx={size * 0.16}
        fill="var(--cheese-water)"
        stroke="var(--rim)"
        strokeWidth="2.2"
      />
    </svg>
  );
}

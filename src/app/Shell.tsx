import { type ComponentType, lazy, type RefObject, Suspense, useEffect, useRef, useState } from 'react';
import { Link, NavLink, Outlet, useLocation } from 'react-router';
import { usePorts } from '../store/ports';
import { selectAside, selectOver, selectRunning, useAppSelector } from '../store/store';
import {
  BookGlyph,
  KitchenGlyph,
  MethodGlyph,
  PailGlyph,
  PotGlyph,
  PractiseGlyph,
  ReckonGlyph,
  ShelfGlyph,
  WeekGlyph,
} from '../ui/glyphs/glyphs';
import { Boundary } from '../views/common/Boundary';
import { DayLine } from './DayLine';
import { wear } from './look';
import { useLearner } from './useLearner';
import { useTouched } from './useTouched';
import { ViewBoundary } from './ViewBoundary';

/** The ways around; one that is `wide` has no room at the foot of a phone, and is reached from the pot there. */
const WAYS: readonly {
  to: string;
  text: string;
  Glyph: ComponentType<{ size?: number }>;
  wide?: boolean;
}[] = [
  { to: '/plan', text: 'Plan', Glyph: PailGlyph },
  { to: '/week', text: 'Week', Glyph: WeekGlyph },
  { to: '/pot', text: 'Pot', Glyph: PotGlyph },
  { to: '/book', text: 'Book', Glyph: BookGlyph },
  { to: '/shelf', text: 'Shelf', Glyph: ShelfGlyph },
  { to: '/methods', text: 'Methods', Glyph: MethodGlyph },
  { to: '/practise', text: 'Practise', Glyph: PractiseGlyph, wide: true },
  { to: '/reckon', text: 'Reckon', Glyph: ReckonGlyph },
  { to: '/kitchen', text: 'Kitchen', Glyph: KitchenGlyph },
];

const loadPalette = () => import('./Palette');
const Palette = lazy(loadPalette);
/** Fetched with the first make that can ring. */
const Alarms = lazy(() => import('./Alarms'));
const Notices = lazy(() => import('./Notices'));

const typing = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

/** Takes the keyboard along into the view one has gone to, where that view has not taken it itself. */
function useLed(view: RefObject<HTMLElement | null>): void {
  const { pathname } = useLocation();
  const before = useRef(pathname);
  useEffect(() => {
    if (before.current === pathname) return;
    before.current = pathname;
    if (!view.current?.contains(document.activeElement)) view.current?.focus({ preventScroll: true });
  }, [pathname, view]);
}

/** What is on every view: the day line over it, the ways around beside or below it. */
export function Shell() {
  const { startOver, quiet } = usePorts();
  useLearner();
  const look = useAppSelector((state) => state.kitchen.look);
  const aside = useAppSelector(selectAside);
  const canRing = useAppSelector(
    (state) => selectRunning(state).length > 0 || selectOver(state).some(({ tasteAt }) => tasteAt.length > 0),
  );
  useEffect(() => wear(look), [look]);
  // Watched from the start: what rings is fetched later, and somebody may be at it by then.
  const touched = useTouched();
  const view = useRef<HTMLElement>(null);
  useLed(view);
  const [palette, setPalette] = useState<'never' | 'shut' | 'open'>('never');
  useEffect(() => {
    // Fetched while nothing else is wanted, so that it is there when its key is pressed.
    const idle = setTimeout(() => void quiet().then(loadPalette), 1500);
    return () => clearTimeout(idle);
  }, [quiet]);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const command = (event.ctrlKey || event.metaKey) && event.key === 'k';
      if (!command && (event.key !== '/' || typing(event.target))) return;
      event.preventDefault();
      setPalette('open');
    };
    addEventListener('keydown', onKey);
    return () => removeEventListener('keydown', onKey);
  }, []);
  return (
    <>
      {palette !== 'never' && (
        <Suspense fallback={null}>
          <Palette open={palette === 'open'} onOpenChange={(open) => setPalette(open ? 'open' : 'shut')} />
        </Suspense>
      )}
      <a href="#view" className="sr-only z-50 bg-now text-on-now focus:not-sr-only focus:absolute focus:p-3">
        To the view
      </a>
      <button
        type="button"
        className="sr-only z-50 bg-now text-on-now focus:not-sr-only focus:absolute focus:p-3"
        onClick={() => setPalette('open')}
      >
        Anything by name: press /
      </button>
      <Boundary what="The day line" small>
        <DayLine demo={startOver !== null} />
      </Boundary>
      <Boundary what="What is due" small>
        <Suspense fallback={null}>{canRing && <Alarms touched={touched} />}</Suspense>
      </Boundary>
      {aside.length > 0 && (
        <p className="bg-danger-wash px-6 py-2 text-[16px] print:hidden">
          {aside.length === 1 ? 'One thing' : `${aside.length} things`} kept here cannot be read.{' '}
          <Link to="/kitchen#aside" className="font-semibold underline underline-offset-4">
            See in the kitchen
          </Link>
        </p>
      )}
      <div className="mx-auto max-w-[1560px] tab:flex">
        <nav
          aria-label="Ways around"
          className="fixed inset-x-0 bottom-0 z-20 flex min-h-(--foot) print:hidden border-t-[3px] border-rim bg-plate tab:sticky tab:top-[calc(1rem+var(--ringing,0px))] tab:mt-5 tab:ml-4 tab:h-max tab:w-[84px] tab:flex-col tab:gap-1.5 tab:border-0 tab:bg-transparent"
        >
          {WAYS.map(({ to, text, Glyph, wide = false }) => (
            <NavLink
              key={to}
              to={to}
              className={({ isActive }) =>
                `${wide ? 'hidden tab:flex' : 'flex'} flex-1 flex-col items-center justify-center gap-0.5 py-1.5 text-[13px] font-semibold tab:min-h-[72px] tab:text-[15px] tab:flex-none tab:rounded-[18px] tab:rounded-tl-[8px] ${isActive ? 'bg-enamel text-on-enamel underline decoration-now decoration-[3px] underline-offset-4' : 'text-ink hover:bg-plate-soft'}`
              }
            >
              <Glyph />
              {text}
            </NavLink>
          ))}
        </nav>
        <main
          ref={view}
          id="view"
          tabIndex={-1}
          className="outline-none min-w-0 flex-1 px-4 pt-4 pb-28 tab:px-6 tab:pb-6 print:p-0 print:tab:p-0"
        >
          <Suspense fallback={<p className="py-10 text-lg">One moment…</p>}>
            <ViewBoundary>
              <Outlet />
            </ViewBoundary>
          </Suspense>
        </main>
      </div>
      <Suspense fallback={null}>
        <Notices />
      </Suspense>
    </>
  );
}

import { type RefObject, useEffect, useLayoutEffect, useMemo, useRef } from 'react';
import { useNavigate } from 'react-router';
import { type Alarm, alarmsOf, ringing, tasteAlarms } from '../run/alarms';
import { alarmText, tasteText } from '../run/alarmText';
import type { MakeView } from '../store/folded';
import { useFormat, useNow } from '../store/hooks';
import { usePorts } from '../store/ports';
import { alarmAnswered, alarmSnoozed } from '../store/slices/alarms';
import { selectOver, selectRunning, useAppDispatch, useAppSelector } from '../store/store';
import { Button } from '../ui/parts/Button';
import { clockText } from '../views/common/times';

const SNOOZE_MS = 5 * 60_000;
/** An alarm nobody answers sounds again after this. */
const AGAIN_MS = 60_000;

/** What a make has due; one that cannot be reckoned with silences no other. */
function alarmsIn({ id, state }: MakeView): Alarm[] {
  try {
    return alarmsOf(id, state);
  } catch (error) {
    console.error(error);
    return [];
  }
}

/**
 * Takes the page along by as much as the strip grows, so that nothing moves away under the finger of whoever is at it; a page that has
 * just been opened begins at its top. Farther down the page the browser does that itself.
 */
function useStill(strip: RefObject<HTMLElement | null>, lines: number, touched: RefObject<boolean>): void {
  const high = useRef(0);
  useEffect(
    () => () => {
      document.documentElement.style.removeProperty('--ringing');
    },
    [],
  );
  useLayoutEffect(() => {
    const now = lines === 0 ? 0 : (strip.current?.offsetHeight ?? 0);
    if (now > high.current && scrollY === 0 && touched.current) scrollBy(0, now - high.current);
    high.current = now;
    // What else sticks to the top stands beneath it. Said only where something rings: with it the whole page is styled anew.
    const { style } = document.documentElement;
    if (now === 0) style.removeProperty('--ringing');
    else style.setProperty('--ringing', `${now}px`);
  }, [strip, lines, touched]);
}

/** What rings, on every view and wherever one has scrolled to: batch, stage and what to do, until somebody answers it. */
export default function Alarms({ touched }: { touched: RefObject<boolean> }) {
  const { ring } = usePorts();
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const format = useFormat();
  const now = useNow(1000);
  const running = useAppSelector(selectRunning);
  const over = useAppSelector(selectOver);
  const { answered, snoozedUntil } = useAppSelector((state) => state.alarms);
  const { sound = true, spoken = false } = useAppSelector((state) => state.kitchen);
  const alarms = useMemo(() => [...running.flatMap(alarmsIn), ...over.flatMap(tasteAlarms)], [running, over]);
  // The latest first: on a narrow screen the others are scrolled to.
  const loud = ringing(alarms, new Set(answered), snoozedUntil, now).sort((a, b) => b.dueAt - a.dueAt);
  const says = (alarm: Alarm) => {
    if (alarm.about === 'taste') return tasteText(alarm);
    const make = running.find(({ id }) => id === alarm.makeId);
    return make ? alarmText(alarm, make.state, format) : alarm.name;
  };
  const heard = useRef<Record<string, number>>({});
  useEffect(() => {
    for (const alarm of loud) {
      const last = heard.current[alarm.key];
      if (last !== undefined && now - last < AGAIN_MS) continue;
      heard.current[alarm.key] = now;
      if (sound) ring.sound(alarm.makeId);
      if (last !== undefined) continue;
      if (spoken) ring.speak(says(alarm));
      ring.notify(says(alarm), alarm.makeId);
    }
  });
  const strip = useRef<HTMLElement>(null);
  useStill(strip, loud.length, touched);
  if (loud.length === 0) return null;
  return (
    <section
      ref={strip}
      aria-label="Ringing"
      role="alert"
      className="sticky top-0 z-30 max-h-[10.5rem] overflow-y-auto border-b-[4px] tab:max-h-[40vh] border-rim bg-now text-on-now [overflow-anchor:none] print:hidden"
    >
      {loud.map((alarm) => (
        <div
          key={alarm.key}
          className="mx-auto flex max-w-[1560px] flex-wrap items-center gap-x-3 gap-y-2 px-5 py-2.5"
        >
          <p className="min-w-[14rem] flex-1 text-[17px] leading-snug font-semibold tab:text-[19px]">
            {says(alarm)} <span className="font-normal">since {clockText(alarm.dueAt)}</span>
          </p>
          <Button
            onClick={() => {
              dispatch(alarmAnswered(alarm.key));
              // The pot sends what is over on to the book.
              navigate(`/pot/${alarm.makeId}`);
            }}
          >
            {alarm.about === 'taste' ? 'To its page' : 'To this pot'}
          </Button>
          <Button onClick={() => dispatch(alarmSnoozed({ key: alarm.key, until: now + SNOOZE_MS }))}>
            In 5 minutes again
          </Button>
        </div>
      ))}
    </section>
  );
}

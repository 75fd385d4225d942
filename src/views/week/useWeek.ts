import { addDays, format as formatDate, parseISO, startOfDay } from 'date-fns';
import { useEffect, useMemo, useState } from 'react';
import { wallMinutes } from '../../core/units/wallTime';
import type { WishOf } from '../../files/weekWishes';
import { heatedWithin } from '../../kitchen/milk';
import { unitsOf } from '../../kitchen/usual';
import { beliefFor } from '../../learn/learn';
import type { Brief } from '../../plan/brief/schema';
import { withoutClock } from '../../plan/byClock';
import { demandOf } from '../../plan/placing/demand';
import { type Planned, planBrief } from '../../plan/plan';
import { expectedEnd } from '../../run/expect';
import { litresLeft } from '../../run/shelf';
import type { Running, Wanted } from '../../schedule/week';
import { useMethodBook } from '../../store/methodBook';
import { type AskedWeek, usePorts } from '../../store/ports';
import { selectOver, selectRunning, selectUsed, useAppSelector } from '../../store/store';
import { movesOf, type Stands, standsAfter } from './stands';

export const WALL = "yyyy-MM-dd'T'HH:mm";
export const DAYS = 7;
const wall = (at: Parameters<typeof formatDate>[0]) => wallMinutes(formatDate(at, WALL)) ?? 0;
const clockText = (hour: number) =>
  `${String(Math.floor(hour)).padStart(2, '0')}:${String(Math.round((hour % 1) * 60)).padStart(2, '0')}`;

/** A wish with its plan, or without one where it cannot be planned any more. */
export interface PlannedWish {
  wish: WishOf;
  planned: Planned | null;
}

const plans = new Map<string, Planned | null>();
/** Plans of wishes, made once for each brief and what has been learned of it. */
function usePlans(): PlannedWish[] {
  const wishes = useAppSelector((state) => state.week.wishes);
  const learning = useAppSelector((state) => state.learning.learning);
  const leftOut = useAppSelector((state) => state.kitchen.leftOut);
  const milks = useAppSelector((state) => state.data.milks);
  const methods = useMethodBook();
  return useMemo(
    () =>
      wishes.map((wish) => {
        const milk = milks.find(({ id }) => id === wish.milkId)?.name;
        const belief = learning
          ? beliefFor(learning, { method: wish.brief.method, ...(milk !== undefined && { milk }) }, leftOut)
          : {};
        const own = methods.find(({ id }) => id === wish.brief.method);
        const key = JSON.stringify([wish.brief, belief, own]);
        if (!plans.has(key)) {
          const { start: _start, readyBy: _readyBy, ...brief } = withoutClock(wish.brief);
          const planned = planBrief(brief as Brief, { spread: false, belief, methods });
          plans.set(key, planned.ok ? planned.value : null);
        }
        return { wish, planned: plans.get(key) ?? null };
      }),
    [wishes, learning, leftOut, milks, methods],
  );
}

/** Real minutes of a moment, ms: what the solver counts by. */
const real = (at: number) => at / 60_000;

/** How much a wish weighs more than the one after it: all of them together less than one make. */
const FIRST_WISHED = 1e-4;
/** Of a milk that nobody counts there is always enough, L. */
const UNCOUNTED_L = 100_000;
/** The week is laid anew by time alone at most so often, ms. */
const QUARTER_MS = 900_000;

/** The makes that run, as they still stand in the week at a moment, ms. */
function useRunning(at: number): Running[] {
  const running = useAppSelector(selectRunning);
  return useMemo(
    () =>
      running.flatMap(({ id, state }): Running[] => {
        const stages = state.plan.stages.slice(state.index);
        const [first, ...rest] = stages;
        if (!first) return [];
        const leftMin = Math.max(1, (expectedEnd(state) - at) / 60_000);
        const now = {
          ...first,
          durationMin: { ...first.durationMin, likely: leftMin },
          hands: [],
          atLeastMin: leftMin,
          atMostMin: leftMin,
        };
        const demand = demandOf(id, { ...state, plan: { ...state.plan, stages: [now, ...rest] } });
        // A make under way takes its own time: nothing of it is drawn out.
        const fixed = {
          ...demand,
          stages: demand.stages.map((one) => ({ ...one, lessSteps: 0, moreSteps: 0 })),
        };
        return [{ id, demand: fixed, fromMin: real(at), pot: state.pot?.id ?? null }];
      }),
    [running, at],
  );
}

/** Whether all that a week is laid by has been read: the makes, and what they have taught. */
function useSettled(): boolean {
  const loaded = useAppSelector((state) => state.data.loaded);
  const learned = useAppSelector((state) => state.learning.learning !== null);
  const taught = useAppSelector((state) => selectOver(state).length > 0);
  return loaded && (learned || !taught);
}

/** The week that is looked at, asked for and laid: wishes with their plans, and where they stand. */
export function useWeek(now: number) {
  const { scheduler } = usePorts();
  const [firstDay, setFirstDay] = useState(() => formatDate(startOfDay(now), WALL));
  const kitchen = useAppSelector((state) => state.kitchen);
  const milks = useAppSelector((state) => state.data.milks);
  const used = useAppSelector(selectUsed);
  const plans = usePlans();
  const quarter = Math.floor(now / QUARTER_MS) * QUARTER_MS;
  const running = useRunning(quarter);
  const runningViews = useAppSelector(selectRunning);
  const asked = useMemo((): AskedWeek => {
    const from = parseISO(firstDay);
    // Nothing is laid into what has gone by.
    const begins = Math.max(wall(from), Math.ceil((wall(quarter) + 1) / 15) * 15);
    const { asleepFrom = 23, asleepTo = 6, awayFrom, awayTo, pots = [], hobs = [], press } = kitchen;
    const days = Array.from({ length: DAYS + 7 }, (_, i) => formatDate(addDays(from, i), 'yyyy-MM-dd'));
    const out = awayFrom != null && awayTo != null && awayFrom < awayTo;
    return {
      from: Math.min(begins, wall(from) + DAYS * 1440 - 60),
      days: Math.max(0.05, (wall(from) + DAYS * 1440 - begins) / 1440),
      zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
      names: Object.fromEntries([
        ...plans.map(({ wish }) => [wish.id, wish.name]),
        ...runningViews.map(({ id, state }) => [id, state.name]),
        ...pots.map(({ id, name }) => [id, name]),
        ...milks.map(({ id, name }) => [id, name]),
      ]),
      units: unitsOf(kitchen),
      hands: kitchen.hands ?? 1,
      asleep: { from: clockText(asleepFrom), to: clockText(asleepTo) },
      away: out
        ? days.map((day) => ({ from: `${day}T${clockText(awayFrom)}`, to: `${day}T${clockText(awayTo)}` }))
        : [],
      pots: pots.length > 0 ? pots.map(({ id, litres }) => ({ id, litres })) : undefined,
      rings: hobs.length > 0 ? hobs.length : undefined,
      presses: press && press !== 'none' ? 1 : undefined,
      milk: milks.map((milk) => {
        const { from, until } = heatedWithin(milk);
        return {
          id: milk.id,
          litres: litresLeft(milk, used.milks) ?? UNCOUNTED_L,
          from: from === null ? null : wallMinutes(from),
          useBy: until === null ? null : wallMinutes(until),
        };
      }),
      wanted: plans.flatMap(({ wish, planned }, i): Wanted[] =>
        planned
          ? [
              {
                id: wish.id,
                plan: planned.plan,
                method: planned.method,
                milk: milks.some((one) => one.id === wish.milkId) ? wish.milkId : null,
                notBefore: wish.notBefore === null ? null : wallMinutes(wish.notBefore),
                readyBy: wish.readyBy === null ? null : wallMinutes(wish.readyBy),
                // Of two that cannot both stand, the one that was wished first.
                weight: 1 + FIRST_WISHED * (plans.length - i),
                pinned: wish.pinned
                  ? { start: wallMinutes(wish.pinned.start) ?? 0, pot: wish.pinned.pot }
                  : undefined,
              },
            ]
          : [],
      ),
      running,
    };
  }, [firstDay, quarter, kitchen, milks, used, plans, running, runningViews]);
  const settled = useSettled();
  const [stands, setStands] = useState<Stands | null>(null);
  const [looking, setLooking] = useState(true);
  useEffect(() => {
    scheduler.lay(asked, (laid, still) => {
      setStands((was) => standsAfter(was, asked, laid, settled));
      setLooking(still);
    });
  }, [scheduler, asked, settled]);
  const moves = stands?.other ? movesOf(stands.laid, stands.other) : [];
  return {
    firstDay,
    turn: (weeks: number) => setFirstDay(formatDate(addDays(parseISO(firstDay), 7 * weeks), WALL)),
    asked,
    plans,
    running,
    laid: stands?.laid ?? null,
    /** Whether a better week is still being looked for. */
    looking,
    /** What has to move since a make runs late, or was not begun: only if the maker agrees. */
    moves,
    agree: () => setStands((was) => was && { ...was, laid: was.other ?? was.laid, other: null }),
    keep: () => setStands((was) => was && { ...was, other: null }),
  };
}
export type WeekHere = ReturnType<typeof useWeek>;

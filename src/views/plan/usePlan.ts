import { format as formatDate } from 'date-fns';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { Fault } from '../../core/faults/fault';
import type { Belief } from '../../plan/belief';
import type { Brief } from '../../plan/brief/schema';
import { withoutClock } from '../../plan/byClock';
import { type Planned, planBrief } from '../../plan/plan';
import { useNow } from '../../store/hooks';
import { useMethodBook } from '../../store/methodBook';
import { usePorts } from '../../store/ports';
import { useAppSelector } from '../../store/store';
import { afterFrame } from '../../ui/afterFrame';
import { type BriefResult, briefOf } from '../draft/briefOf';
import { useBelief } from '../draft/useBelief';
import { carrySpread } from './carrySpread';

export interface LivePlan {
  /** The latest plan of this make that could be made; stays while a field is being mended. */
  planned: Planned | null;
  /** Whether its spread is its own, not one carried over from the plan before. */
  own: boolean;
  /** The latest of which nothing more is to come, for what need not follow every key. */
  settled: Planned | null;
  /** What stands in the way of a plan for what is typed now. */
  faults: Fault[];
  brief: BriefResult['brief'];
}

/** The same list whenever nothing is wrong, so that nothing that shows faults is drawn anew. */
const NO_FAULTS: Fault[] = [];

/** Plans what is typed: the likely run at once, the spread from the worker a moment later. */
export function useLivePlan(): LivePlan {
  const { planner } = usePorts();
  const draft = useAppSelector((state) => state.draft);
  const kitchen = useAppSelector((state) => state.kitchen);
  const methods = useMethodBook();
  const minute = Math.floor(useNow(10_000) / 60_000);
  const { brief, faults } = useMemo(
    () => briefOf(draft, kitchen, formatDate(minute * 60_000, "yyyy-MM-dd'T'HH:mm"), methods),
    [draft, kitchen, minute, methods],
  );
  const { chosen } = draft;
  const key = brief === null ? null : JSON.stringify(brief);
  // The same brief keeps its identity however often it is written down anew.
  const kept = useRef<{ key: string; brief: Brief } | null>(null);
  if (key === null || brief === null) kept.current = null;
  else if (kept.current?.key !== key) kept.current = { key, brief };
  const same = kept.current?.brief ?? null;
  const last = useRef<Planned | null>(null);
  const belief = useBelief(last.current?.plan ?? null);
  // Laying it round the clock takes many plans: the worker does that.
  const likely = useMemo(
    () => same && planBrief(withoutClock(same), { spread: false, says: false, belief, methods }),
    [same, belief, methods],
  );
  // What the worker found wrong, and with which brief: the next one has nothing to do with it.
  const [broken, setBroken] = useState<{ key: string | null; faults: Fault[] }>({ key: null, faults: [] });
  const [spread, setSpread] = useState<{ key: string; belief: Belief; planned: Planned } | null>(null);
  useEffect(() => {
    // What has not been chosen is shown without a spread, and keeps nobody waiting who chooses.
    if (key === null || same === null || !chosen) return;
    let wanted = true;
    // When the likely run is painted: until then both cores have enough to do.
    const notYet = afterFrame(async () => {
      const result = await planner.plan(same, { belief, methods });
      if (!wanted || !result) return;
      if (result.ok) setSpread({ key, belief, planned: result.value });
      setBroken({ key, faults: result.ok ? [] : result.faults });
    });
    return () => {
      wanted = false;
      notYet();
    };
  }, [key, same, chosen, planner, belief, methods]);
  const own = spread !== null && spread.key === key && spread.belief === belief;
  if (spread && own) last.current = spread.planned;
  else if (likely?.ok)
    last.current = carrySpread(likely.value, spread?.planned ?? null, Object.keys(belief).length > 0);
  const settled = useRef<Planned | null>(null);
  if (own || !chosen || broken.key === key || settled.current?.plan.method !== last.current?.plan.method)
    settled.current = last.current;
  const found =
    likely && !likely.ok
      ? likely.faults
      : likely?.ok
        ? broken.key === key
          ? broken.faults
          : NO_FAULTS
        : faults;
  const ofThisMake = (one: Planned | null) => (one?.plan.method === draft.method ? one : null);
  return {
    planned: ofThisMake(last.current),
    own,
    settled: ofThisMake(settled.current),
    faults: found.length === 0 ? NO_FAULTS : found,
    brief: likely?.ok ? brief : null,
  };
}

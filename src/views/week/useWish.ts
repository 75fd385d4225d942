import { format as formatDate } from 'date-fns';
import { good, type Result } from '../../core/faults/fault';
import { capital } from '../../core/units/capital';
import type { WishOf } from '../../files/weekWishes';
import { methodById } from '../../makes';
import type { Brief } from '../../plan/brief/schema';
import { useNow } from '../../store/hooks';
import { useAppSelector } from '../../store/store';
import { briefOf } from '../common/briefOf';
import { WALL } from './useWeek';

/** A wish of a brief: called by its make, wanted when the brief says it should be ready. */
export function wishOf(brief: Brief, milkId: string | null): WishOf {
  const { readyBy, start: _start, asleep: _asleep, away: _away, ...rest } = brief;
  const short = methodById(brief.method)?.short ?? brief.method;
  return {
    id: crypto.randomUUID(),
    name: capital(short),
    brief: rest as Brief,
    milkId,
    notBefore: null,
    readyBy: readyBy ?? null,
    pinned: null,
  };
}

/** Makes wishes of the milk that lies open on the plan: any make of it. */
export function useWish(): (method: string) => Result<WishOf> {
  const draft = useAppSelector((state) => state.draft);
  const kitchen = useAppSelector((state) => state.kitchen);
  const now = useNow(60_000);
  return (method) => {
    const same = draft.method === method ? draft : { ...draft, method, when: 'now' as const };
    const { brief, faults } = briefOf(same, kitchen, formatDate(now, WALL));
    return brief ? good(wishOf(brief, draft.milkId)) : { ok: false, faults };
  };
}

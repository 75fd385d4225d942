import { format as formatDate } from 'date-fns';
import { good, type Result } from '../../core/faults/fault';
import type { WishOf } from '../../files/weekWishes';
import { useNow } from '../../store/hooks';
import { useMethodBook } from '../../store/methodBook';
import { useAppSelector } from '../../store/store';
import { briefOf } from '../draft/briefOf';
import { wishOf } from '../draft/wishOf';
import { WALL } from './useWeek';

/** Makes wishes of the milk that lies open on the plan: any make of it. */
export function useWish(): (method: string) => Result<WishOf> {
  const draft = useAppSelector((state) => state.draft);
  const kitchen = useAppSelector((state) => state.kitchen);
  const now = useNow(60_000);
  const methods = useMethodBook();
  return (method) => {
    const same = draft.method === method ? draft : { ...draft, method, when: 'now' as const };
    const { brief, faults } = briefOf(same, kitchen, formatDate(now, WALL), methods);
    return brief ? good(wishOf(brief, draft.milkId, methods)) : { ok: false, faults };
  };
}

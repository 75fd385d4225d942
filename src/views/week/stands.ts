import type { WeekPlan } from '../../schedule/weekFile';
import type { AskedWeek } from '../../store/ports';

/** The week as it stands on the wall, and another that time has made better, until the maker agrees to it. */
export interface Stands {
  asked: AskedWeek;
  laid: WeekPlan;
  other: WeekPlan | null;
  /** Whether all it is laid by had been read: what was laid before that, nobody has agreed to. */
  settled: boolean;
}

/** What the maker says of a week; what only time changes is left out. */
const saidIn = ({ running: _running, from: _from, days: _days, wanted, ...said }: AskedWeek): string =>
  JSON.stringify([said, wanted.map(({ plan, method: _method, ...rest }) => [rest, plan.brief])]);

/** Makes that stand elsewhere in another week: from when to when. */
export function movesOf(laid: WeekPlan, other: WeekPlan): { id: string; from: string; to: string | null }[] {
  return laid.placed.flatMap(({ id, start }) => {
    const to = other.placed.find((one) => one.id === id)?.start ?? null;
    return to === start ? [] : [{ id, from: start, to }];
  });
}

/** A week just laid: shown at once where the maker has changed something or nothing was settled, else only if nothing moves by it. */
export function standsAfter(was: Stands | null, asked: AskedWeek, laid: WeekPlan, settled: boolean): Stands {
  const shown = { asked, laid, other: null, settled };
  if (!was?.settled || saidIn(was.asked) !== saidIn(asked)) return shown;
  if (was.asked === asked && !was.other) return shown;
  return movesOf(was.laid, laid).length === 0 ? shown : { ...shown, laid: was.laid, other: laid };
}

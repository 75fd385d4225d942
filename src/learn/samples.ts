import { logOf } from '../judge/log';
import type { LearnedQuantity } from '../plan/belief';
import { withoutClock } from '../plan/byClock';
import { planBrief } from '../plan/plan';
import { bookOf } from '../plan/planOf';
import { isOver, type MakeState } from '../run/makeState';
import { BEFORE_THE_END, BY_WEIGHT, EVIDENCE, SPOILS } from './evidence';
import type { Sample } from './evidence/evidence';
import { LEARNED_QUANTITIES, type LearnedOf } from './quantities';

/** Whose a make was: by kind of owner, the very thing and what it is called. */
export type Owners = Readonly<Partial<Record<LearnedOf, { id: string; name: string }>>>;

/** What one make teaches, apart from all others: kept, since it changes only with its log or the model. */
export interface Taught {
  make: string;
  /** Days since 1970 on which it began. */
  day: number;
  owners: Owners;
  samples: Readonly<Partial<Record<LearnedQuantity, Sample>>>;
}

const DAY_MS = 86_400_000;

/** The very things a make was made of and in; nothing where nobody said. A blend of milks is nobody's. */
export function ownersOf(state: MakeState): Owners {
  const { sources } = state.plan.brief;
  const milk =
    state.milks.length > 1 ? '' : (state.milks[0]?.name ?? (state.milkName || sources?.milk)) || '';
  const taken = (dose: 'coagulant' | 'culture') => {
    const good = state.taken.find((one) => one.dose === dose);
    const id = good?.goodId ?? sources?.[dose];
    return id ? { [dose]: { id, name: good?.name ?? id } } : {};
  };
  const pot = state.pot?.id ?? sources?.pot;
  return {
    ...(milk && { milk: { id: milk, name: milk } }),
    ...taken('coagulant'),
    ...taken('culture'),
    ...(pot && { pot: { id: pot, name: state.pot?.name ?? pot } }),
    method: { id: state.plan.method, name: state.method?.title ?? state.plan.method },
  };
}

/** Which quantities a make may teach at all: by how it ended, and what went wrong in it. */
function teachable(state: MakeState): LearnedQuantity[] {
  const all: readonly LearnedQuantity[] = state.entered
    ? BY_WEIGHT
    : state.abandoned
      ? BEFORE_THE_END
      : LEARNED_QUANTITIES;
  return all.filter(
    (quantity) => !state.mishaps.some(({ what }) => SPOILS[quantity].some((id) => id === what)),
  );
}

/**
 * What a make that is over teaches, each against the plain model of today at the doses really given; null for one that runs, was practice, or
 * whose method is no longer known, or cannot be planned any more.
 */
export function taughtBy(make: string, state: MakeState): Taught | null {
  const log = logOf(state);
  if (!log || !isOver(state) || state.practice) return null;
  const planned = planBrief(withoutClock(state.plan.brief), { spread: false, methods: bookOf(state) });
  if (!planned.ok) return null;
  const samples: Partial<Record<LearnedQuantity, Sample>> = {};
  for (const quantity of teachable(state)) {
    const sample = EVIDENCE[quantity]({ log, plain: planned.value });
    if (sample && Number.isFinite(sample.ln)) samples[quantity] = sample;
  }
  return { make, day: Math.floor(state.startedAt / DAY_MS), owners: ownersOf(state), samples };
}

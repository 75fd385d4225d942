import { useMemo } from 'react';
import type { KnownMilk } from '../../files/milk';
import { beliefFor, type Learning } from '../../learn/learn';
import type { LearnedOf } from '../../learn/quantities';
import { methodById } from '../../makes';
import type { Belief } from '../../plan/belief';
import type { Plan } from '../../plan/schema';
import { potFor } from '../../plan/tools';
import type { Draft } from '../../store/slices/draft';
import { selectRunning, useAppSelector } from '../../store/store';

/** The very things a draft is of, as far as it says: its milk, its goods, its pot, its make. */
function sourcesOf(
  draft: Draft,
  milks: readonly KnownMilk[],
  pot: string | null,
): Partial<Record<LearnedOf, string>> {
  const whey = methodById(draft.method)?.of === 'whey';
  const milk = whey ? undefined : milks.find(({ id }) => id === draft.milkId)?.name;
  const { coagulant, culture } = draft.goods;
  return {
    ...(milk && { milk }),
    ...(coagulant && { coagulant }),
    ...(culture && { culture }),
    ...(pot && { pot }),
    method: draft.method,
  };
}

const NOTHING: Belief = {};
/** Only what is sure enough to be told moves a plan: nothing happens behind the maker's back. */
const toldOnly = (learning: Learning): Learning => ({
  ...learning,
  learnt: learning.learnt.filter((one) => one.told),
});

/** The pot a draft is made in: the one chosen, or the one that would be taken for a plan of it. */
function usePotId(plan: Plan | null): string | null {
  const chosen = useAppSelector((state) => state.draft.potId);
  const pots = useAppSelector((state) => state.kitchen.pots);
  const running = useAppSelector(selectRunning);
  if (chosen !== null || plan === null) return chosen;
  const busy = new Set(running.map(({ state }) => state.pot?.id));
  return (
    potFor(
      plan,
      pots?.filter(({ id }) => !busy.has(id)),
    )?.pot.id ?? null
  );
}

/** What has been learned of the things a draft is of, but for what the maker leaves out; `plan` says which pot it wants. */
export function useBelief(plan: Plan | null): Belief {
  const pot = usePotId(plan);
  const learning = useAppSelector((state) => state.learning.learning);
  const plain = useAppSelector((state) => state.learning.plain);
  const draft = useAppSelector((state) => state.draft);
  const milks = useAppSelector((state) => state.data.milks);
  const leftOut = useAppSelector((state) => state.kitchen.leftOut);
  const sources = useMemo(() => sourcesOf(draft, milks, pot), [draft, milks, pot]);
  const key = JSON.stringify(sources);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the same sources keep their belief, however often they are named anew
  return useMemo(() => {
    if (!learning || plain) return NOTHING;
    const belief = beliefFor(toldOnly(learning), sources, leftOut ?? []);
    return Object.keys(belief).length === 0 ? NOTHING : belief;
  }, [learning, plain, key, leftOut]);
}

import { useMemo } from 'react';
import { beliefFor } from '../../learn/learn';
import type { Belief } from '../../plan/belief';
import type { Plan } from '../../plan/schema';
import { potFor } from '../../plan/tools';
import { useMethod } from '../../store/methodBook';
import { selectRunning, useAppSelector } from '../../store/store';

/** The pot a draft is made in: the one chosen, or the one that would be taken for a plan of it. */
function usePotId(plan: Plan | null): string | null {
  const chosen = useAppSelector((state) => state.draft.potId);
  const pots = useAppSelector((state) => state.kitchen.pots);
  const running = useAppSelector(selectRunning);
  const method = useMethod(plan?.method);
  if (chosen !== null || plan === null) return chosen;
  const busy = new Set(running.map(({ state }) => state.pot?.id));
  return (
    potFor(
      { plan, method },
      pots?.filter(({ id }) => !busy.has(id)),
    )?.pot.id ?? null
  );
}

const NOTHING: Belief = {};

/**
 * What has been learned of the things a draft is of, its milk, goods, pot and make, but for what the maker leaves out; `plan` says
 * which pot it wants.
 */
export function useBelief(plan: Plan | null): Belief {
  const pot = usePotId(plan);
  const learning = useAppSelector((state) => state.learning.learning);
  const plain = useAppSelector((state) => state.learning.plain);
  const leftOut = useAppSelector((state) => state.kitchen.leftOut);
  const { method, milkId, goods } = useAppSelector((state) => state.draft);
  const milks = useAppSelector((state) => state.data.milks);
  const shelf = useAppSelector((state) => state.data.goods);
  const whey = useMethod(method)?.of === 'whey';
  const milk = whey ? undefined : milks.find(({ id }) => id === milkId)?.name;
  const { coagulant, culture } = goods;
  return useMemo(() => {
    if (!learning || plain) return NOTHING;
    const sources = {
      method,
      ...(milk !== undefined && { milk }),
      ...(coagulant !== undefined && { coagulant }),
      ...(culture !== undefined && { culture }),
      ...(pot !== null && { pot }),
    };
    const named = (id: string | undefined) => shelf.find((good) => good.id === id)?.name;
    const [coagulantName, cultureName] = [named(coagulant), named(culture)];
    const belief = beliefFor(learning, sources, leftOut, {
      ...(coagulantName !== undefined && { coagulant: coagulantName }),
      ...(cultureName !== undefined && { culture: cultureName }),
    });
    return Object.keys(belief).length === 0 ? NOTHING : belief;
  }, [learning, plain, leftOut, method, milk, coagulant, culture, pot, shelf]);
}

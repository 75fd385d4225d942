import { useMemo } from 'react';
import { shallowEqual } from 'react-redux';
import { beliefFor } from '../../learn/learn';
import { methodById } from '../../makes';
import type { Belief } from '../../plan/belief';
import type { Plan } from '../../plan/schema';
import { methodBook } from '../../store/methodBook';
import { type State, useAppSelector } from '../../store/store';
import { milkTaken } from './goods';
import { potTaken } from './pot';

const NOTHING: Belief = {};

/** What a draft is of, by what something may have been learned of; `plan` says which pot it wants. */
function drawnFrom(state: State, plan: Plan | null) {
  const { method, milkId, goods, potId } = state.draft;
  const { milks, goods: shelf } = state.data;
  const whey = methodById(method, methodBook(state))?.of === 'whey';
  const named = (id: string | undefined) => shelf.find((good) => good.id === id)?.name;
  return {
    learning: state.learning.plain ? null : state.learning.learning,
    leftOut: state.kitchen.leftOut,
    method,
    milk: whey ? undefined : milkTaken(milkId, milks)?.name,
    coagulant: goods.coagulant,
    coagulantName: named(goods.coagulant),
    culture: goods.culture,
    cultureName: named(goods.culture),
    pot: plan === null ? potId : (potTaken(state, plan)?.id ?? null),
  };
}

function believed(of: ReturnType<typeof drawnFrom>): Belief {
  if (!of.learning) return NOTHING;
  const { learning, leftOut, method, milk, coagulant, coagulantName, culture, cultureName, pot } = of;
  const belief = beliefFor(
    learning,
    {
      method,
      ...(milk !== undefined && { milk }),
      ...(coagulant !== undefined && { coagulant }),
      ...(culture !== undefined && { culture }),
      ...(pot !== null && { pot }),
    },
    leftOut,
    {
      ...(coagulantName !== undefined && { coagulant: coagulantName }),
      ...(cultureName !== undefined && { culture: cultureName }),
    },
  );
  return Object.keys(belief).length === 0 ? NOTHING : belief;
}

/**
 * What has been learned of the things a draft is of, its milk, goods, pot and make, but for what the maker leaves out; `plan` says
 * which pot it wants.
 */
export const beliefOf = (state: State, plan: Plan | null): Belief => believed(drawnFrom(state, plan));

/** The same, followed; the same object while nothing of it changes. */
export function useBelief(plan: Plan | null): Belief {
  const of = useAppSelector((state) => drawnFrom(state, plan), shallowEqual);
  return useMemo(() => believed(of), [of]);
}

import { createSelector } from '@reduxjs/toolkit';
import { methodById } from '../../makes';
import type { Plan } from '../../plan/schema';
import { potFor } from '../../plan/tools';
import { carryOverFor } from '../../run/pots';
import { methodBook } from '../../store/methodBook';
import { type State, selectLines, selectRunning } from '../../store/store';

/** The kitchen's pots, each with the name of the make that stands in it now. */
export const selectPots = createSelector(
  [(state: State) => state.kitchen.pots, selectRunning],
  (pots = [], running) => {
    const busy = new Map(running.flatMap(({ state: { pot, name } }) => (pot ? [[pot.id, name]] : [])));
    return pots.map((pot) => ({ ...pot, madeIn: busy.get(pot.id) ?? null }));
  },
);

/** The pot a plan is to be made in: the one chosen, or the smallest free one that holds it; null where there is none. */
export function potTaken(state: State, plan: Plan): { id: string; name: string } | null {
  const pots = selectPots(state);
  const chosen = pots.find(({ id }) => id === state.draft.potId);
  if (chosen) return chosen;
  const free = pots.filter(({ madeIn }) => madeIn === null);
  return potFor({ plan, method: methodById(plan.method, methodBook(state)) }, free)?.pot ?? null;
}

/** The same as a make begins in it, with how far it carries over, °C, by what was made in it. */
export function potBegunIn(state: State, plan: Plan) {
  const pot = potTaken(state, plan);
  if (!pot) return null;
  const { id, name } = pot;
  const [first, ...rest] = state.kitchen.hobs ?? [];
  const source = first && rest.every((hob) => hob.source === first.source) ? first.source : null;
  const carryOverC = carryOverFor(id, plan.brief.milk.litres ?? 1, selectLines(state), source);
  return { id, name, carryOverC };
}

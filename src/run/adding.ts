import type { GivenUnit } from '../core/units/given';
import { goalOf, takes } from '../makes/asked';
import { withAdded } from '../plan/added';
import type { Resolved } from '../plan/brief/resolved';
import { ADDED_DOSES, type AddedDose } from '../plan/givenDoses';
import { scaledBy } from '../plan/larger';
import { inFirstUnit, plannedAmountOf, unitsFor } from '../plan/measures';
import type { NewEvent } from './events';
import { frozen } from './frozen';
import { type Added, addedIn, type MakeState, stageAt } from './makeState';

/** A dose that goes in at the stage under way. */
export interface Adding {
  dose: AddedDose;
  units: readonly GivenUnit[];
  /** In the first of them. */
  planned: number;
  soFar: readonly Added[];
}

/** What goes in at the stage under way; acid that is poured by the look of the whey has its own count. */
export function addingIn(state: MakeState): Adding[] {
  const stage = stageAt(state);
  const goal = goalOf(stage, state.parameters);
  return ADDED_DOSES.flatMap((dose) => {
    if (!takes(stage, state.parameters, dose) || goal?.is === 'clear-whey') return [];
    const units = unitsFor(dose, state.plan.brief);
    const soFar = addedIn(state, dose);
    const unit = units[0] as GivenUnit;
    const planned = soFar[0]?.plannedAmount ?? plannedAmountOf(state.plan, dose, unit);
    return [{ dose, units, planned, soFar }];
  });
}

/** How much of a dose is in, go by go, in the measure it is reckoned in. */
export const amountIn = (soFar: readonly Added[]): number => soFar.reduce((sum, one) => sum + one.amount, 0);

/**
 * The event that so much of a dose went in, beside what is in already, with the plan made anew of all of it where one can be
 * made. Throws Infeasible for a measure the product is not measured in.
 */
export function addedEvent(
  state: MakeState,
  { dose, units, soFar }: Adding,
  said: { amount: number; unit: GivenUnit },
): Extract<NewEvent, { type: 'added' }> {
  const stage = stageAt(state).id;
  const unit = units[0] as GivenUnit;
  const amount = inFirstUnit(state.plan.brief as Resolved, dose, said);
  const planned = withAdded(state, dose, { amount: amountIn(soFar) + amount, unit });
  const follows = planned?.plan.stages[state.index]?.id === stage;
  return {
    type: 'added',
    stage,
    dose,
    amount,
    unit,
    said,
    go: soFar.length,
    ...(planned && follows && { anew: frozen(planned) }),
  };
}

/** Whether the stage under way makes or handles pieces that may be counted. */
export const countsPieces = (state: MakeState): boolean => {
  const params = state.parameters[stageAt(state).id];
  return typeof params === 'object' && params !== null && Object.hasOwn(params, 'pieces');
};

/** The event that so many pieces were made, with the plan made anew for them where one can be made. */
export function piecesEvent(state: MakeState, count: number): Extract<NewEvent, { type: 'pieces' }> {
  const planned = scaledBy(state, 1, { pieces: count });
  const follows = planned?.plan.stages[state.index]?.id === stageAt(state).id;
  return { type: 'pieces', count, ...(planned && follows && { anew: frozen(planned) }) };
}

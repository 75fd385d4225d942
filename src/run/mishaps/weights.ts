import type { MakeState } from '../makeState';

/** What the curd weighs as it stands: on the scale last, or as planned when it is done. */
export const curdKg = (state: MakeState): number =>
  state.weighings.at(-1)?.kg ?? state.plan.predictions.yieldKg.likely;

import { does } from '../makes/asked';
import type { MakeState } from './state';

/** A core as hot as this has been pasteurised, °C. Guidance of food authorities, from memory: 72 °C at once. */
export const CORE_PASTEURISED_C = 72;

/** Whether pieces that went through hot whey were read hot enough at the core. */
export const heatedThrough = (state: MakeState): boolean =>
  state.beside.some(({ of, at, tempC }) => {
    const run = state.runs.findLast((one) => one.startedAt <= at);
    const stage = state.plan.stages.find((one) => one.id === run?.stage);
    return of === 'core' && tempC >= CORE_PASTEURISED_C && stage !== undefined && does(stage, 'heats-curd');
  });

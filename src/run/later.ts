import { brineHours, endSaltPct, HOLDING_BRINE_PCT, type Knit } from '../core/salt/diffusion';
import { does, takes } from '../makes/asked';
import type { MakeState } from './state';

/** Brine in the cold, °C. Common practice. */
const COLD_C = 6;

/** What a finished cheese weighs now: as it was weighed last, or as planned. */
export const kgNow = (state: MakeState): number =>
  state.later.findLast((one) => one.kg !== null)?.kg ??
  state.weighedKg ??
  state.plan.predictions.yieldKg.likely;

/** Salt it holds by its make, %: what it was salted or brined to, where that was not left out. */
export function saltNowPct(state: MakeState): number {
  const salting = state.plan.stages.filter(
    (stage) => takes(stage, state.parameters, 'salt') || does(stage, 'brines'),
  );
  const done = salting.some(({ id }) => !state.runs.some((run) => run.stage === id && run.skipped));
  return done ? Number(state.plan.brief.options?.saltPct ?? 0) : 0;
}

export interface LaterBrine {
  /** Hours until it holds the salt wanted; nought where it holds that already. */
  hours: number;
  /** Salt it goes on to where it is kept in that brine for good, %. */
  endsPct: number;
  /** A brine that holds it where it is, % by weight. */
  holdingPct: number;
}

/**
 * How long a finished cheese lies in a brine, by the size of its pieces and how openly they are knit, and where it ends if it is
 * left there. Throws Infeasible for a salt that this brine never gives.
 *
 * @example brineLater(state, { pieceKg: 0.25, thicknessCm: 2.5, knit: 'close', pctWw: 12, percent: 2 }).hours
 */
export function brineLater(
  state: MakeState,
  {
    pieceKg,
    thicknessCm,
    knit,
    pctWw,
    percent,
  }: {
    pieceKg: number;
    thicknessCm: number;
    knit: Knit;
    pctWw: number;
    percent: number;
  },
): LaterBrine {
  const { moisturePct } = state.plan.predictions;
  const about = {
    shape: 'brick' as const,
    grams: pieceKg * 1000,
    thicknessCm,
    knit,
    brinePctWw: pctWw,
    targetSaltPct: percent,
    moisturePct,
    startSaltPct: saltNowPct(state),
    tempC: COLD_C,
  };
  return { hours: brineHours(about), endsPct: endSaltPct(pctWw, moisturePct), holdingPct: HOLDING_BRINE_PCT };
}

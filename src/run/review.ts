import { acidGiven, type MakeState } from './state';

/** What a finished make says against its plan. */
export interface Review {
  plannedKg: { likely: number; low: number; high: number };
  weighedKg: number | null;
  /** Weighed over planned, 1 for as planned; null without a weighing. */
  yieldRatio: number | null;
  withinSpread: boolean | null;
  acidPlannedGrams: number;
  acidGivenGrams: number;
  acidRatio: number | null;
  plannedMin: number;
  tookMin: number;
  topC: number | null;
  score: number | null;
}

export function reviewOf(state: MakeState): Review {
  const planned = state.plan.predictions.yieldKg;
  const dose = state.plan.doses.find((one) => one.id === 'acid')?.grams ?? 0;
  const given = acidGiven(state);
  const { weighedKg } = state;
  const scores = state.tastings.map((one) => one.score);
  const end = state.finishedAt ?? state.abandoned?.at ?? state.stageStartedAt;
  return {
    plannedKg: planned,
    weighedKg,
    yieldRatio: weighedKg === null ? null : weighedKg / planned.likely,
    withinSpread: weighedKg === null ? null : weighedKg >= planned.low && weighedKg <= planned.high,
    acidPlannedGrams: dose,
    acidGivenGrams: given,
    acidRatio: dose > 0 && given > 0 ? given / dose : null,
    plannedMin: state.plan.stages.reduce((sum, stage) => sum + stage.durationMin.likely, 0),
    tookMin: (end - state.startedAt) / 60_000,
    topC: state.readings.length > 0 ? Math.max(...state.readings.map((one) => one.tempC)) : null,
    score: scores.length > 0 ? scores.reduce((a, b) => a + b, 0) / scores.length : null,
  };
}

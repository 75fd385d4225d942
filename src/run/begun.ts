import type { PlanStage } from '../plan/schema';
import type { Started } from './events';
import type { MakeState, StageRun } from './makeState';

/** A make as its start leaves it: at its first stage, nothing noted. */
export function begun(event: Started): MakeState {
  const index = Math.max(
    0,
    event.plan.stages.findIndex((stage) => stage.id === event.fromStage),
  );
  const first = event.plan.stages[index] as PlanStage;
  return {
    name: event.name,
    milkName: event.milkName,
    plan: event.plan,
    parameters: event.parameters,
    courses: event.courses ?? null,
    method: event.method ?? null,
    modelVersion: event.modelVersion,
    pot: event.pot ?? null,
    milks: event.milks ?? [],
    taken: event.taken ?? [],
    startedAt: event.at,
    index,
    stageStartedAt: event.at,
    pausedAt: null,
    pausedMs: 0,
    handedAt: null,
    parted: null,
    entered: event.entered ?? false,
    practice: event.practice ?? false,
    runs: [{ stage: first.id, startedAt: event.at, endedAt: null }],
    readings: [],
    looks: [],
    pHs: [],
    weighings: [],
    flocculated: null,
    tests: [],
    turns: [],
    mishaps: [],
    added: [],
    loads: [],
    pieces: [],
    beside: [],
    acid: [],
    notes: [],
    later: [],
    ticks: { cooled: null, cleaned: null },
    wheyUse: null,
    tastings: [],
    weighedKg: null,
    finishedAt: null,
    abandoned: null,
    advice: [],
    undoable: null,
  };
}

const MIN_MS = 60_000;

/**
 * The stages a make went through, ms. One begun in the middle logged nothing of those before: they count as gone as planned, the last of
 * them over as it was begun.
 */
export function wholeRuns({ plan, runs, startedAt }: MakeState): readonly StageRun[] {
  const at = plan.stages.findIndex((stage) => stage.id === runs[0]?.stage);
  const first = plan.stages[at];
  if (!first || at === 0) return runs;
  const earlier = plan.stages.slice(0, at).map((stage): StageRun => {
    const began = startedAt - (first.startMin - stage.startMin) * MIN_MS;
    return { stage: stage.id, startedAt: began, endedAt: began + stage.durationMin.likely * MIN_MS };
  });
  return [...earlier, ...runs];
}

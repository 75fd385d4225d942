import type { AnyKind, PotState, Span, World } from '../makes/grammar';
import { stageKind } from '../makes/kinds';
import { fillParams, type Method, type StageSpec } from '../makes/method';
import type { Resolved } from './brief/resolve';

/** A stage of one batch: its kind and its parameters, options filled in and checked. */
export interface BatchStage {
  id: string;
  kind: AnyKind;
  params: unknown;
}

const applies = (stage: StageSpec, brief: Resolved): boolean =>
  stage.onlyIf === undefined ||
  ('given' in stage.onlyIf ? brief.cream !== undefined : (brief.options[stage.onlyIf.option] ?? 0) > 0);

/** The stages this brief runs through. */
export const stagesOf = (method: Method, brief: Resolved): BatchStage[] =>
  method.stages
    .filter((stage) => applies(stage, brief))
    .map((stage) => {
      const kind = stageKind(stage.kind);
      return { id: stage.id, kind, params: kind.params.parse(fillParams(stage, brief.options)) };
    });

/** Runs a batch through its stages in one world; `pot` is moved along. */
export const walk = (stages: readonly BatchStage[], world: World, pot: PotState): Span[] =>
  stages.map((stage) => stage.kind.predict(world, stage.params, pot));

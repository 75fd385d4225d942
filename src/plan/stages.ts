import { Infeasible } from '../core/faults/fault';
import { parse } from '../core/faults/zodFaults';
import { does } from '../makes/asked';
import type { AnyKind, PotState, Span, World } from '../makes/grammar';
import { stageKind } from '../makes/kinds';
import { sourAlong } from '../makes/kinds/souring';
import { conditionsOf, fillParams, type Method, type StageSpec } from '../makes/method';
import type { HandsWindow } from '../makes/traits';
import type { Resolved } from './brief/resolved';

/** A stage of one batch: its kind and its parameters, options filled in and checked. */
export interface BatchStage {
  id: string;
  kind: AnyKind;
  params: unknown;
  /** Waters it is rinsed with after this. */
  rinsesAhead: number;
}

/** What decides which stages a batch runs through. */
export type Choices = Pick<Resolved, 'options' | 'calcium'> & { cream?: unknown };

/** Whether a stage belongs to a batch. */
export const applies = (stage: StageSpec, { options, calcium, cream }: Choices): boolean =>
  conditionsOf(stage).every((one) => {
    if ('given' in one) return one.given === 'cream' ? cream !== undefined : calcium !== false;
    const value = options[one.option];
    if ('is' in one) return one.is.includes(value as string | boolean);
    if ('atLeast' in one) return Number(value) >= one.atLeast;
    return typeof value === 'number' ? value > 0 : value === true;
  });

/** The stages this brief runs through. */
export function stagesOf(method: Method, brief: Choices): BatchStage[] {
  const stages = method.stages.filter((stage) => applies(stage, brief));
  let rinsesAhead = stages.filter((stage) => does(stage, 'rinses')).length;
  return stages.map((stage) => {
    const kind = stageKind(stage.kind);
    if (does(stage, 'rinses')) rinsesAhead -= 1;
    return { id: stage.id, kind, params: paramsOf(stage, kind, brief.options), rinsesAhead };
  });
}

/** A stage's parameters with these options; throws Infeasible at the option, or the make, that cannot be so. */
function paramsOf(stage: StageSpec, kind: AnyKind, options: Resolved['options']): unknown {
  const read = parse(kind.params, fillParams(stage, options));
  if (read.ok) return read.value;
  const [fault] = read.faults;
  const param = fault?.path.split('.')[0] ?? '';
  const from = Object.hasOwn(stage.params, param) ? stage.params[param] : undefined;
  throw new Infeasible({
    path: typeof from === 'object' ? `options.${from.option}` : 'method',
    problem: `gives stage "${stage.id}" what it cannot be`,
    remedy: fault?.remedy ?? 'correct it',
  });
}

/** Runs a batch through its stages in one world; `pot` is moved along, and its ferment with it. */
export const walk = (stages: readonly BatchStage[], world: World, pot: PotState): Span[] =>
  stages.map((stage) => {
    const startedAt = pot.minute;
    pot.rinsesAhead = stage.rinsesAhead;
    const span = stage.kind.predict(world, stage.params, pot);
    sourAlong(world, pot, span, startedAt);
    if (!world.likely) return span;
    const hands = inOrder(stage.kind.hands(stage.params, span), span.durationMin);
    return { ...span, hands, handsOnMin: hands.reduce((sum, [from, to]) => sum + to - from, 0) };
  });

/** Windows one after the other within a stage: nobody has a hand in it twice at once, or for longer than it lasts. */
function inOrder(windows: readonly HandsWindow[], durationMin: number): HandsWindow[] {
  let at = 0;
  const found: HandsWindow[] = [];
  for (const [from, to] of windows) {
    const window: HandsWindow = [Math.max(at, from), Math.min(to, durationMin)];
    if (window[1] <= window[0]) continue;
    found.push(window);
    at = window[1];
  }
  return found;
}

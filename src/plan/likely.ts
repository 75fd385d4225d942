import { pHAfter } from '../core/acid/titrate';
import { bad, type Fault, good, Infeasible, type Result } from '../core/faults/fault';
import { roundTo } from '../core/units/numbers';
import { METHODS, type MethodBook } from '../makes';
import type { PotState, Span, World } from '../makes/grammar';
import type { Method } from '../makes/method';
import { type Belief, expectedWorld } from './belief';
import { atLitres, type ReadyBrief, resolveBrief } from './brief/resolve';
import type { Resolved } from './brief/resolved';
import type { Brief } from './brief/schema';
import { litresFor } from './litres';
import { type Outcome, outcomeOf } from './outcome';
import { type BatchStage, stagesOf, walk } from './stages';
import { type Dosed, potAtStart, worldOf } from './world';

/** What a brief comes to when nothing strays, before it is written down as a plan. */
export interface Likely {
  brief: Resolved;
  method: Method;
  stages: BatchStage[];
  spans: Span[];
  pot: PotState;
  outcome: Outcome;
  world: World & { acidNeeded: number };
  dosed: Dosed;
  pHAfterAcid: number | null;
}

/** Milk so rich, or a cheese wished so wet, that nothing would be left to run off. */
function tooWet({ brief, given }: ReadyBrief): Fault {
  const problem = 'leaves no whey to run off: the curd would have to hold more than there is';
  if (brief.cream) return { path: 'cream.litres', problem, remedy: 'give less cream, or a leaner one' };
  if (given.has('options.moisturePct'))
    return { path: 'options.moisturePct', problem, remedy: 'wish it drier' };
  return { path: 'milk.proteinPct', problem, remedy: 'check fat and protein, or take a drier cheese' };
}

/** The likely run of a brief for so many litres. Throws Infeasible where it cannot be made. */
export function likelyRun(ready: ReadyBrief, litres: number, belief: Belief = {}): Likely {
  const { method } = ready;
  const brief = atLitres(ready, litres);
  const stages = stagesOf(method, brief);
  const world = worldOf(brief, method, litres, expectedWorld(belief));
  const pot = potAtStart(brief, world);
  const spans = walk(stages, world, pot);
  const outcome = outcomeOf(brief, method, world, pot);
  if (outcome.wheyless) throw new Infeasible(tooWet(ready));
  return {
    brief,
    method,
    stages,
    spans,
    pot,
    outcome,
    world,
    dosed: { acid: world.acid?.amount ?? null, imcuPerLitre: world.coagulant?.imcuPerLitre ?? null },
    pHAfterAcid:
      world.acid && pHAfter(world.buffer, world.acid.titrant, world.acid.amount / world.milk.litres),
  };
}

/** What a figure of each span comes to over all of them. */
export const sum = (list: readonly Span[], of: (span: Span) => number) =>
  list.reduce((all, one) => all + of(one), 0);

/** Hours from the milk's first warming to the end. */
export function totalHoursOf({ stages, spans }: Likely): number {
  const firstHeat = stages.findIndex((stage) => stage.kind.does.includes('heats-milk'));
  const before = sum(spans.slice(0, Math.max(0, firstHeat)), (span) => span.durationMin);
  return roundTo((sum(spans, (span) => span.durationMin) - before) / 60, 4);
}

/** The likely run of a brief that has been read, for the litres it names or those its wish takes. */
export function runOf(
  brief: Brief,
  belief: Belief,
  methods: MethodBook,
): Result<{ run: Likely; ready: ReadyBrief; litres: number }> {
  const ready = resolveBrief(brief, methods);
  if (!ready.ok) return ready;
  const runFor = (litres: number) => likelyRun(ready.value, litres, belief);
  return feasibly(() => {
    const litres = brief.milk.litres ?? litresFor(brief.wantKg as number, (l) => runFor(l).outcome.yieldKg);
    return { run: runFor(litres), ready: ready.value, litres };
  });
}

/** What was worked out, or the fault that stands in its way. */
export function feasibly<T>(work: () => T): Result<T> {
  try {
    return good(work());
  } catch (error) {
    if (error instanceof Infeasible) return bad(error.fault);
    throw error;
  }
}

/**
 * How many hours a brief takes from the milk's first warming, by its likely run, plain: what a plan predicts as `totalHours`, without the
 * rest of the plan. Null where it cannot be made. Source: the stages' own durations. Example: a paneer of 8 L takes about 4.
 */
export function hoursOf(brief: Brief, methods: MethodBook = METHODS): number | null {
  const run = runOf(brief, {}, methods);
  return run.ok ? totalHoursOf(run.value.run) : null;
}

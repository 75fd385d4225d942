import { gramsOfProduct, isLiquidAcid } from '../core/acid/acids';
import { pHAfter } from '../core/acid/titrate';
import { costPerKg } from '../core/cost/cost';
import { WHEY_DENSITY_KG_PER_L, wheyKindOf } from '../core/curd/whey';
import { bad, good, Infeasible, type Result } from '../core/faults/fault';
import { parse } from '../core/faults/zodFaults';
import { CAUTIONS } from '../core/safety/cautions';
import { formatter, METRIC } from '../core/units/format';
import { roundTo } from '../core/units/numbers';
import { wallMinutes, wallTimeOf } from '../core/units/wallTime';
import type { Span } from '../makes/grammar';
import { type ReadyBrief, type Resolved, resolveBrief } from './brief/resolve';
import { type Brief, briefSchema } from './brief/schema';
import { dosesOf } from './doses';
import { litresFor } from './litres';
import { type Outcome, outcomeOf, totalKg } from './outcome';
import type { Plan } from './schema';
import { type Range, type Spread, spreadOf } from './spread/draws';
import { type BatchStage, stagesOf, walk } from './stages';
import { tellingOf } from './telling';
import { NO_DEPARTURE, potAtStart, setTempC, worldOf } from './world';

/** Model version: part of every frozen plan; raised when a number can come out differently. */
export const MODEL_VERSION = 1;

/** A plan with what the interface draws and a running make keeps beside it. */
export interface Planned {
  plan: Plan;
  /** Stage parameters by stage id, frozen into a make. */
  parameters: Record<string, unknown>;
  spans: Span[];
  outcome: Outcome;
  spread: Spread | null;
  acid: { amount: number; aimsAtPH: number; milkPH: number };
}

interface Likely {
  ready: ReadyBrief;
  litres: number;
  stages: BatchStage[];
  spans: Span[];
  outcome: Outcome;
  acidAmount: number;
  pHAfterAcid: number;
}

/** The likely run of a brief whose litres are known. Throws Infeasible where the acid cannot get there. */
function likelyRun(ready: ReadyBrief, litres: number): Likely {
  const { brief, method } = ready;
  const stages = stagesOf(method, brief);
  const world = worldOf(brief, method, litres, NO_DEPARTURE);
  const pot = potAtStart(brief, world);
  const spans = walk(stages, world, pot);
  return {
    ready,
    litres,
    stages,
    spans,
    outcome: outcomeOf(brief, method, world, pot, NO_DEPARTURE),
    acidAmount: world.acidAmount,
    pHAfterAcid: pHAfter(world.buffer, world.titrant, world.acidAmount / world.milk.litres),
  };
}

const around = (likely: number, range: Range | undefined, decimals: number) => ({
  likely: roundTo(likely, decimals),
  low: roundTo(Math.min(likely, range?.low ?? likely), decimals),
  high: roundTo(Math.max(likely, range?.high ?? likely), decimals),
});

function timesOf(brief: Resolved, totalMin: number): { start: string | undefined; readyAt: string | null } {
  if (brief.start !== undefined) {
    return { start: brief.start, readyAt: wallTimeOf((wallMinutes(brief.start) as number) + totalMin) };
  }
  if (brief.readyBy !== undefined) return { start: undefined, readyAt: brief.readyBy };
  return { start: undefined, readyAt: null };
}

function cost(brief: Resolved, acidAmount: number, outcome: Outcome): number | null {
  const perLitre = brief.milk.pricePerLitre;
  if (perLitre === undefined) return null;
  const inPriceUnit = isLiquidAcid(brief.acid.kind)
    ? acidAmount / 1000
    : gramsOfProduct(brief.acid, acidAmount) / 1000;
  const extras =
    (brief.acid.price ?? 0) * inPriceUnit + (brief.salt?.price ?? 0) * (outcome.saltGrams / 1000);
  return costPerKg(brief.milk.litres as number, perLitre, outcome.yieldKg) + extras / outcome.yieldKg;
}

function cautionsOf(run: Likely): Plan['cautions'] {
  const { brief } = run.ready;
  const about = { treatment: brief.milk.treatment, setC: setTempC(brief) };
  return run.stages.flatMap((stage) =>
    stage.kind.cautions(stage.params, about).map((id) => ({ id, stage: stage.id, text: CAUTIONS[id] })),
  );
}

function assemble(run: Likely, spread: Spread | null): Planned {
  const { brief: open, method } = run.ready;
  const brief: Resolved = { ...open, milk: { ...open.milk, litres: run.litres } };
  delete brief.wantKg;
  const { outcome, spans } = run;
  let minute = 0;
  const stages = run.stages.map((stage, index) => {
    const span = spans[index] as Span;
    const startMin = minute;
    minute += span.durationMin;
    return {
      id: stage.id,
      kind: stage.kind.kind,
      title: '',
      startMin: roundTo(startMin, 3),
      durationMin: around(span.durationMin, spread?.stages[index], 3),
      targetC: span.targetC,
      handsOnMin: roundTo(span.handsOnMin, 3),
    };
  });
  const firstWarm = run.stages.findIndex(
    (stage) => stage.kind.kind === 'warm' || stage.kind.kind === 'scald',
  );
  const before = spans.slice(0, Math.max(0, firstWarm)).reduce((sum, span) => sum + span.durationMin, 0);
  const drainMin = spans.reduce(
    (sum, span, i) => sum + (run.stages[i]?.kind.kind === 'drain' ? span.durationMin : 0),
    0,
  );
  const price = cost(brief, run.acidAmount, outcome);
  const plan: Plan = {
    format: 'plump-pail/plan',
    version: 1,
    method: method.id,
    brief,
    readyAt: timesOf(brief, minute).readyAt,
    doses: dosesOf(brief, run.acidAmount, outcome.saltGrams),
    stages,
    predictions: {
      pHAfterAcid: roundTo(run.pHAfterAcid, 4),
      setMin: null,
      acidifyHours: null,
      yieldKg: around(outcome.yieldKg, spread?.yieldKg, 6),
      moisturePct: roundTo(outcome.moisturePct, 4),
      fatInDryMatterPct: roundTo(outcome.fatInDryMatterPct, 4),
      wheyLitres: roundTo(totalKg(outcome.whey) / WHEY_DENSITY_KG_PER_L, 5),
      wheyKind: wheyKindOf(run.pHAfterAcid),
      wheyPH: roundTo(run.pHAfterAcid, 4),
      drainHours: around(
        drainMin / 60,
        (spread && { low: spread.drainMin.low / 60, high: spread.drainMin.high / 60 }) || undefined,
        4,
      ),
      handsOnMin: roundTo(
        spans.reduce((sum, span) => sum + span.handsOnMin, 0),
        3,
      ),
      totalHours: roundTo((minute - before) / 60, 4),
      costPerKg: price === null ? null : roundTo(price, 4),
    },
    hinges: spread?.hinges ?? [],
    cautions: cautionsOf(run),
  };
  const telling = tellingOf(plan, formatter(METRIC));
  plan.stages = plan.stages.map((stage, index) => ({
    ...stage,
    title: (run.stages[index] as BatchStage).kind
      .words((run.stages[index] as BatchStage).params, telling)
      .title.replaceAll('\u00a0', ' '),
  }));
  return {
    plan,
    parameters: Object.fromEntries(run.stages.map((stage) => [stage.id, stage.params])),
    spans,
    outcome,
    spread,
    acid: { amount: run.acidAmount, aimsAtPH: run.pHAfterAcid, milkPH: brief.milk.pH },
  };
}

/**
 * Plans a brief that has been read already. With `spread` false only the likely run is computed and low and high equal
 * it. Faults name the field.
 */
export function planBrief(brief: Brief, options: { spread?: boolean } = {}): Result<Planned> {
  const ready = resolveBrief(brief);
  if (!ready.ok) return ready;
  try {
    const litres =
      brief.milk.litres ??
      litresFor(brief.wantKg as number, (l) => likelyRun(ready.value, l).outcome.yieldKg);
    const run = likelyRun(ready.value, litres);
    const spread =
      options.spread === false ? null : spreadOf(ready.value, litres, run.stages, run.acidAmount);
    return good(assemble(run, spread));
  } catch (error) {
    if (error instanceof Infeasible) return bad(error.fault);
    throw error;
  }
}

/** Plans whatever a file holds: brief → plan, or every fault in it. */
export function planFile(value: unknown): Result<Planned> {
  const brief = parse<Brief>(briefSchema, value);
  return brief.ok ? planBrief(brief.value) : brief;
}

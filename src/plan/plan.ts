import { WHEY_DENSITY_KG_PER_L, wheyKindOf } from '../core/curd/whey';
import type { Result } from '../core/faults/fault';
import { parse } from '../core/faults/zodFaults';
import { cautionWords } from '../core/safety/cautions';
import { toldText } from '../core/safety/told';
import { formatter, METRIC } from '../core/units/format';
import { roundTo } from '../core/units/numbers';
import { wallMinutes, wallTimeOf } from '../core/units/wallTime';
import { METHODS, type MethodBook } from '../makes';
import { takes } from '../makes/asked';
import type { About, Span } from '../makes/grammar';
import type { Belief } from './belief';
import { saidOptions } from './brief/given';
import type { ReadyBrief } from './brief/resolve';
import type { Resolved } from './brief/resolved';
import { type Brief, briefSchema } from './brief/schema';
import { isByClock, planByClock } from './byClock';
import { inMetric } from './cautionText';
import { dosesOf } from './doses';
import { dosesOff } from './doseWarnings';
import { feasibly, type Likely, likelyRun, runOf, sum, totalHoursOf } from './likely';
import { movedBy } from './moved';
import { totalKg } from './outcome';
import type { Planned } from './planned';
import { priceOf } from './price';
import type { Plan } from './schema';
import { type Range, type Spread, spreadOf } from './spread/draws';
import type { BatchStage } from './stages';
import { tellingOf } from './telling';
import { warningsOf } from './warnings';

export type { Planned };

const around = (likely: number, range: Range | null | undefined, decimals: number) => ({
  likely: roundTo(likely, decimals),
  low: roundTo(Math.min(likely, range?.low ?? likely), decimals),
  high: roundTo(Math.max(likely, range?.high ?? likely), decimals),
});

const readyAtOf = (brief: Resolved, totalMin: number): string | null =>
  brief.start !== undefined
    ? wallTimeOf((wallMinutes(brief.start) as number) + totalMin)
    : (brief.readyBy ?? null);

function cautionsOf(
  run: Likely,
  staged: Plan['stages'],
  parameters: Record<string, unknown>,
  predictions: Plan['predictions'],
): Plan['cautions'] {
  const { brief, stages, spans } = run;
  const about: About = {
    of: run.method.of,
    yieldKg: predictions.yieldKg.likely,
    treatment: brief.milk.treatment,
    setC: Number(brief.options.setC ?? 0),
    wantedSetMin: Number(brief.options.wantedSetMin ?? 0),
    coagulant: brief.coagulant !== undefined,
  };
  const warned = warningsOf(brief, run.method, staged, parameters, spans, {
    world: run.world,
    outcome: run.outcome,
    curdPH: run.pot.pH,
  });
  const off = dosesOff(brief, run.method, {
    world: run.world,
    acidNeeded: run.world.acidNeeded,
    outcome: run.outcome,
    predictions,
  });
  for (const told of off) {
    const at = staged.find((stage) => takes(stage, parameters, told.of));
    if (at) warned.push({ stage: at.id, told });
  }
  return stages.flatMap((stage, index) => {
    const told = [
      ...(spans[index]?.tells ?? []),
      ...warned.filter((one) => one.stage === stage.id).map((one) => one.told),
    ];
    return [
      ...stage.kind
        .cautions(stage.params, about)
        .map((id) => ({ id, stage: stage.id, text: inMetric(cautionWords(id, formatter(METRIC))) })),
      ...told.map((one) => ({
        id: one.id,
        stage: stage.id,
        text: inMetric(toldText(one, formatter(METRIC))),
        told: one,
      })),
    ];
  });
}

function predictionsOf(run: Likely, spread: Spread | null): Plan['predictions'] {
  const { brief, outcome, spans, pot } = run;
  const price = priceOf(brief, run.method, run.dosed, outcome);
  const wheyPH = pot.wheyPH ?? pot.pH;
  const drained = run.stages.some((stage) => stage.kind.does.includes('drains'));
  return {
    pHAfterAcid: run.pHAfterAcid === null ? null : roundTo(run.pHAfterAcid, 4),
    setMin: pot.setMin === null ? null : around(pot.setMin, spread?.setMin, 3),
    acidifyHours: pot.acidifyHours === null ? null : around(pot.acidifyHours, spread?.acidifyHours, 4),
    yieldKg: around(outcome.yieldKg, spread?.yieldKg, 6),
    moisturePct: roundTo(outcome.moisturePct, 4),
    curdPH: roundTo(pot.pH, 3),
    saltPct: roundTo(outcome.saltPct, 4),
    saltInMoisturePct: roundTo(outcome.saltInMoisturePct, 4),
    fatInDryMatterPct: roundTo(outcome.fatInDryMatterPct, 4),
    wheyLitres: roundTo(totalKg(outcome.whey) / WHEY_DENSITY_KG_PER_L, 5),
    wheyKind: wheyKindOf(wheyPH),
    wheyPH: roundTo(wheyPH, 4),
    drainHours: drained ? around(pot.drainMin / 60, spread?.drainHours, 4) : null,
    handsOnMin: roundTo(
      sum(spans, (span) => span.handsOnMin),
      3,
    ),
    totalHours: totalHoursOf(run),
    costPerKg: price === null ? null : roundTo(price / outcome.yieldKg, 4),
  };
}

function assemble(run: Likely, spread: Spread | null): Planned {
  const { method, outcome, spans } = run;
  const { wantKg: _, ...sized } = run.brief;
  const brief = { ...sized, options: saidOptions(run.brief) };
  let minute = 0;
  const stages = run.stages.map((stage, index) => {
    const span = spans[index] as Span;
    const startMin = minute;
    minute += span.durationMin;
    const [least, most] = stage.kind.slack(stage.params);
    return {
      id: stage.id,
      kind: stage.kind.kind,
      title: '',
      startMin: roundTo(startMin, 3),
      durationMin: around(span.durationMin, spread?.stages[index], 3),
      targetC: span.targetC,
      handsOnMin: roundTo(span.handsOnMin, 3),
      hands: (span.hands ?? []).map(([from, to]): [number, number] => [roundTo(from, 3), roundTo(to, 3)]),
      atLeastMin: roundTo(span.durationMin * least, 3),
      atMostMin: roundTo(span.durationMin * most, 3),
      uses: [...stage.kind.uses(stage.params)],
    };
  });
  const parameters = Object.fromEntries(run.stages.map((stage) => [stage.id, stage.params]));
  const predictions = predictionsOf(run, spread);
  const plan: Plan = {
    format: 'plump-pail/plan',
    version: 1,
    method: method.id,
    brief,
    readyAt: readyAtOf(run.brief, minute),
    doses: dosesOf(run.brief, method, run.stages, run.dosed, outcome),
    stages,
    predictions,
    hinges: spread?.hinges ?? [],
    cautions: cautionsOf(run, stages, parameters, predictions),
  };
  const telling = tellingOf({ plan, method }, formatter(METRIC));
  plan.stages = plan.stages.map((stage, index) => ({
    ...stage,
    title: (run.stages[index] as BatchStage).kind
      .words((run.stages[index] as BatchStage).params, telling)
      .title.replaceAll('\u00a0', ' '),
  }));
  return {
    plan,
    method,
    parameters,
    spans,
    outcome,
    spread,
    milkPH: run.brief.milk.pH,
    acid:
      run.dosed.acid === null || run.pHAfterAcid === null
        ? null
        : { amount: run.dosed.acid, aimsAtPH: run.pHAfterAcid },
  };
}

/** How a brief is planned: with its spread or the likely run alone, plain or with what has been learned. */
export interface PlanOptions {
  /** The makes it may be a plan of: the product's, where nothing else is said. */
  methods?: MethodBook;
  spread?: boolean;
  belief?: Belief;
  /** Whether it says what of it was learned, which takes the plain run too. It does. */
  says?: boolean;
}

/**
 * Plans a brief that has been read already. With `spread` false only the likely run is computed and low and high equal
 * it. Faults name the field.
 */
export function planBrief(brief: Brief, options: PlanOptions = {}): Result<Planned> {
  return isByClock(brief)
    ? planByClock(
        brief,
        (one) => planOnce(one, { ...options, spread: false }),
        (one) => planOnce(one, options),
      )
    : planOnce(brief, options);
}

/** A plan that says what of it was learned: its likely run is held against the plain one. */
function withLearned(planned: Planned, ready: ReadyBrief, litres: number, belief: Belief): Planned {
  if (Object.keys(belief).length === 0) return planned;
  const plain = assemble(likelyRun(ready, litres), null).plan;
  const learned = movedBy(belief, plain, planned.plan);
  return learned.length === 0 ? planned : { ...planned, plan: { ...planned.plan, learned } };
}

function planOnce(brief: Brief, options: PlanOptions): Result<Planned> {
  const { belief = {}, methods = METHODS } = options;
  const found = runOf(brief, belief, methods);
  if (!found.ok) return found;
  const { run, ready, litres } = found.value;
  return feasibly(() => {
    const spread =
      options.spread === false ? null : spreadOf(ready, litres, run.stages, run.dosed, { belief });
    const planned = assemble(run, spread);
    return options.says === false ? planned : withLearned(planned, ready, litres, belief);
  });
}

/** Plans whatever a file holds: brief → plan, or every fault in it. */
export function planFile(value: unknown, options: PlanOptions = {}): Result<Planned> {
  const brief = parse<Brief>(briefSchema, value);
  return brief.ok ? planBrief(brief.value, options) : brief;
}

import { methodIn } from '../plan/planOf';
import type { Summary } from './line';
import type { MakeState } from './makeState';
import { coastsOf } from './pots';
import { reviewOf } from './review';
import { goodsUsed, milksUsed } from './shelf';
import { tastingsAt } from './taste';

/** What a make comes to in one line. */
export function summaryOf(id: string, state: MakeState): Summary {
  const review = reviewOf(state);
  const { plan } = state;
  const method = methodIn(state);
  const ran = new Set(state.runs.filter((run) => !run.skipped).map((run) => run.stage));
  const handsMin = plan.stages.reduce((sum, stage) => sum + (ran.has(stage.id) ? stage.handsOnMin : 0), 0);
  const kg = state.weighedKg;
  const { costPerKg, yieldKg } = plan.predictions;
  const litres = plan.brief.milk.litres ?? 0;
  return {
    id,
    name: state.name,
    method: plan.method,
    title: method?.title ?? plan.method,
    family: method?.family ?? '',
    milk: state.milkName,
    lots: [...new Set(state.taken.map(({ lot }) => lot).filter(Boolean))],
    startedAt: state.startedAt,
    endedAt: state.finishedAt ?? state.abandoned?.at ?? null,
    abandoned: state.abandoned !== null,
    litres,
    plannedKg: review.plannedKg.likely,
    weighedKg: kg,
    yieldShare: review.yieldRatio,
    kgPer100L: kg === null || litres <= 0 ? null : (100 * kg) / litres,
    score: review.score,
    found: [...new Set(state.tastings.flatMap((tasting) => tasting.found))],
    tasted: state.tastings.map(({ text }) => text).filter(Boolean),
    handsMin,
    handsMinPerKg: kg === null || kg <= 0 ? null : handsMin / kg,
    costPerKg: costPerKg === null || kg === null || kg <= 0 ? null : (costPerKg * yieldKg.likely) / kg,
    mishaps: state.mishaps.length,
    goods: goodsUsed(state),
    milks: milksUsed(state),
    pot: state.pot && {
      id: state.pot.id,
      degreeLitres: coastsOf(state).map((coast) => coast * (litres || 1)),
    },
    tasteAt: tastingsAt(state),
  };
}

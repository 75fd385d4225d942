import { BAGS, type Bag, paceBy } from '../../core/curd/bag';
import { lnOf } from '../../core/numeric/elementary';
import { goalOf, standsCOf } from '../../makes/asked';
import type { Resolved } from '../../plan/brief/resolved';
import { NO_DEPARTURE, pailOf } from '../../plan/world';
import { WEIGHED_SD } from '../../run/drainAdvice';
import type { Evidence } from './evidence';

/** Pace of the bag: hours the plain model needs to the weight that was read, over hours it hung. Only where weight decides the end. */
export const drainPace: Evidence = ({ log, plain }) => {
  const { state, method } = log;
  const stage = state.plan.stages.find((one) => goalOf(one, state.parameters)?.is === 'bag-moisture');
  const run = state.runs.find((one) => one.stage === stage?.id && !one.skipped);
  if (!stage || !run || !method.bag) return null;
  const last = state.weighings.findLast((one) => one.stage === stage.id && one.at > run.startedAt);
  if (!last) return null;
  const brief = plain.plan.brief as Resolved;
  const milk = pailOf(brief, method, brief.milk.litres ?? 1, NO_DEPARTURE);
  const milkKg = Math.min(Number(brief.options.bagKg ?? milk.massKg), milk.massKg);
  const bag: Bag = {
    composition: milk.composition,
    milkKg,
    tempC: standsCOf(stage, state.parameters) ?? brief.roomC,
    style: BAGS[method.bag],
  };
  const longer = paceBy(bag, [(last.at - run.startedAt) / 3_600_000, (last.kg * milkKg) / milk.massKg]);
  return longer === null ? null : { ln: -lnOf(longer), sd: WEIGHED_SD };
};

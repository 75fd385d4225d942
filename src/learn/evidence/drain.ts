import { BAGS, type Bag, bagAfter } from '../../core/curd/bag';
import { goalOf } from '../../makes/asked';
import type { Resolved } from '../../plan/brief/resolved';
import { NO_DEPARTURE, pailOf } from '../../plan/world';
import type { Evidence } from './evidence';

/** A weighing tells the pace to so much. Judgement. */
const WEIGHED_SD = 0.05;
const LONGEST_H = 72;

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
    tempC: brief.roomC,
    style: BAGS[method.bag],
    weighed: [],
  };
  const perBag = (last.kg * milkKg) / milk.massKg;
  const hours = (last.at - run.startedAt) / 3_600_000;
  if (hours <= 0 || perBag >= bagAfter(bag, 0).kgLeft || perBag <= bagAfter(bag, LONGEST_H).kgLeft)
    return null;
  let [low, high] = [0, LONGEST_H];
  for (let i = 0; i < 50; i++) {
    const middle = (low + high) / 2;
    if (bagAfter(bag, middle).kgLeft > perBag) low = middle;
    else high = middle;
  }
  return low > 0 ? { ln: Math.log(low / hours), sd: WEIGHED_SD } : null;
};

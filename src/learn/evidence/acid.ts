import { amountForPH } from '../../core/acid/titrate';
import { hypotOf, lnOf } from '../../core/numeric/elementary';
import { goalOf, takes } from '../../makes/asked';
import { resolveBrief } from '../../plan/brief/resolve';
import { bookOf } from '../../plan/planOf';
import { NO_DEPARTURE, worldOf } from '../../plan/world';
import type { MakeState } from '../../run/makeState';
import { doseGrams, type Evidence, type Made, type Sample } from './evidence';

/** How well a look at the whey is seen, as a share of the acid. Judgement. */
const LOOK_SD = 0.01;
/** A meter is read to this; near the stretch a tenth of pH is a tenth of the acid. From memory. */
const PH_SD = 0.03;

/** Acid in all at each look at the whey. */
function looks(state: MakeState): { grams: number; clear: boolean }[] {
  return state.looks.map(({ at, look }) => ({
    grams: state.acid.filter((one) => one.at <= at).reduce((sum, one) => sum + one.grams, 0),
    clear: look === 'clear',
  }));
}

/** Poured until the whey is clear: the need lies between the last total that was not clear and the first that was. */
function untilClear({ log, plain }: Made): Sample | null {
  const planned = doseGrams(plain, 'acid');
  const seen = looks(log.state);
  const first = seen.findIndex(({ clear }) => clear);
  // Clear at the first look says only that it was enough.
  if (planned <= 0 || first < 1) return null;
  const [low, high] = [seen[first - 1]?.grams ?? 0, seen[first]?.grams ?? 0];
  if (low <= 0 || high < low) return null;
  const middle = (low + high) / 2;
  return { ln: lnOf(middle / planned), sd: hypotOf((high - low) / middle / Math.sqrt(12), LOOK_SD) };
}

/** Poured at once into cold milk: what went in against what the plain model needs for the pH it came to. */
function toPH({ log, plain }: Made): Sample | null {
  const { state } = log;
  const stage = state.plan.stages.find((one) => takes(one, state.parameters, 'acid'));
  const run = state.runs.find((one) => one.stage === stage?.id && !one.skipped);
  const read = run && state.pHs.find((one) => one.at >= run.startedAt);
  const ready = resolveBrief(plain.plan.brief, bookOf(plain));
  const litres = plain.plan.brief.milk.litres;
  if (!read || !ready.ok || litres === undefined) return null;
  const world = worldOf(ready.value.brief, ready.value.method, litres, NO_DEPARTURE);
  if (!world.acid || read.pH >= world.buffer.pH0 - 0.2) return null;
  const plainGrams = doseGrams(plain, 'acid');
  const perGram = plainGrams > 0 && plain.acid ? plain.acid.amount / plainGrams : 0;
  const given = doseGrams({ plan: state.plan }, 'acid') * perGram;
  const needed = amountForPH(world.buffer, world.acid.titrant, read.pH) * world.milk.litres;
  return given > 0 && needed > 0 ? { ln: lnOf(given / needed), sd: PH_SD } : null;
}

/** Acid this milk takes against what the model says. */
export const acidNeed: Evidence = (made) => {
  const { state } = made.log;
  const stage = state.plan.stages.find((one) => takes(one, state.parameters, 'acid'));
  if (!stage) return null;
  return goalOf(stage, state.parameters)?.is === 'clear-whey' ? untilClear(made) : toPH(made);
};

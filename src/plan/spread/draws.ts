import { normal, type Random, seeded } from '../../core/stats/random';
import { explainedShare, quantile } from '../../core/stats/summary';
import { roundTo } from '../../core/units/numbers';
import type { ReadyBrief } from '../brief/resolve';
import { outcomeOf } from '../outcome';
import { type BatchStage, walk } from '../stages';
import { type Departure, NO_DEPARTURE, potAtStart, worldOf } from '../world';
import { type UncertainInput, uncertainInputs } from './inputs';

const DRAWS = 2000;
/** Normal draws are cut here so that no draw leaves the range the models were made for. */
const MOST_SD = 3;

export interface Range {
  low: number;
  high: number;
}

export interface Hinge {
  on: string;
  shareOfVariancePct: number;
  sharpenBy: string;
}

export interface Spread {
  yieldKg: Range;
  drainMin: Range;
  /** Acid product this batch may turn out to need, in its own measure (g or mL). */
  acidNeeded: Range;
  /** By stage, in order, min. */
  stages: Range[];
  /** What the yield's variance hangs on, largest first. */
  hinges: Hinge[];
  /** What the acid need's variance hangs on, largest first. */
  acidHinges: Hinge[];
  yieldDraws: Float64Array;
}

const cut = (random: Random) => {
  for (;;) {
    const z = normal(random);
    if (Math.abs(z) <= MOST_SD) return z;
  }
};

function departure(inputs: readonly UncertainInput[], random: Random): Departure {
  const depart = { ...NO_DEPARTURE };
  for (const input of inputs) {
    const z = cut(random) * input.sd;
    depart[input.key] = input.relative ? Math.exp(z) : z;
  }
  return depart;
}

const rangeOf = (values: Float64Array): Range => {
  const sorted = Float64Array.from(values).sort();
  return { low: quantile(sorted, 0.1), high: quantile(sorted, 0.9) };
};

function hingesOf(
  inputs: readonly UncertainInput[],
  drawn: readonly Departure[],
  out: Float64Array,
): Hinge[] {
  return inputs
    .map((input) => ({
      on: input.on,
      shareOfVariancePct: roundTo(
        100 *
          explainedShare(
            Float64Array.from(drawn, (depart) => depart[input.key]),
            out,
          ),
        1,
      ),
      sharpenBy: input.sharpenBy,
    }))
    .filter((hinge) => hinge.shareOfVariancePct >= 1)
    .sort((a, b) => b.shareOfVariancePct - a.shareOfVariancePct);
}

/**
 * The spread of a plan: seeded draws over the uncertain inputs, 10th and 90th percentiles, and what the variance hangs
 * on. The same seed draws the same departures for every brief of a make, so that a small change moves the spread a
 * little (common random numbers). `fixed` holds inputs at their likely value.
 */
export function spreadOf(
  ready: ReadyBrief,
  litres: number,
  stages: readonly BatchStage[],
  planned: number,
  fixed: readonly (keyof Departure)[] = [],
): Spread {
  const { brief, method } = ready;
  const inputs = uncertainInputs(ready);
  const random = seeded(brief.seed);
  const yields = new Float64Array(DRAWS);
  const acid = new Float64Array(DRAWS);
  const drains = new Float64Array(DRAWS);
  const durations = stages.map(() => new Float64Array(DRAWS));
  const drawn: Departure[] = [];
  for (let i = 0; i < DRAWS; i++) {
    const depart = departure(inputs, random);
    for (const key of fixed) depart[key] = NO_DEPARTURE[key];
    const world = worldOf(brief, method, litres, depart, planned);
    const pot = potAtStart(brief, world);
    const spans = walk(stages, world, pot);
    let drain = 0;
    spans.forEach((span, k) => {
      (durations[k] as Float64Array)[i] = span.durationMin;
      if (stages[k]?.kind.kind === 'drain') drain += span.durationMin;
    });
    drains[i] = drain;
    acid[i] = world.needed;
    yields[i] = outcomeOf(brief, method, world, pot, depart).yieldKg;
    drawn.push(depart);
  }
  return {
    yieldKg: rangeOf(yields),
    drainMin: rangeOf(drains),
    acidNeeded: rangeOf(acid),
    stages: durations.map(rangeOf),
    hinges: hingesOf(inputs, drawn, yields),
    acidHinges: hingesOf(inputs, drawn, acid),
    yieldDraws: yields,
  };
}

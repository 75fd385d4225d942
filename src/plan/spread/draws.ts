import { expOf } from '../../core/numeric/elementary';
import { SPREAD_ROWS, spreadPoints } from '../../core/stats/spreadPoints';
import { explainedShare, orderOf, quantile } from '../../core/stats/summary';
import { roundTo } from '../../core/units/numbers';
import { type Belief, expectedWorld } from '../belief';
import { atLitres, type ReadyBrief } from '../brief/resolve';
import { outcomeOf } from '../outcome';
import { type BatchStage, walk } from '../stages';
import { type Departure, type Dosed, NO_DEPARTURE, potAtStart, worldOf } from '../world';
import { type UncertainInput, uncertainInputs } from './inputs';

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
  drainHours: Range;
  /** From the coagulant to a clean cut, min; null where nothing sets. */
  setMin: Range | null;
  /** From the culture to its pH; null without one. */
  acidifyHours: Range | null;
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

function departure(
  inputs: readonly UncertainInput[],
  points: Float64Array,
  row: number,
  likely: Departure,
): Departure {
  const depart = { ...likely };
  inputs.forEach((input, k) => {
    const z = (points[row * inputs.length + k] as number) * input.sd;
    depart[input.key] = NO_DEPARTURE[input.key] === 1 ? likely[input.key] * expOf(z) : likely[input.key] + z;
  });
  return depart;
}

const rangeOf = (values: Float64Array): Range => {
  const sorted = Float64Array.from(values).sort();
  return { low: quantile(sorted, 0.1), high: quantile(sorted, 0.9) };
};

/** What was drawn of an input, and its order. */
interface Drawn {
  input: UncertainInput;
  values: Float64Array;
  order: Uint32Array;
}

function hingesOf(drawn: readonly Drawn[], out: Float64Array): Hinge[] {
  return drawn
    .map(({ input, values, order }) => ({
      on: input.on,
      shareOfVariancePct: roundTo(100 * explainedShare(values, out, order), 1),
      sharpenBy: input.sharpenBy,
    }))
    .filter((hinge) => hinge.shareOfVariancePct >= 1)
    .sort((a, b) => b.shareOfVariancePct - a.shareOfVariancePct);
}

/**
 * The spread of a plan: seeded, evenly spread draws over the uncertain inputs, 10th and 90th percentiles, and what the variance hangs
 * on. The same seed draws the same departures for every brief of a make, so that a small change moves the spread a
 * little (common random numbers). `fixed` holds inputs at their likely value; what has
 * been learned moves the draws and narrows them.
 */
export function spreadOf(
  ready: ReadyBrief,
  litres: number,
  stages: readonly BatchStage[],
  dosed: Dosed,
  {
    fixed = [],
    lattices = 1,
    belief = {},
  }: { fixed?: readonly (keyof Departure)[]; lattices?: number; belief?: Belief } = {},
): Spread {
  const { method } = ready;
  const brief = atLitres(ready, litres);
  const inputs = uncertainInputs(ready, belief);
  const likely = expectedWorld(belief);
  const points = spreadPoints(brief.seed, inputs.length, lattices);
  const draws = lattices * SPREAD_ROWS;
  const out = () => new Float64Array(draws);
  const yields = out();
  const acid = out();
  const drains = out();
  const sets = out();
  const sours = out();
  const durations = stages.map(out);
  const drawn: Departure[] = [];
  for (let i = 0; i < draws; i++) {
    const depart = departure(inputs, points, i, likely);
    for (const key of fixed) depart[key] = likely[key];
    const world = worldOf(brief, method, litres, depart, dosed);
    const pot = potAtStart(brief, world);
    walk(stages, world, pot).forEach((span, k) => {
      (durations[k] as Float64Array)[i] = span.durationMin;
    });
    drains[i] = pot.drainMin / 60;
    sets[i] = pot.setMin ?? Number.NaN;
    sours[i] = pot.acidifyHours ?? Number.NaN;
    acid[i] = world.acidNeeded;
    yields[i] = outcomeOf(brief, method, world, pot).yieldKg;
    drawn.push(depart);
  }
  const ordered = inputs.map((input): Drawn => {
    const values = Float64Array.from(drawn, (depart) => depart[input.key]);
    return { input, values, order: orderOf(values) };
  });
  const rangeOrNull = (values: Float64Array) => (Number.isNaN(values[0] as number) ? null : rangeOf(values));
  return {
    yieldKg: rangeOf(yields),
    drainHours: rangeOf(drains),
    setMin: rangeOrNull(sets),
    acidifyHours: rangeOrNull(sours),
    acidNeeded: rangeOf(acid),
    stages: durations.map(rangeOf),
    hinges: hingesOf(ordered, yields),
    acidHinges: hingesOf(ordered, acid),
    yieldDraws: yields,
  };
}

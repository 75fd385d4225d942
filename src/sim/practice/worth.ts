import type { CauseId, FindingId } from '../../judge/ids';
import type { PotState } from '../../makes/grammar';
import { curdOf } from '../../makes/kinds/curd';
import { type Outcome, outcomeOf } from '../../plan/outcome';
import { type Cost, type Practice, withCream, worldNow } from './batch';
import { hasCurd } from './curd';
import { caughtShare } from './doses';
import { otherwise } from './otherwise';

/** What a practised make came to. */
export interface Worth {
  kg: number;
  moisturePct: number;
  faults: FindingId[];
  /** Marks of a hundred. */
  score: number;
}

/** Marks lost: for each hundredth of the weight that could have been had, each point of moisture off, and each fault. Judgement. */
const MARKS = {
  perYieldPct: 1.5,
  yieldMost: 90,
  perMoisture: 4,
  moistureFrom: 1.5,
  moistureMost: 30,
  perFault: 5,
};
/** Off by so many points it is told in the words of findings; salt and acid off by so much. Judgement. */
const TOLD = { moisture: 3.5, yield: 0.93, salt: 0.35, saltPct: 0.3, pH: 0.2 } as const;

/** Work that was left out counts as next to none of it, not as work as usual. */
const NEXT_TO_NONE = { kPaHours: 0.01, stirMin: 1, cutMm: 200, rinses: 0, poachMin: 0 } as const;

/** The batch as it stands, work left undone counted as such. */
function asLeft({ pot, world }: Practice): PotState {
  const work = { ...pot.work };
  for (const key of Object.keys(NEXT_TO_NONE) as (keyof typeof NEXT_TO_NONE)[])
    if (world.style.usual[key] !== undefined) work[key] ??= NEXT_TO_NONE[key];
  return { ...pot, work };
}

/** What it would weigh and hold as it stands; without one thing that went wrong, where that is asked; null while it is no curd. */
export function standing(practice: Practice, without?: Cost, pot = asLeft(practice)): Outcome | null {
  if (!hasCurd(practice) || pot.wheyPH === null) return null;
  const { brief, method, added } = practice;
  const real = withCream(brief, added.cream);
  return outcomeOf(real, method, worldNow(practice, without), pot);
}

/** What was found of it, in the words of findings. */
function faultsOf(practice: Practice, outcome: Outcome, bestKg: number): FindingId[] {
  const { aims, costs: all, stretched, method, acidGrams, acidNeededGrams, pot } = practice;
  const found = new Set<FindingId>();
  const wetter = outcome.moisturePct - aims.moisturePct;
  if (wetter > TOLD.moisture) found.add('too-soft');
  if (wetter < -TOLD.moisture) found.add('too-dry');
  if (outcome.yieldKg < TOLD.yield * bestKg) found.add('low-yield');
  const salt = outcome.saltPct - aims.saltPct;
  if (Math.abs(salt) > Math.max(TOLD.saltPct, TOLD.salt * aims.saltPct))
    found.add(salt > 0 ? 'too-salty' : 'bland');
  if (aims.pH !== null && method.culture && pot.acidifyHours === null && pot.ferment) {
    if (pot.pH > aims.pH + TOLD.pH) found.add('not-sour');
    if (pot.pH < aims.pH - TOLD.pH) found.add('too-sour');
  }
  for (const { found: these, fat, casein, lost, moisturePct, marks } of all)
    if (fat + casein + lost > 0.02 || Math.abs(moisturePct) > 1 || marks > 2)
      for (const one of these) if (one !== 'low-yield' && one !== 'too-soft') found.add(one);
  if (stretched) {
    const { side, quality } = stretched.quality;
    if (side === 'not sour enough' || side === 'too sour') found.add('will-not-stretch');
    if (side === 'too cold') found.add('tears-stretching');
    if (side === 'too hot' || side === 'worked too long') found.add('tough');
    if (quality < 0.4 && side === 'stretches') found.add('tears-stretching');
  } else if (practice.stages.some((one) => one.kind.does.includes('stretches')))
    found.add('will-not-stretch');
  if (acidNeededGrams !== null && method.acid === 'turns' && acidGrams > 1.25 * acidNeededGrams)
    found.add('vinegar-taste');
  if (method.acid === 'turns' && caughtShare(practice) < 0.95) found.add('cloudy-whey');
  return [...found];
}

/** Fault and figures in marks: what a perfect hand would have had from this milk is a hundred. */
function scoreOf(practice: Practice, outcome: Outcome, faults: readonly FindingId[], bestKg: number): number {
  const short = Math.max(0, 100 * (1 - outcome.yieldKg / bestKg));
  const off = Math.max(0, Math.abs(outcome.moisturePct - practice.aims.moisturePct) - MARKS.moistureFrom);
  const extra = practice.costs.reduce((sum, one) => sum + one.marks, 0);
  const lost =
    Math.min(MARKS.yieldMost, MARKS.perYieldPct * short) +
    Math.min(MARKS.moistureMost, MARKS.perMoisture * off) +
    MARKS.perFault * faults.length +
    extra;
  return Math.max(0, Math.round(100 - lost));
}

/** What it is worth as it stands; `bestKg` is what a perfect hand would have had from this milk. */
export function worthOf(practice: Practice, bestKg: number, outcome = standing(practice)): Worth {
  if (!outcome) return { kg: 0, moisturePct: 0, faults: hasCurd(practice) ? [] : ['no-set'], score: 0 };
  const faults = faultsOf(practice, outcome, bestKg);
  return {
    kg: outcome.yieldKg,
    moisturePct: outcome.moisturePct,
    faults,
    score: scoreOf(practice, outcome, faults, bestKg),
  };
}

/** A thing that was done otherwise than it should have been, and what it cost. */
export interface Reckoned {
  atMin: number;
  cause: CauseId | null;
  text: string;
  /** Cheese that it cost, g, and marks. */
  grams: number;
  marks: number;
}

/** Everything that cost something, the dearest first; each by what the batch would be worth without it. */
export function reckonedUp(practice: Practice, bestKg: number): Reckoned[] {
  const real = standing(practice);
  if (!real) return [];
  const { score } = worthOf(practice, bestKg, real);
  const told = (
    { atMin, cause, text }: Pick<Reckoned, 'atMin' | 'cause' | 'text'>,
    without: Outcome | null,
    other: Practice,
  ): Reckoned[] =>
    without
      ? [
          {
            atMin,
            cause,
            text,
            grams: 1000 * (without.yieldKg - real.yieldKg),
            marks: Math.max(0, worthOf(other, bestKg, without).score - score),
          },
        ]
      : [];
  const left = asLeft(practice);
  return [
    ...practice.costs.flatMap((one) =>
      told(one, standing(practice, one), {
        ...practice,
        costs: practice.costs.filter((each) => each !== one),
      }),
    ),
    ...otherwise(practice, left).flatMap((one) =>
      told(one, standing(practice, undefined, one.pot), { ...practice, pot: one.pot }),
    ),
  ].sort((a, b) => b.marks - a.marks || b.grams - a.grams);
}

/** What lies on the scale, kg: the curd as it drips, or the whole pot. */
export const onScaleKg = (practice: Practice): number =>
  practice.pot.wheyPH === null ? practice.pot.kg : curdOf(worldNow(practice), practice.pot).kg;

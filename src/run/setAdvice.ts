import { flocculationMin, usualMultiplier } from '../core/coagulant/clotting';
import { goalOf, takes } from '../makes/asked';
import { wholeRuns } from './begun';
import { milkReading } from './milkHeat';
import { type MakeState, stageAt } from './state';

/** How long a curd that is not ready is left before the next look, min. Common practice. */
const LOOK_AGAIN_MIN = { 'not yet': 15, nearly: 7 } as const;

/** A set read warmer or colder than wanted: the share of its time it takes by that; null where it hardly sets at all. */
export interface SetHeat {
  readC: number;
  wantedC: number;
  share: number | null;
}

export type SetAdvice =
  /** Nothing noted yet: watch the bowl; the cut as planned, later or sooner where the milk was read colder or warmer. */
  | { kind: 'watch'; cutAt: number; heat: SetHeat | null }
  /** The bowl stopped: the cut follows from it. */
  | { kind: 'cut-at'; cutAt: number; flocculationMin: number; times: number; strengthShare: number }
  | { kind: 'look-again'; lookAt: number; found: 'not yet' | 'nearly'; lateMin: number }
  | { kind: 'clean' };

/** When the coagulant went in, ms; the start of the set where no such stage stands before it. */
function coagulantAt(state: MakeState): number {
  const added = state.plan.stages.findLast(
    (stage, i) => i <= state.index && takes(stage, state.parameters, 'coagulant'),
  );
  const run = added && wholeRuns(state).findLast((one) => one.stage === added.id);
  return run?.startedAt ?? state.stageStartedAt;
}

/** A reading this long before the coagulant still tells how warm the set is, min. */
const READ_BEFORE_MIN = 10;
/** By its heat alone a set is believed to take no less than this share of its time; beyond the most it hardly sets, and is warmed. */
const HEAT_SHARE = { least: 0.5, most: 3 } as const;
/** Less than this nobody would notice. */
const FELT = 0.1;

/** How much longer or shorter the set takes at the temperature that was read than at the one wanted; null where it is felt by nobody. */
function heatOf(state: MakeState, from: number): SetHeat | null {
  const { milk, options } = state.plan.brief;
  const wantedC = Number(options?.setC ?? 0);
  const read = milkReading(state, from - READ_BEFORE_MIN * 60_000);
  if (!read || !(wantedC > 0)) return null;
  // Only the heat differs: what else the rate hangs on falls out of the share.
  const minutesAt = (tempC: number) =>
    flocculationMin({
      species: milk.species,
      treatment: 'raw',
      imcuPerLitre: 1,
      tempC,
      pH: 6.5,
      calciumMmolPerLitre: 0,
    });
  const share = minutesAt(read.tempC) / minutesAt(wantedC);
  if (Math.abs(share - 1) < FELT) return null;
  const heat = { readC: read.tempC, wantedC };
  return share > HEAT_SHARE.most
    ? { ...heat, share: null }
    : { ...heat, share: Math.max(share, HEAT_SHARE.least) };
}

/** What the bowl and the knife say about a set by coagulant. Null for any other stage. */
export function setAdvice(state: MakeState): SetAdvice | null {
  const stage = stageAt(state);
  if (goalOf(stage, state.parameters)?.is !== 'clean-break') return null;
  const from = coagulantAt(state);
  const plannedCut = from + (state.plan.predictions.setMin?.likely ?? stage.durationMin.likely) * 60_000;
  const times = usualMultiplier(state.plan.brief.milk.homogenised ?? false);
  const floc = state.flocculated?.stage === stage.id ? state.flocculated : null;
  const cutAt = floc ? from + times * (floc.at - from) : plannedCut;
  const test = state.tests.findLast((one) => one.stage === stage.id && one.at >= state.stageStartedAt);
  if (test?.found === 'clean') return { kind: 'clean' };
  if (test?.found === 'not yet' || test?.found === 'nearly') {
    const lookAt = Math.max(
      test.at + LOOK_AGAIN_MIN[test.found] * 60_000,
      Math.min(cutAt, test.at + 20 * 60_000),
    );
    return {
      kind: 'look-again',
      lookAt,
      found: test.found,
      lateMin: Math.max(0, (lookAt - plannedCut) / 60_000),
    };
  }
  if (!floc) {
    const heat = heatOf(state, from);
    const share = heat ? (heat.share ?? HEAT_SHARE.most) : 1;
    return { kind: 'watch', cutAt: from + (plannedCut - from) * share, heat };
  }
  const flocculationMin = (floc.at - from) / 60_000;
  const planned = (plannedCut - from) / 60_000 / times;
  return {
    kind: 'cut-at',
    cutAt,
    flocculationMin,
    times,
    strengthShare: planned / Math.max(0.1, flocculationMin),
  };
}

import { flocculationMin, usualMultiplier } from '../core/coagulant/clotting';
import { goalOf } from '../makes/asked';
import { coursesIn } from '../run/frozen';
import { plannedSetC, setReads } from './causes/set';
import { cutAt, type Log, MIN_MS, meanOf, wentInAt } from './log';

/** How a set by coagulant went against what was to be expected at the heat and pH that were read. */
export interface Flocculated {
  /** Minutes from coagulant to flocculation over those expected of the dose that went in; null where nobody noted it. */
  ratio: number | null;
  /** The same over those of the make's usual set. */
  ofUsual: number | null;
  /** Minutes from coagulant to cut over minutes to flocculation. */
  times: number | null;
  tookMin: number | null;
  expectedMin: number;
  /** The dose's own set over the usual one: more than 1 for a small dose. */
  slower: number;
  event: number | null;
}

/** A pH read this long before the coagulant is still that of the set, min. */
const READ_BEFORE_MIN = 45;

/** Only what differs counts: the rest of the rate falls out. */
const minutesAt = (tempC: number, pH: number) =>
  flocculationMin({ species: 'cow', treatment: 'raw', imcuPerLitre: 1, tempC, pH, calciumMmolPerLitre: 0 });

/** Null where the make does not set to a clean break, or its coagulant has not gone in. */
export function flocculated(log: Log): Flocculated | null {
  const { state } = log;
  const set = state.plan.stages.find((stage) => goalOf(stage, state.parameters)?.is === 'clean-break');
  const from = wentInAt(log, 'coagulant');
  const planMin = state.plan.predictions.setMin?.likely;
  if (!set || from === null || !planMin) return null;
  const usual = log.method.options.wantedSetMin;
  const wantedMin =
    typeof log.options.wantedSetMin === 'number'
      ? log.options.wantedSetMin
      : usual?.type === 'number'
        ? usual.default
        : planMin;
  const reads = setReads(log);
  const plannedC = plannedSetC(log) ?? 32;
  const readC = reads.length > 0 ? meanOf(reads) : plannedC;
  const plannedPH = state.plan.predictions.pHAfterAcid ?? coursesIn(state)?.milkPH ?? 6.6;
  const cut = cutAt(log);
  const pH =
    state.pHs.findLast(
      (one) => one.at >= from - READ_BEFORE_MIN * MIN_MS && one.at <= (cut?.at ?? from + 3600_000),
    )?.pH ?? plannedPH;
  const differs = minutesAt(readC, pH) / minutesAt(plannedC, plannedPH);
  const multiplier = usualMultiplier(state.plan.brief.milk.homogenised ?? false);
  const expectedMin = (planMin / multiplier) * differs;
  const tookMin = state.flocculated ? (state.flocculated.at - from) / MIN_MS : null;
  return {
    tookMin,
    expectedMin,
    ratio: tookMin === null ? null : tookMin / expectedMin,
    ofUsual: tookMin === null ? null : tookMin / ((wantedMin / multiplier) * differs),
    times: tookMin === null || !cut || tookMin <= 0 ? null : (cut.at - from) / MIN_MS / tookMin,
    slower: planMin / wantedMin,
    event: state.flocculated?.seq ?? null,
  };
}

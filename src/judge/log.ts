import { type Format, formatter, METRIC } from '../core/units/format';
import { does, takes } from '../makes/asked';
import type { Method, OptionValues } from '../makes/method';
import type { DoseId } from '../makes/terms';
import type { Doing, ReadOf } from '../makes/traits';
import type { AddedDose } from '../plan/givenDoses';
import { methodIn } from '../plan/planOf';
import type { PlanStage } from '../plan/schema';
import { unreckoned } from '../run/borne';
import type { MakeState, StageRun } from '../run/makeState';
import { type Camp, campOf } from './camp';
import { putRight, type Tested, testedIn } from './thermometer';

/** A make as it is looked into. */
export interface Log {
  state: MakeState;
  method: Method;
  camp: Camp;
  options: OptionValues;
  /** When it was tasted, ms; null where nobody has. */
  foundAt: number | null;
  format: Format;
  /** What the notes say of its thermometer; its readings have been put right by that. */
  tested: Tested | null;
}

/** A reading of the log: what was read, and the event that says so. */
export interface Read {
  value: number;
  at: number;
  event: number | null;
}

/** The plan and all it rests on stand in the first event. */
export const PLAN = 0;
export const MIN_MS = 60_000;
export const HOUR_MS = 3_600_000;

/** A logger's reading cites the file it came with. */
const citing = (state: MakeState): MakeState => ({
  ...state,
  readings: state.readings.map((one) => ({ ...one, seq: one.seq ?? one.from ?? null })),
  pHs: state.pHs.map((one) => ({ ...one, seq: one.seq ?? one.from ?? null })),
});

/** A make's log, to be asked; null where its method is no longer known. */
export function logOf(state: MakeState, foundAt?: number | null, format = formatter(METRIC)): Log | null {
  const method = methodIn(state);
  if (!method) return null;
  const tested = testedIn(state);
  return {
    state: citing(tested ? putRight(state, tested) : state),
    tested,
    method,
    camp: campOf(method),
    options: state.plan.brief.options ?? {},
    foundAt: foundAt ?? state.tastings.at(-1)?.at ?? null,
    format,
  };
}

export const optionOf = (log: Log, key: string): number | null => {
  const value = log.options[key];
  return typeof value === 'number' ? value : null;
};

export type Which = (stage: PlanStage) => boolean;
export const that =
  (...what: Doing[]): Which =>
  (stage) =>
    what.some((one) => does(stage, one));
export const thatTakes =
  (log: Log, dose: DoseId): Which =>
  (stage) =>
    takes(stage, log.state.parameters, dose);

/** Whether the plan has such a stage. */
export const has = ({ state }: Log, which: Which): boolean => state.plan.stages.some(which);
const idsOf = ({ state }: Log, which: Which) => state.plan.stages.filter(which).map(({ id }) => id);

/** How such stages went: nothing of one that was left out, or not reached. */
export function runsOf(log: Log, which: Which): StageRun[] {
  const ids = idsOf(log, which);
  return log.state.runs.filter((run) => ids.includes(run.stage) && !run.skipped && run.endedAt !== null);
}
export const skippedIn = (log: Log, which: Which): StageRun | undefined => {
  const ids = idsOf(log, which);
  return log.state.runs.find((run) => ids.includes(run.stage) && run.skipped);
};

/** How long such stages took and were meant to, min, and the event that ended the last; null where none ran. */
export function tookOf(
  log: Log,
  which: Which,
): { tookMin: number; plannedMin: number; event: number } | null {
  const runs = runsOf(log, which);
  if (runs.length === 0 || log.state.entered) return null;
  const ran = new Set(runs.map((run) => run.stage));
  const tookMin = runs.reduce(
    (sum, { startedAt, endedAt, pausedMs = 0 }) =>
      sum + ((endedAt as number) - startedAt - pausedMs) / MIN_MS,
    0,
  );
  const plannedMin = log.state.plan.stages.reduce(
    (sum, stage) => sum + (ran.has(stage.id) ? stage.durationMin.likely : 0),
    0,
  );
  return { tookMin, plannedMin, event: runs.at(-1)?.endedBy ?? PLAN };
}

/** What share of its planned minutes such a stage took. */
export function paceOf(log: Log, which: Which): { share: number; event: number } | null {
  const took = tookOf(log, which);
  return took && took.plannedMin > 0 ? { share: took.tookMin / took.plannedMin, event: took.event } : null;
}

/** Readings between two moments. */
export const between = <R extends { at: number }>(all: readonly R[], from: number, to: number): R[] =>
  all.filter(({ at }) => at >= from && at <= to);

const asRead = ({ tempC, at, seq }: { tempC: number; at: number; seq: number | null }): Read => ({
  value: tempC,
  at,
  event: seq,
});

/** Temperatures read while such stages ran, of what the stage is about; or those said to be of something else. */
export function tempsIn(log: Log, which: Which, of?: ReadOf): Read[] {
  const all = of ? log.state.beside.filter((one) => one.of === of) : log.state.readings;
  return runsOf(log, which).flatMap(({ startedAt, endedAt }) =>
    between(all, startedAt, endedAt as number).map(asRead),
  );
}
export const tempsBetween = (log: Log, from: number, to: number): Read[] =>
  between(log.state.readings, from, to).map(asRead);

/** Of a warming only what was read near its end says how hot it came: the last quarter of it. */
const NEAR_END = 0.75;

/** Temperatures that say how hot something came: read in the last quarter of such stages. */
export function tempsNearEnd(log: Log, which: Which): Read[] {
  return runsOf(log, which).flatMap(({ startedAt, endedAt }) =>
    between(
      log.state.readings,
      startedAt + NEAR_END * ((endedAt as number) - startedAt),
      endedAt as number,
    ).map(asRead),
  );
}

/** pH read while such stages ran. */
export const pHsIn = (log: Log, which: Which): Read[] =>
  runsOf(log, which).flatMap(({ startedAt, endedAt }) =>
    between(log.state.pHs, startedAt, endedAt as number).map(({ pH, at, seq }) => ({
      value: pH,
      at,
      event: seq,
    })),
  );

export const highest = (reads: readonly Read[]): Read | undefined =>
  reads.reduce<Read | undefined>((most, one) => (most && most.value >= one.value ? most : one), undefined);
export const lowest = (reads: readonly Read[]): Read | undefined =>
  reads.reduce<Read | undefined>(
    (least, one) => (least && least.value <= one.value ? least : one),
    undefined,
  );
export const meanOf = (reads: readonly Read[]): number =>
  reads.reduce((sum, one) => sum + one.value, 0) / reads.length;

/** What was told to have gone in of a dose, of what was planned of it; null where nobody told. */
export function toldShare({ state }: Log, dose: AddedDose): { share: number; event: number | null } | null {
  const told = state.added.filter((one) => one.dose === dose);
  const planned = told[0]?.plannedAmount ?? 0;
  return planned > 0
    ? { share: told.reduce((sum, one) => sum + one.amount, 0) / planned, event: told.at(-1)?.seq ?? null }
    : null;
}

/** When a dose went in, ms; null where it has not. */
export function wentInAt(log: Log, dose: DoseId): number | null {
  const run = log.state.runs.findLast(
    ({ stage, skipped }) => !skipped && idsOf(log, thatTakes(log, dose)).includes(stage),
  );
  return run?.endedAt ?? null;
}
/** When the knife went in; when the set ended where nothing is cut. */
export function cutAt(log: Log): { at: number; event: number | null } | null {
  const set = runsOf(log, that('sets')).at(-1);
  const at =
    set?.endedAt ?? log.state.runs.find(({ stage }) => idsOf(log, that('cuts')).includes(stage))?.startedAt;
  return at === undefined || at === null ? null : { at, event: set?.endedBy ?? null };
}

/** Weighed over planned, before what went wrong is borne; null without a weighing. */
export function weighed(log: Log): { share: number; kg: number; event: number | null } | null {
  const { state } = log;
  const kg = state.weighedKg;
  if (kg === null) return null;
  const planned = state.plan.predictions.yieldKg.likely / Math.max(0.05, 1 + unreckoned(state).yieldShare);
  return planned > 0 ? { share: kg / planned, kg, event: state.runs.at(-1)?.endedBy ?? null } : null;
}

/** Hours from the end of the make to the tasting; null where nobody has tasted. */
export const ageHours = ({ foundAt, state }: Log): number | null =>
  foundAt === null || state.finishedAt === null ? null : (foundAt - state.finishedAt) / HOUR_MS;

/** The hottest that was read in the stretch, of water or curd. */
export const stretchTop = (log: Log): Read | undefined =>
  highest([
    ...tempsIn(log, that('stretches')),
    ...tempsIn(log, that('stretches'), 'water'),
    ...tempsIn(log, that('stretches'), 'core'),
  ]);

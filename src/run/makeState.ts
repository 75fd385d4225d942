import type { GivenUnit } from '../core/units/given';
import { stageKind } from '../makes/kinds';
import type { Method } from '../makes/method';
import type { ReadOf } from '../makes/traits';
import type { Courses } from '../plan/course';
import type { AddedDose } from '../plan/givenDoses';
import type { Plan, PlanStage } from '../plan/schema';
import type { FindingId, HandTest, Later, MakeEvent, Started, Tick, WheyLook, WheyUse } from './events';
import type { ToldAdvice } from './toldAdvice';

export interface Reading {
  /** Its place in the log; null where it came with a file, which has its own place. */
  seq: number | null;
  from?: number;
  at: number;
  tempC: number;
  shown?: Shown;
}

/** What a thermometer that is known to be off showed, and which; the reading beside it is put right by that. */
export interface Shown {
  tempC: number;
  by: string;
}

/** So much of a dose that really went in. */
export interface Added {
  seq: number;
  at: number;
  stage: string;
  dose: AddedDose;
  amount: number;
  unit: GivenUnit;
  said: { amount: number; unit: GivenUnit };
  plannedAmount: number;
  /** Whether what follows was planned from it. */
  followed: boolean;
}

/** What a mishap takes with it: points of moisture, shares of the fat and of the yield. */
export interface MishapCosts {
  moisturePoints: number;
  fatShare: number;
  yieldShare: number;
}

/** A stage as it really went; `endedAt` is null while it runs. */
export interface StageRun {
  stage: string;
  startedAt: number;
  endedAt: number | null;
  /** The event that ended it, and how long its clock stood still meanwhile. */
  endedBy?: number;
  pausedMs?: number;
  skipped?: true;
}

/** A make as its log tells it; nothing here is stored. */
export interface MakeState {
  name: string;
  milkName: string;
  plan: Plan;
  parameters: Record<string, unknown>;
  /** As frozen with the plan; null in logs from before they were. */
  courses: Courses | null;
  method: Method | null;
  /** The model the plan was reckoned by; another than at the start where it was planned anew on the way. */
  modelVersion: number;
  pot: NonNullable<Started['pot']> | null;
  /** The lots of milk in it, litres of each. */
  milks: readonly NonNullable<Started['milks']>[number][];
  /** What it takes from the shelf. */
  taken: readonly NonNullable<Started['taken']>[number][];
  startedAt: number;
  /** Index of the stage under way. */
  index: number;
  stageStartedAt: number;
  /** Since when its clock waits, and how long it has waited before, ms. */
  pausedAt: number | null;
  pausedMs: number;
  /** Since when another device writes this make. */
  handedAt: number | null;
  /** The other half of a parted curd. */
  parted: { at: number; share: number; otherId: string } | null;
  /** Entered after it was over. */
  entered: boolean;
  /** Made on a practice pot. */
  practice: boolean;
  runs: StageRun[];
  readings: Reading[];
  looks: { seq: number; at: number; stage: string; look: WheyLook }[];
  pHs: { seq: number | null; from?: number; at: number; stage: string; pH: number }[];
  weighings: { seq: number; at: number; stage: string; kg: number }[];
  /** When the bowl stopped turning, by stage. */
  flocculated: { seq: number; at: number; stage: string } | null;
  tests: { seq: number; at: number; stage: string; found: HandTest }[];
  turns: { seq: number; at: number; stage: string }[];
  mishaps: {
    seq: number;
    at: number;
    stage: string;
    what: string;
    text: string;
    /** How far it went, by what was asked; empty in logs from before that was asked. */
    asked: Readonly<Record<string, number | string>>;
    costs: MishapCosts | null;
    /** Whether a plan was made anew that reckons with what it costs. */
    reckoned: boolean;
  }[];
  /** What went in otherwise than planned, go by go, and what was planned then of it in all, in the same measure. */
  added: Added[];
  /** Kilograms put on the press. */
  loads: { seq: number; at: number; stage: string; kg: number }[];
  /** How many pieces it was made into. */
  pieces: { seq: number; at: number; stage: string; count: number }[];
  /** Temperatures of what is not in the pot: of the room, and of water that stands beside it. */
  beside: { seq: number; at: number; of: ReadOf; tempC: number; shown?: Shown }[];
  acid: { seq: number; at: number; grams: number }[];
  notes: { seq: number; at: number; text: string }[];
  /** What was done to it after it was over. */
  later: { at: number; what: Later; kg: number | null; text: string }[];
  /** When it was cold, and the tools clean; null until then. */
  ticks: Record<Tick, number | null>;
  wheyUse: WheyUse | null;
  tastings: { seq: number; at: number; score: number; text: string; found: readonly FindingId[] }[];
  weighedKg: number | null;
  finishedAt: number | null;
  abandoned: { at: number; reason: string } | null;
  advice: { at: number; told: ToldAdvice | null; text: string }[];
  /** The last event that can be taken back, and what it was. */
  undoable: MakeEvent | null;
}

export const stageAt = (state: MakeState): PlanStage => state.plan.stages[state.index] as PlanStage;
export const acidGiven = (state: MakeState): number => state.acid.reduce((sum, one) => sum + one.grams, 0);
/** What of a dose went in otherwise than planned in the stage under way, go by go. */
export const addedIn = (state: MakeState, dose: AddedDose): Added[] =>
  state.added.filter((one) => one.stage === stageAt(state).id && one.dose === dose);
/** Turns given in the stage under way. */
export const turnsIn = (state: MakeState): number =>
  state.turns.filter((one) => one.stage === stageAt(state).id && one.at >= state.stageStartedAt).length;
export const isOver = (state: MakeState): boolean => state.finishedAt !== null || state.abandoned !== null;

/** Whether the stage under way ends by its clock, so that a countdown means "done". */
export const timed = (stage: PlanStage): boolean => stageKind(stage.kind).endedBy === 'time';

/** When the stage under way should end, ms on the wall clock, as long as it is not paused. */
export const stageEndsAt = (state: MakeState): number =>
  state.stageStartedAt + state.pausedMs + stageAt(state).durationMin.likely * 60_000;

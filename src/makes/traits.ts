import type { Format } from '../core/units/format';
import type { MistakeId } from './mistakes';
import type { DoseId, Span } from './terms';

/**
 * What a stage does, for whoever has to know: nobody outside asks for a kind by its name. A kind says which of these it
 * does; none by default.
 */
export type Doing =
  /** Tools are made clean. */
  | 'cleans'
  /** The milk, or the whey it is made of, is brought to a temperature on the heat. */
  | 'heats-milk'
  /** Hot enough to count as the milk's own scalding. */
  | 'scalds'
  /** So near the boil that the pot may climb over its rim. */
  | 'near-boil'
  /** A pot stands on its heat until it has reached a temperature. */
  | 'ramps'
  /** There is a fire, or boiling water, under it. */
  | 'over-fire'
  | 'cooks-curd'
  /** The curd itself goes through hot water or whey: what stood warm before has been hot since. */
  | 'heats-curd'
  | 'cools-milk'
  | 'ripens'
  /** Acid is poured into the milk. */
  | 'acidifies'
  | 'sets'
  | 'cuts'
  /** Curd stands or is stirred at the heat it was brought to. */
  | 'holds-heat'
  | 'drains'
  /** The whey is taken off the curd in its pot. */
  | 'draws-whey'
  | 'rinses'
  /** Slabs lie warm on each other, are turned, and sour. */
  | 'cheddars'
  /** Drained curd sours on, warm. */
  | 'sours-on'
  | 'presses'
  | 'stretches'
  | 'poaches'
  | 'brines'
  | 'hangs'
  /** From here on what is weighed is the curd. */
  | 'holds-curd'
  /** Comes after the cheese is made, whenever somebody has a moment. */
  | 'after';

/** What ends a stage, where more than the clock or a thermometer decides it. */
export type Goal =
  | { is: 'clear-whey' }
  | { is: 'clean-break' }
  | { is: 'pH'; pH: number }
  | { is: 'bag-moisture'; percent: number }
  | { is: 'stretch-test' }
  /** The core it is stretched at, and how long it is worked. */
  | { is: 'stretch'; workMin: number }
  | { is: 'salt'; percent: number };

/**
 * What comes round again in a stage: so many turns, or saltings, each so many minutes after the last; null shares the
 * time out. Where `thenMin` is given, the waits go in turn: one of `everyMin`, one of `thenMin`.
 */
export interface Round {
  what: 'turn' | 'salt' | 'stir';
  count: number;
  everyMin: number | null;
  thenMin?: number;
  /** Whether the first comes as the stage begins. */
  atOnce: boolean;
}

/** What a temperature may be read of. */
export const READ_OF = ['milk', 'curd', 'whey', 'water', 'room', 'core'] as const;
export type ReadOf = (typeof READ_OF)[number];

/** What calls again and again in a stage, without a count: to look, or to warm what keeps it warm. */
export interface Bell {
  what: 'look' | 'warm-whey' | 'turn-pieces' | 'whey-on';
  everyMin: number;
}

/** Tests of the hand, the eye and the tongue that a stage may be asked. */
export type HandTestName = 'break' | 'stretch' | 'squeeze' | 'sourness' | 'afloat' | 'unmould';

/** What a stage takes up while it lasts. */
export const RESOURCES = ['pot', 'ring', 'mould', 'press', 'fridge'] as const;
export type Resource = (typeof RESOURCES)[number];

/** When somebody must be there, minutes within the stage. */
export type HandsWindow = [fromMin: number, toMin: number];

/** How much shorter and longer than likely a stage may be and still come out right, as shares of it. */
export type Slack = readonly [least: number, most: number];

/** Nothing shorter, nothing longer. */
export const FIXED: Slack = [1, 1];

/** One thing that has to stand ready, and what for. */
export interface KitItem {
  what: string;
  why: string;
}

/** What the list of things that have to stand ready may lean on. */
export interface KitAbout {
  format: Format;
  yieldKg: number;
  wheyLitres: number;
  /** Water of a dose, L; nought where there is no such dose. */
  waterLitres(dose: DoseId): number;
  /** Room that loose curd of this batch takes up in its moulds, L. */
  looseLitres: number;
  /** Which of the kitchen's moulds hold that; '' where none are listed. */
  mouldSays(straight: boolean): string;
  /** What the kitchen's tap can do; '' where nobody has measured it. */
  tapSays: string;
  /** Whether the kitchen has said what it presses with, and it is no press. */
  lacksPress: boolean;
}

/**
 * A parameter that makers set by habit: as an option of every make that has the stage and does not ask for it already. Few
 * ask, so it is shown when looked for.
 */
export interface Habit {
  param: string;
  option: string;
  label: string;
  reason: string;
  /** Its measure and how far it goes; a row of loads or a place to stand in where it is that. */
  range: { unit: string; min: number; max: number; step?: number } | 'press-steps' | 'place';
  /** What it is where the make says nothing; the stage's own figure otherwise. */
  usual?: number;
  /** Only stages whose parameters are so. */
  where?: Readonly<Record<string, unknown>>;
  /** Every stage that has it goes by one option of the make. */
  shared?: true;
  /** At nought the stage is left out. */
  noughtLeavesOut?: true;
}

/** What a kind may say of itself beyond its time and its words; each has a default. */
export interface Traits<P> {
  does: readonly Doing[];
  habits: readonly Habit[];
  /** What goes into the batch here, milk or a plan's doses. Nothing. */
  takes(params: P): readonly (DoseId | 'milk')[];
  goal(params: P): Goal | null;
  rounds(params: P): Round | null;
  /** How warm it is where the curd stands or hangs, °C; null where that is the pot or the room. The same. */
  standsC(params: P): number | null;
  /** Which reading the pad asks for first. Temperature. */
  pad: 'temperature' | 'weight';
  kit(params: P, about: KitAbout): readonly KitItem[];
  uses(params: P): readonly Resource[];
  /** At its beginning. */
  hands(params: P, span: Span): readonly HandsWindow[];
  slack(params: P): Slack;
  /** What its temperature may be read of; the first is meant where nobody says. Milk, or the room. */
  reads: readonly ReadOf[];
  /** What calls again and again in it. Nothing. */
  bells(params: P, span: { durationMin: number }): readonly Bell[];
  /** Minutes that count from when a test is passed, not from its beginning. None. */
  countsMin(params: P): number | null;
  /** What may be tried in it. Nothing. */
  tests(params: P): readonly HandTestName[];
  /** What can go wrong in it. Nothing that is known of. */
  mistakes(params: P): readonly MistakeId[];
  /** The drawing of what right looks like; that of its name. */
  picture(params: P): string;
}

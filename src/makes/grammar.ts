import type { z } from 'zod';
import type { Buffer } from '../core/acid/buffer';
import type { Titrant } from '../core/acid/titrate';
import type { DrainCurve } from '../core/curd/drain';
import type { HeatDose } from '../core/heat/denaturation';
import type { MilkBatch } from '../core/milk/composition';
import type { CautionId } from '../core/safety/cautions';
import type { Format } from '../core/units/format';

/** Everything a stage may do to the batch is decided by its kind; these are all the kinds there are. */
export const KIND_NAMES = [
  'sanitise',
  'measure',
  'warm',
  'scald',
  'cool',
  'add-culture',
  'ripen',
  'add-acid',
  'add-calcium',
  'add-coagulant',
  'add-other',
  'set',
  'cut',
  'heal',
  'cook',
  'hold',
  'settle',
  'draw-whey',
  'drain',
  'wash',
  'slab',
  'acidify',
  'test-stretch',
  'stretch',
  'shape',
  'press',
  'poach',
  'salt',
  'brine',
  'dress',
  'chill',
  'hang',
  'store',
] as const;
export type KindName = (typeof KIND_NAMES)[number];

/** The batch as one draw of the world sees it: what is really in the pail, the pot, the room. */
export interface World {
  milk: MilkBatch;
  buffer: Buffer;
  titrant: Titrant;
  /** Acid product planned for the whole batch, in its own measure (g or mL). */
  acidAmount: number;
  roomC: number;
  /** Heat of the hob against the nominal one. */
  power: number;
  /** What the thermometer reads too low, °C. */
  probeOffC: number;
  drain: DrainCurve;
  /** Moisture the style has when it is pressed as usual, %. */
  usualMoisturePct: number;
}

/** The batch as it moves through the stages. */
export interface PotState {
  minute: number;
  tempC: number;
  litres: number;
  kg: number;
  pH: number;
  heat: HeatDose;
  /** Curd's moisture once it drains; null before. */
  moisturePct: number | null;
}

/** What a stage takes, and the temperature course it draws: [minutes from its start, °C]. */
export interface Span {
  durationMin: number;
  handsOnMin: number;
  targetC: number | null;
  course: readonly (readonly [number, number])[];
}

/** What the words of a stage may lean on. */
export interface Telling {
  format: Format;
  species: string;
  litres: number;
  yieldKg: number;
  acid: { name: string; firstText: string; heldText: string; waterText: string } | null;
  saltGrams: number;
  creamText: string;
  fridgeDays: number;
}

/** A stage in words: at the pot, in print and in the plan. */
export interface StageWords {
  /** One line, for lists. */
  title: string;
  /** The one thing to do, a few words, set very large. */
  action: string;
  /** What it goes to, set very large; null where the countdown says it all. */
  target: string | null;
  /** What to do, in order. */
  steps: string[];
  /** What right looks like. */
  right: string;
  /** What looks alarming and is normal. */
  normal: string | null;
  /** The button that ends it. */
  done: string;
}

/** How a stage is over: when the maker says so, at a temperature, when its time is up, or by a look at the whey. */
export type EndedBy = 'done' | 'temperature' | 'time' | 'whey';

export interface StageKind<P> {
  kind: KindName;
  /** The parameters once options are filled in. */
  params: z.ZodType<P>;
  endedBy: EndedBy;
  /** How far below and above its course the batch may run and still come out, °C; null where heat does not matter. */
  toleranceC: readonly [below: number, above: number] | null;
  /** Advances `pot` through the stage and says how long that takes. Must not look at a clock. */
  predict(world: World, params: P, pot: PotState): Span;
  words(params: P, telling: Telling): StageWords;
  cautions(params: P, about: { treatment: string; setC: number }): CautionId[];
}

/** A kind whose parameter type is closed over, for the register. */
export type AnyKind = Omit<StageKind<unknown>, 'params' | 'predict' | 'words' | 'cautions'> & {
  params: z.ZodType;
  predict(world: World, params: unknown, pot: PotState): Span;
  words(params: unknown, telling: Telling): StageWords;
  cautions(params: unknown, about: { treatment: string; setC: number }): CautionId[];
};

/** Closes over a kind's parameter type; parameters have been parsed by the same kind's schema before. */
export const kindOf = <P>(kind: StageKind<P>): AnyKind => kind as unknown as AnyKind;

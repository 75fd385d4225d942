import type { z } from 'zod';
import type { Buffer } from '../core/acid/buffer';
import type { Titrant } from '../core/acid/titrate';
import type { Clotting } from '../core/coagulant/clotting';
import type { Inoculum } from '../core/culture/dose';
import type { Ferment } from '../core/culture/ferment';
import type { BagStyle } from '../core/curd/bag';
import type { DrainCurve } from '../core/curd/drain';
import type { PlainCurd } from '../core/curd/nonFat';
import type { CurdStyleName, StyleFacts, UsualWork } from '../core/curd/styles';
import type { HeatDose } from '../core/heat/denaturation';
import type { Heating } from '../core/heat/warming';
import type { Composition, MilkBatch } from '../core/milk/composition';
import type { CautionId } from '../core/safety/cautions';
import type { Soured } from '../core/stretch/window';
import type { Format } from '../core/units/format';
import type { Part } from './sentence';
import type { DoseId, KindName, Span } from './terms';
import { FIXED, type HandsWindow, type Traits } from './traits';

export * from './terms';

/** How the id of a stage, and of a make, is written. */
export const STAGE_ID = /^[a-z][a-z0-9-]*$/;

/** The batch as one draw of the world sees it: what is really in the pail, the pot, the room. */
export interface World {
  milk: MilkBatch;
  buffer: Buffer;
  /** Acid poured in, its product's amount for the whole batch in its own measure (g or mL); null where none is. */
  acid: { titrant: Titrant; amount: number } | null;
  cultures: readonly Inoculum[];
  /** The milk to a coagulant, and how the dose is found; null where none goes in. */
  coagulant: {
    milk: Pick<Clotting, 'species' | 'treatment'>;
    multiplier: number;
    /** Real strength against the nominal one. */
    strength: number;
    /** What it is taken to be as its dose is found. */
    believed: number;
    wantedMin: number | null;
    /** IMCU per litre as planned or given; the likely run finds it where minutes are wanted. */
    imcuPerLitre: number | null;
    /** What the wanted minutes would take, found by the likely run; null where nobody wants any. */
    neededImcuPerLitre: number | null;
  } | null;
  /** Calcium that goes in, mmol/L, where the stage is part of the make. */
  calciumMmolPerLitre: number;
  /** Salt the maker gives, g; null where it follows the weight. */
  saltGrams: number | null;
  /** What warms the pot, and what its wrap loses, W/m²K; left out, a hob of its size and the make's own wrap. */
  heating: Heating | undefined;
  keptW: number | null;
  /** How warm it is round the pot where it is kept while it ripens and sets, °C. */
  keptRoundC: number;
  roomC: number;
  /** Heat of the hob against the nominal one. */
  power: number;
  /** What the thermometer reads too low, °C. */
  probeOffC: number;
  drain: DrainCurve | null;
  bag: BagStyle | null;
  /** Milk to a bag, kg at most. */
  bagKg: number;
  /** How fast its culture sours, and what its curd comes to, against the usual ones. */
  souringPace: number;
  curdFactor: number;
  /** Time a drain takes against the usual one. */
  drainPace: number;
  style: StyleFacts;
  /** The milk or whey its moisture is told for. */
  usual: Composition;
  /** The style before it is salted, for its usual milk: what it holds constant whatever the milk. */
  plain: PlainCurd;
  /** What sours the curd that is to stretch; null where none is. */
  soured: Soured | null;
  /** What this curd keeps and holds beyond its style's own: shares, moisture points, and a factor on the whey protein. */
  off: { fat: number; casein: number; moisturePct: number; wheyProtein: number };
  /** The one run that the plan tells: it finds doses, refuses what cannot be, and keeps the course of the pH. */
  likely: boolean;
}

/** The batch as it moves through the stages. */
export interface PotState {
  minute: number;
  tempC: number;
  litres: number;
  kg: number;
  pH: number;
  heat: HeatDose;
  /** Heat the milk had when its whey left it: heat after that catches no more whey protein. Null until then. */
  caught: HeatDose | null;
  /** Moisture in the curd's non-fat substance, a share, where a drain has decided it; null where its style and its work do. */
  nonFat: number | null;
  calciumMmolPerLitre: number;
  ferment: Ferment | null;
  /** Minute to which the ferment has been run. */
  fermentedTo: number;
  culturedAt: number | null;
  /** The set under way: when the coagulant went in, and the course it was reckoned on. */
  clot: { at: number; courseAt(minute: number): { tempC: number; pH: number } } | null;
  work: UsualWork;
  /** Share of the milk's fat left by a stretch. */
  fatKept: number | null;
  /** Salt in the curd, salt strewn over it by hand, and all that went in, kg. */
  saltKg: number;
  strewnKg: number;
  givenSaltKg: number;
  /** Waters it will be rinsed with after the stage under way. */
  rinsesAhead: number;
  bagHours: number;
  /** pH of the whey as it first ran off. */
  wheyPH: number | null;
  setMin: number | null;
  acidifyHours: number | null;
  drainMin: number;
}

/** What the words of a stage may lean on. */
export interface Telling {
  format: Format;
  species: string;
  /** Style of the curd; null where its make is not known. */
  style: CurdStyleName | null;
  of: 'milk' | 'whey';
  litres: number;
  /** How far the pot climbs after the heat is off, °C. */
  carryOverC: number;
  yieldKg: number;
  /** Moisture of the finished cheese, %. */
  moisturePct: number;
  acid: {
    name: string;
    firstText: string;
    heldText: string;
    waterText: string;
    /** How long after it is in it still turns to acid, min; 0 for one that is acid already. */
    turnsMin: number;
  } | null;
  /** Every dose as the maker measures it, the water it goes into, and whether it is what the maker had in hand. */
  doses: Partial<
    Record<DoseId, { name: string; text: string; waterMl: number; waterText: string; inHand: boolean }>
  >;
  fridgeDays: number;
}

/** A stage in words: at the pot, in print and in the plan. */
export interface StageWords {
  /** One line, for lists. */
  title: string;
  /** The stage as one tells it: words and the values one can take hold of, the title first. */
  says: readonly Part[];
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

/** How a stage is over: when the maker says so, at a temperature, when its time is up, by a look at the whey, by a hand test, or at a pH. */
export type EndedBy = 'done' | 'temperature' | 'time' | 'whey' | 'test' | 'pH';

export interface About {
  /** What is in the pot. */
  of: 'milk' | 'whey';
  /** What likely comes of it. */
  yieldKg: number;
  treatment: string;
  setC: number;
  /** Minutes the clean break is wanted after; 0 where nobody says. */
  wantedSetMin: number;
  /** Whether a coagulant goes into the make. */
  coagulant: boolean;
}

export interface StageKind<P> extends Partial<Traits<P>> {
  kind: KindName;
  /** The parameters once options are filled in. */
  params: z.ZodType<P>;
  endedBy: EndedBy;
  /** How far below and above its course the batch may run and still come out, °C; null where heat does not matter. */
  toleranceC: readonly [below: number, above: number] | null;
  /** The same where it depends on what the stage is for. */
  toleranceFor?(params: P): readonly [below: number, above: number] | null;
  /** Advances `pot` through the stage and says how long that takes. Must not look at a clock. */
  predict(world: World, params: P, pot: PotState): Span;
  words(params: P, telling: Telling): StageWords;
  cautions(params: P, about: About): CautionId[];
}

/** A kind whose parameter type is closed over, whole: for the register. Its parameters have been read by its own schema before. */
export interface AnyKind extends Traits<unknown> {
  kind: KindName;
  params: z.ZodType;
  endedBy: EndedBy;
  toleranceC(params: unknown): readonly [below: number, above: number] | null;
  predict(world: World, params: unknown, pot: PotState): Span;
  words(params: unknown, telling: Telling): StageWords;
  cautions(params: unknown, about: About): CautionId[];
}

/** Hands are wanted as a stage begins; what it leaves over is waiting. */
const atItsBeginning = (span: Span): readonly HandsWindow[] =>
  span.handsOnMin > 0 ? [[0, Math.min(span.handsOnMin, span.durationMin)]] : [];

/** Closes over a kind's parameter type and fills in what it does not say. */
export function kindOf<P>(kind: StageKind<P>): AnyKind {
  const read = (params: unknown): P => params as P;
  return {
    kind: kind.kind,
    params: kind.params,
    endedBy: kind.endedBy,
    does: kind.does ?? [],
    habits: kind.habits ?? [],
    pad: kind.pad ?? 'temperature',
    reads: kind.reads ?? ((kind.does ?? []).includes('holds-curd') ? ['curd', 'room'] : ['milk', 'room']),
    bells: (params, span) => kind.bells?.(read(params), span) ?? [],
    toleranceC: (params) => (kind.toleranceFor ? kind.toleranceFor(read(params)) : kind.toleranceC),
    predict: (world, params, pot) => kind.predict(world, read(params), pot),
    words: (params, telling) => kind.words(read(params), telling),
    cautions: (params, about) => kind.cautions(read(params), about),
    takes: (params) => kind.takes?.(read(params)) ?? [],
    goal: (params) => kind.goal?.(read(params)) ?? null,
    standsC: (params) => kind.standsC?.(read(params)) ?? null,
    rounds: (params) => kind.rounds?.(read(params)) ?? null,
    kit: (params, about) => kind.kit?.(read(params), about) ?? [],
    uses: (params) => kind.uses?.(read(params)) ?? [],
    hands: (params, span) => kind.hands?.(read(params), span) ?? atItsBeginning(span),
    slack: (params) => kind.slack?.(read(params)) ?? FIXED,
    countsMin: (params) => kind.countsMin?.(read(params)) ?? null,
    tests: (params) => kind.tests?.(read(params)) ?? [],
    mistakes: (params) => kind.mistakes?.(read(params)) ?? [],
    picture: (params) => kind.picture?.(read(params)) ?? kind.kind,
  };
}

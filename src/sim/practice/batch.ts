import { gramsOfProduct } from '../../core/acid/acids';
import type { Fault, Result } from '../../core/faults/fault';
import { type Random, seeded } from '../../core/stats/random';
import type { StretchQuality } from '../../core/stretch/quality';
import type { CauseId, FindingId } from '../../judge/ids';
import { METHODS, type MethodBook } from '../../makes';
import type { PotState, Span, World } from '../../makes/grammar';
import type { Method } from '../../makes/method';
import { resolveBrief } from '../../plan/brief/resolve';
import type { Resolved } from '../../plan/brief/resolved';
import type { Brief } from '../../plan/brief/schema';
import { outcomeOf } from '../../plan/outcome';
import { type Planned, planBrief } from '../../plan/plan';
import { type BatchStage, stagesOf, walk } from '../../plan/stages';
import { NO_DEPARTURE, potAtStart, worldOf } from '../../plan/world';
import type { Hidden } from './hidden';

/** Something that was done and cost something: what the curd lost by it, and what it brings about. */
export interface Cost {
  atMin: number;
  /** What a judge would call it; null where no cause of his is meant. */
  cause: CauseId | null;
  found: readonly FindingId[];
  text: string;
  /** Shares of the milk's fat and casein that left, points of moisture (drier below nought), and marks beyond what these cost. */
  fat: number;
  casein: number;
  moisturePct: number;
  marks: number;
  /** Share of everything that was in the pot and is gone. */
  lost: number;
}

/** What the pot looks like at a minute. */
export interface Moment {
  minute: number;
  tempC: number;
  pH: number;
  /** Share of the way to a clean break; null where nothing sets. */
  set: number | null;
  /** Place in the stages. */
  stage: number;
}

/** A cheese in its mould, cm. Common practice. */
export const USUAL_HEIGHT_CM = 8;

/** Where the batch is: in the pot, hanging or dripping, under a weight, in brine, or on the board. */
export type Place = 'pot' | 'drain' | 'press' | 'brine' | 'board';

/** A batch that somebody practises on: what is really in the pail, and what was done to it so far. */
export interface Practice {
  planned: Planned;
  /** The brief as the maker believes it, and as it really is. */
  believed: Resolved;
  brief: Resolved;
  method: Method;
  stages: readonly BatchStage[];
  /** What the plan foresees of each stage, and of the whole. */
  spans: readonly Span[];
  /** The batch at its end, as planned. */
  end: PotState;
  aims: { kg: number; moisturePct: number; saltPct: number; pH: number | null };
  hidden: Hidden;
  world: World & { acidNeeded: number };
  /** What the plan doses of what its milk decides. */
  dosed: { imcuPerLitre: number | null; calciumMmolPerLitre: number };
  /** Share of each planned dose of taste and richness that went in so far. */
  added: { cream: number; lipase: number };
  pot: PotState;
  random: Random;
  /** The stage under way, and the minute it began. */
  at: number;
  since: number;
  /** The minute every stage began. */
  begun: number[];
  over: boolean;
  hob: 0 | 1 | 2 | 3;
  lid: boolean;
  ice: boolean;
  stirring: boolean;
  heatLeftKj: number;
  place: Place;
  /** Acid poured so far, g of product, and the most this milk needed at its heat; portions of it. */
  acidGrams: number;
  /** Share of the planned coagulant that went in so far, and is alive. */
  coagulantShare: number;
  acidNeededGrams: number | null;
  portions: number;
  /** Share of the way to a clean break, and where it was when it was cut. */
  gel: number;
  cutAt: number | null;
  cutMinute: number | null;
  /** How warm it was as it came to where it is, °C. */
  enteredC: number;
  /** Drained so far in the place under way, min; the load on it, kg, and since when. */
  drainedMin: number;
  loadKg: number;
  loadedAt: number;
  /** Face of the mould it is pressed in, m². */
  areaM2: number;
  turns: number;
  /** Hours its bags had hung before the drain under way. */
  bagFrom: number;
  brinedFrom: number | null;
  stretched: { coreC: number; workMin: number; quality: StretchQuality } | null;
  poachMin: number;
  fatBeforePoach: number | null;
  /** Unstirred minutes over heat, since it was last stirred; burnt on the base so far. */
  stillMin: number;
  burnt: number;
  costs: Cost[];
  course: Moment[];
}

/** A brief with so much of its cream. */
export const withCream = (brief: Resolved, share: number): Resolved =>
  brief.cream
    ? { ...brief, cream: share > 0 ? { ...brief.cream, litres: share * brief.cream.litres } : undefined }
    : brief;

/** What is really in the pail, so much of its cream in it; nothing else is, until somebody puts it there. */
export function pailWith(
  {
    brief,
    believed,
    method,
    hidden,
    dosed,
  }: Pick<Practice, 'brief' | 'believed' | 'method' | 'hidden' | 'dosed'>,
  creamShare: number,
): Practice['world'] {
  const litres = believed.milk.litres as number;
  const world = worldOf(withCream(brief, creamShare), method, litres, hidden.depart);
  if (world.coagulant) world.coagulant.imcuPerLitre = dosed.imcuPerLitre;
  if (world.acid) world.acid = { ...world.acid, amount: 0 };
  world.calciumMmolPerLitre = dosed.calciumMmolPerLitre;
  return world;
}

/** Puts real milk of a brief into a practice pot; faults of the brief come back. */
export function beginPractice(
  brief: Brief,
  hidden: Hidden,
  seed = 0,
  methods: MethodBook = METHODS,
): Result<Practice> {
  const planned = planBrief(brief, { spread: false, methods });
  return planned.ok ? practiceOf(planned.value, hidden, seed, methods) : planned;
}

/** Puts the real milk of a plan into a practice pot. */
export function practiceOf(
  planned: Planned,
  hidden: Hidden,
  seed: number,
  methods: MethodBook,
): Result<Practice> {
  const ready = resolveBrief(planned.plan.brief, methods);
  if (!ready.ok) return ready;
  const { method } = ready.value;
  const litres = planned.plan.brief.milk.litres as number;
  const believed: Resolved = { ...ready.value.brief, milk: { ...ready.value.brief.milk, litres } };
  const real: Resolved = hidden.homogenised
    ? { ...believed, milk: { ...believed.milk, homogenised: true } }
    : believed;
  const stages = stagesOf(method, believed);
  const usual = worldOf(believed, method, litres, NO_DEPARTURE);
  const end = potAtStart(believed, usual);
  const spans = walk(stages, usual, end);
  const outcome = outcomeOf(believed, method, usual, end);
  const dosed = {
    imcuPerLitre: usual.coagulant?.imcuPerLitre ?? null,
    calciumMmolPerLitre: usual.calciumMmolPerLitre,
  };
  const world = pailWith({ brief: real, believed, method, hidden, dosed }, 0);
  const pot = potAtStart(real, world);
  return {
    ok: true,
    value: {
      planned,
      believed,
      brief: real,
      method,
      stages,
      spans,
      end,
      aims: {
        kg: outcome.yieldKg,
        moisturePct: outcome.moisturePct,
        saltPct: outcome.saltPct,
        pH: end.ferment || end.acidifyHours !== null || usual.acid ? end.pH : null,
      },
      hidden,
      world,
      dosed,
      added: { cream: 0, lipase: 0 },
      pot,
      random: seeded(seed + 7),
      at: 0,
      since: 0,
      begun: [0],
      over: false,
      hob: 0,
      lid: true,
      ice: false,
      stirring: false,
      heatLeftKj: 0,
      place: 'pot',
      acidGrams: 0,
      coagulantShare: 0,
      acidNeededGrams: believed.acid && world.acid ? gramsOfProduct(believed.acid, world.acidNeeded) : null,
      portions: 0,
      gel: 0,
      cutAt: null,
      cutMinute: null,
      enteredC: pot.tempC,
      drainedMin: 0,
      loadKg: 0,
      loadedAt: 0,
      areaM2: 0,
      turns: 0,
      bagFrom: 0,
      brinedFrom: null,
      stretched: null,
      poachMin: 0,
      fatBeforePoach: null,
      stillMin: 0,
      burnt: 0,
      costs: [],
      course: [{ minute: 0, tempC: pot.tempC, pH: pot.pH, set: null, stage: 0 }],
    },
  };
}

/** The stage under way; the last one once all are over. */
export const stageNow = ({ stages, at }: Practice): BatchStage =>
  stages[Math.min(at, stages.length - 1)] as BatchStage;

/** Notes what something cost; a second time it adds up. */
export function costs(
  practice: Practice,
  cost: Partial<Cost> & Pick<Cost, 'cause' | 'found' | 'text'>,
): void {
  const { costs: all, pot } = practice;
  const known = all.find((one) => one.text === cost.text);
  if (!known) {
    all.push({ atMin: pot.minute, fat: 0, casein: 0, moisturePct: 0, marks: 0, lost: 0, ...cost });
    return;
  }
  known.fat += cost.fat ?? 0;
  known.casein += cost.casein ?? 0;
  known.moisturePct += cost.moisturePct ?? 0;
  known.marks += cost.marks ?? 0;
  known.lost = 1 - (1 - known.lost) * (1 - (cost.lost ?? 0));
}

/** The world with what was lost on the way. */
export function worldNow({ world, costs: all }: Practice, without?: Cost): Practice['world'] {
  const off = { ...world.off };
  let { curdFactor } = world;
  for (const one of all) {
    if (one === without) continue;
    off.fat -= one.fat;
    off.casein -= one.casein;
    off.moisturePct += one.moisturePct;
    curdFactor *= 1 - one.lost;
  }
  return { ...world, off, curdFactor };
}

/** What can't be done as things stand, told to whoever tried. */
export const cannot = (problem: string, remedy: string): Fault => ({ path: 'moves', problem, remedy });

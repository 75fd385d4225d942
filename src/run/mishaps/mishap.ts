import { CULTURE_GROUPS } from '../../core/culture/fitted';
import { GROUP_FACTS } from '../../core/culture/groups';
import type { Format } from '../../core/units/format';
import { does, goalOf, takes } from '../../makes/asked';
import type { DoseId } from '../../makes/grammar';
import { methodIn } from '../../plan/planOf';
import { type MakeState, type MishapCosts, stageAt } from '../makeState';

/** What a question is answered with: a difference or a height of temperature, a time, a weight, a volume; or one of several. */
export type Asks =
  | 'step'
  | 'temperature'
  | 'minutes'
  | 'hours'
  | 'weight'
  | 'grams'
  | 'litres'
  | 'mm'
  | 'percent';

/** A question that matters for what to do, and what is answered where nobody says: SI, or the first choice. */
export type Ask =
  | { id: string; text: string; asks: Asks; usual: number | ((state: MakeState) => number) }
  | { id: string; text: string; choices: readonly string[] };

export type Answers = Readonly<Record<string, number | string>>;

/** What to do now, what it costs, and whether it is still food. */
export interface Remedy {
  now: string;
  /** Beside what `costs` says. */
  why: string;
  costs: MishapCosts;
  discard: boolean;
  /** Milk there is now, L, where that is what went wrong. */
  litres?: number;
}

/** What a remedy may lean on: this batch, what was answered, and the maker's units. */
export interface About {
  state: MakeState;
  format: Format;
  number(ask: string): number;
  choice(ask: string): string;
}

/** Something that can go wrong: in the maker's words, what is to be known of it, and what to do. */
export interface Mishap {
  text: string;
  asks: readonly Ask[];
  /** Whether it can have happened in this make as it stands; wherever its stage has it. */
  can?(state: MakeState): boolean;
  remedy(about: About): Remedy;
}

export const NOTHING: MishapCosts = { moisturePoints: 0, fatShare: 0, yieldShare: 0 };

/** A remedy for what is food still. */
export const mend = (now: string, why = '', costs: Partial<MishapCosts> = {}): Remedy => ({
  now,
  why,
  costs: { ...NOTHING, ...costs },
  discard: false,
});

/** What is food no longer, and why. */
export const bin = (why: string): Remedy => ({
  now: 'Throw it out. Do not taste it; heating does not make it safe.',
  why,
  costs: { moisturePoints: 0, fatShare: 0, yieldShare: -1 },
  discard: true,
});

/**
 * What so many points of moisture make of the yield, and a share of the dry matter that goes with the whey: a curd that holds less water
 * weighs less. 1 / (100 − M) a point.
 */
export function drier(state: MakeState, points: number, lost = 0): Partial<MishapCosts> {
  const dry = 100 - state.plan.predictions.moisturePct;
  return { moisturePoints: -points, yieldShare: ((1 - lost) * dry) / (dry + points) - 1 };
}

export const litresOf = (state: MakeState): number => state.plan.brief.milk.litres ?? 1;
export const option = (state: MakeState, key: string, otherwise: number): number => {
  const value = state.plan.brief.options?.[key];
  return typeof value === 'number' ? value : otherwise;
};

/** Whether a dose has gone in: its stage is behind. */
export const wentIn = (state: MakeState, dose: DoseId): boolean =>
  state.plan.stages.slice(0, state.index).some((stage) => takes(stage, state.parameters, dose));
/** Whether it goes in at all, and whether it still will. */
export const hasDose = (state: MakeState, dose: DoseId): boolean =>
  state.plan.stages.some((stage) => takes(stage, state.parameters, dose));
export const stillGoesIn = (state: MakeState, dose: DoseId): boolean =>
  hasDose(state, dose) && !wentIn(state, dose);
/** Whether it has set: its set is behind. */
export const isSet = (state: MakeState): boolean =>
  state.plan.stages.slice(0, state.index).some((stage) => does(stage, 'sets'));
/** How long the stage under way is meant to take, min. */
export const plannedMin = (state: MakeState): number => stageAt(state).durationMin.likely;
/** Everything still to be added, for so much of the milk: "4.2 g of citric acid, 1.1 mL of coagulant". */
export function dosesLeft(state: MakeState, share: number, format: Format): string {
  return state.plan.doses
    .filter((dose) => stillGoesIn(state, dose.id) && dose.id !== 'salt' && dose.id !== 'brine-salt')
    .map(
      (dose) =>
        `${dose.millilitres === null ? format.grams(dose.grams * share) : format.millilitres(dose.millilitres * share)} of ${dose.ingredient}`,
    )
    .join(', ');
}

/** Whether the curd is stretched. */
export const isStretched = (state: MakeState): boolean =>
  state.plan.stages.some((stage) => goalOf(stage, state.parameters)?.is === 'stretch');

/**
 * Warmer than this its culture dies within minutes, or what of it stands heat least, °C. Common practice: mesophilic strains 40 to
 * 44, thermophilic above 52.
 */
export const cultureDiesC = (state: MakeState): number =>
  /^(thermophilic|yogurt)$/.test(String(state.plan.brief.options?.cultureGroup ?? '')) ? 54 : 44;

/** The heat its culture works fastest at, °C; none faster than ordinary milk strains where nothing is said. */
export function culturesBestC(state: MakeState): number {
  const group = CULTURE_GROUPS.find((one) => one === state.plan.brief.options?.cultureGroup);
  return GROUP_FACTS[group ?? 'mesophilic'].optC;
}

/** Whether a knife goes through its set; what is not cut is ladled. */
export const isCut = (state: MakeState): boolean => state.plan.stages.some((stage) => does(stage, 'cuts'));

/** Whether its curd is stirred over heat, and so can clump. */
export const isCooked = (state: MakeState): boolean =>
  state.plan.stages.some((stage) => does(stage, 'cooks-curd'));

/** Whether it is the whey of another make that is cooked. */
export const isOfWhey = (state: MakeState): boolean => methodIn(state)?.of === 'whey';

/** Words of a mishap, which call what is in the pot {milk}, as this make has it. */
export const inPot = (state: MakeState, words: string): string =>
  words.replaceAll('{milk}', isOfWhey(state) ? 'whey' : 'milk');

/** Whether any salt goes in. */
export const isSalted = (state: MakeState): boolean => hasDose(state, 'salt') || hasDose(state, 'brine-salt');

/** Whether slabs of it are turned, and stay pieces of their own. */
export const isCheddared = (state: MakeState): boolean =>
  state.plan.stages.some((stage) => does(stage, 'cheddars'));

/** What becomes of fines in the whey: sweet whey gives them back in a second cooking, sour whey lets them settle. Common practice. */
export const finesFrom = (state: MakeState): string =>
  state.plan.predictions.wheyKind === 'acid'
    ? 'let the whey stand cold for an hour, pour it off, and drain what lies on its ground with the rest'
    : 'heat this whey for a second cooking: what is in it comes back as ricotta';

/** Whether it sets by souring, whatever coagulant helps it, and not by a clean break. */
export const isLactic = (state: MakeState): boolean =>
  state.plan.stages.some((stage) => does(stage, 'sets') && goalOf(stage, state.parameters)?.is === 'pH');

const KNITS = ['presses', 'stretches', 'poaches', 'brines'] as const;
/** Whether the make ends in pieces: of loose curd something can still be rinsed or worked in. */
export const endsInPieces = ({ plan }: MakeState): boolean =>
  plan.stages.some((stage) => KNITS.some((one) => does(stage, one)));

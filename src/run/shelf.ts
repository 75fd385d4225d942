import { takes } from '../makes/asked';
import type { Dose } from '../plan/schema';
import type { MakeState } from './state';
import { acidGiven } from './state';
import { summed, type Uses } from './uses';

/** What a make took from the shelf: which good, for which dose, grams of product as planned. */
export interface Taken {
  goodId: string;
  dose: Dose['id'];
  name: string;
  lot: string;
  grams: number;
}

/** Mass of a tablet and of a sachet's worth of culture, g. From memory. */
const TABLET_G = 0.6;
const SACHET_LITRES_PER_G = 30;
/** Density of the liquids on a shelf, kg/L: acids and coagulants alike. From memory. */
const LIQUID_KG_PER_L = 1.03;

/** Grams of product in one measure of it. */
export const gramsPerMeasure = (measure: string, litresPerSachet?: number): number =>
  measure === 'mL'
    ? LIQUID_KG_PER_L
    : measure === 'tablets'
      ? TABLET_G
      : measure === 'sachets'
        ? (litresPerSachet ?? SACHET_LITRES_PER_G) / SACHET_LITRES_PER_G
        : 1;

/** Whether something has gone into a make; a make that was given up stopped short of what lay ahead. */
const wentIn = (state: MakeState, what: 'milk' | Dose['id']): boolean =>
  !state.abandoned ||
  state.plan.stages.slice(0, state.index).some((stage) => takes(stage, state.parameters, what));

/** What a make has really used of its goods, g: acid as it was poured, the rest as planned, nothing of what never went in. */
export const goodsUsed = (state: MakeState): Uses =>
  summed(
    state.taken.map((taken) => [
      taken.goodId,
      taken.dose === 'acid' && state.acid.length > 0
        ? acidGiven(state)
        : wentIn(state, taken.dose)
          ? taken.grams
          : 0,
    ]),
  );

/** Litres of its lots of milk in a make; none where it was given up before the milk was in. */
export const milksUsed = (state: MakeState): Uses =>
  summed(state.milks.map(({ id, litres }) => [id, wentIn(state, 'milk') ? litres : 0]));

/** What is left of a lot of milk after what was used, L; null where nobody knows how much came. */
export const litresLeft = (
  milk: { id: string; litres?: number | null | undefined },
  used: Uses,
): number | null => (milk.litres == null ? null : Math.max(0, milk.litres - (used[milk.id] ?? 0)));

/** What is left of a good after what was used, in its own measure; null where nobody knows how much there was. */
export const leftOf = (
  good: {
    id: string;
    amount: number | null;
    measure: string;
    culture?: { labelLitresPerSachet?: number | undefined } | undefined;
  },
  used: Uses,
): number | null =>
  good.amount === null
    ? null
    : Math.max(
        0,
        good.amount -
          (used[good.id] ?? 0) / gramsPerMeasure(good.measure, good.culture?.labelLitresPerSachet),
      );

/** The makes that took from a good or a lot of milk, in the order they come in. */
export const madeWith = <T extends { goods: Uses; milks: Uses }>(id: string, makes: readonly T[]): T[] =>
  makes.filter(({ goods, milks }) => id in goods || id in milks);

/** What went into a make by lot, as a label says it: milk by the day it came, the rest by lot number. */
export const lotsOf = (state: Pick<MakeState, 'milks' | 'taken'>): string[] => [
  ...state.milks.map(({ name, day }) => (day === '' ? name : `${name} ${day}`)),
  ...state.taken.filter((one) => one.lot !== '').map((one) => `${one.name} ${one.lot}`),
];

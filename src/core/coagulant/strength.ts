import { expOf, powOf } from '../numeric/elementary';

/*
 * Strength is in IMCU (international milk-clotting units) per unit of product. Single strength is about 200 IMCU/mL;
 * 280 to 300 and 600 are also sold. Source: from memory.
 */

/** IMCU/mL of each unit of Soxhlet strength 1:10,000: 1:10,000 is about 145, 1:15,000 about 215, ±15 %. From memory. */
const IMCU_PER_SOXHLET_TEN_THOUSAND = 144;

/** None so weak is sold: a smaller number is one of thousands, or "15,000" read with a decimal comma. */
const WEAKEST_SOXHLET = 1000;

/** The Soxhlet strength 1 : so much that a number as typed stands for. */
export const soxhletOf = (typed: number): number => (typed < WEAKEST_SOXHLET ? typed * 1000 : typed);

/**
 * IMCU in a mL, or a gram, of a product whose label gives its Soxhlet strength as 1 : `soxhlet`.
 *
 * @example imcuOfSoxhlet(15_000) // 216
 */
export const imcuOfSoxhlet = (soxhlet: number): number => (soxhlet / 10_000) * IMCU_PER_SOXHLET_TEN_THOUSAND;

/** Loss of a liquid at 5 °C, share a month; three times as fast per 10 °C; dry forms lose little. From memory. */
const LIQUID_LOSS_PER_MONTH = 0.01;
const FASTER_PER_10C = 3;
const DRY_LOSS_PER_MONTH = 0.001;

export type CoagulantForm = 'liquid' | 'tablet' | 'powder';

/** Share of the strength left after `months` kept at `keptC`, 0 to 1. */
export function strengthLeft(form: CoagulantForm, months: number, keptC = 5): number {
  const loss =
    (form === 'liquid' ? LIQUID_LOSS_PER_MONTH : DRY_LOSS_PER_MONTH) *
    powOf(FASTER_PER_10C, (keptC - 5) / 10);
  return expOf(-loss * months);
}

/** Amount of a product of another strength that does the work of `amount`: units of IMCU stay the same. */
export const sameWork = (fromImcu: number, amount: number, toImcu: number): number =>
  (fromImcu * amount) / toImcu;

/** One drop, mL; a dropper can be calibrated. Common practice. */
export const DROP_ML = 0.05;

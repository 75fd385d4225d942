import { Infeasible } from '../faults/fault';
import { nonNegativeLeastSquares } from '../numeric/nnls';
import type { MilkBatch } from './composition';

/**
 * Mass of a second milk that brings `first` to a fat, kg: Pearson's square. Throws Infeasible where the wanted fat does
 * not lie between the two.
 */
export function massToFat(first: MilkBatch, second: MilkBatch, targetFatPct: number): number {
  const f1 = first.composition.fatPct;
  const f2 = second.composition.fatPct;
  const share = (targetFatPct - f1) / (f2 - targetFatPct);
  if (!Number.isFinite(share) || share < 0) {
    throw new Infeasible({
      path: 'targetFatPct',
      problem: `is ${targetFatPct} %, which no blend of ${f1} % and ${f2} % reaches`,
      remedy: `give a fat between ${Math.min(f1, f2)} and ${Math.max(f1, f2)} %`,
    });
  }
  return first.massKg * share;
}

/** Casein to fat of a milk, kg/kg. */
export const caseinToFat = ({ composition }: MilkBatch): number => composition.caseinPct / composition.fatPct;

/**
 * Mass of a second milk that brings `first` to a casein-to-fat ratio, kg: Pearson's square over what each has of casein beyond that.
 * Throws Infeasible where the wanted ratio does not lie between the two.
 */
export function massToCaseinToFat(first: MilkBatch, second: MilkBatch, target: number): number {
  const beyond = ({ composition }: MilkBatch) => composition.caseinPct - target * composition.fatPct;
  const share = -beyond(first) / beyond(second);
  if (!Number.isFinite(share) || share < 0) {
    const [least, most] = [caseinToFat(first), caseinToFat(second)].sort((a, b) => a - b) as [number, number];
    throw new Infeasible({
      path: 'targetCaseinToFat',
      problem: `is ${target}, which no blend of ${least.toFixed(2)} and ${most.toFixed(2)} reaches`,
      remedy: `give a ratio between ${least.toFixed(2)} and ${most.toFixed(2)}`,
    });
  }
  return first.massKg * share;
}

/** What a blend of several milks should come to. */
export interface BlendTarget {
  massKg: number;
  fatPct: number;
  /** Casein to fat, kg/kg; left out where only the fat matters. */
  caseinToFat?: number;
}

/**
 * Masses of several milks, kg, that come closest to a target: non-negative least squares over mass, fat and casein, each
 * taken relative to what is wanted.
 */
export function massesForBlend(milks: readonly MilkBatch[], target: BlendTarget): number[] {
  const fat = (target.massKg * target.fatPct) / 100;
  const rows = [milks.map(() => 1 / target.massKg), milks.map((milk) => milk.composition.fatPct / 100 / fat)];
  const wanted = [1, 1];
  if (target.caseinToFat !== undefined) {
    const casein = fat * target.caseinToFat;
    rows.push(milks.map((milk) => milk.composition.caseinPct / 100 / casein));
    wanted.push(1);
  }
  return nonNegativeLeastSquares(rows, wanted);
}

/**
 * Masses, kg, of what is poured into `first`, all of which is used, for a fat and a casein-to-fat ratio: the nearest that non-negative
 * least squares finds. Throws Infeasible where nothing of `first` would be in it.
 */
export function massesPouredIn(
  first: MilkBatch,
  others: readonly MilkBatch[],
  wanted: Required<Omit<BlendTarget, 'massKg'>>,
): number[] {
  const [whole = 0, ...rest] = massesForBlend([first, ...others], { massKg: 1, ...wanted });
  if (whole < 1e-6) {
    throw new Infeasible({
      path: 'targetFatPct',
      problem: 'is nearest without any of the first milk',
      remedy: 'begin with another milk, or give a fat and a ratio nearer to its own',
    });
  }
  return rest.map((massKg) => (first.massKg * massKg) / whole);
}

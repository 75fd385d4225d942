import type { FindingId } from './noted';
import type { Uses } from './uses';

/** A make in one line: what the book lists, sorts and compares, and what it gives away as a table. */
export interface Summary {
  id: string;
  name: string;
  method: string;
  title: string;
  family: string;
  milk: string;
  /** Lots of what went in, as on their labels. */
  lots: readonly string[];
  startedAt: number;
  /** Null while it runs; a make that was given up is over too. */
  endedAt: number | null;
  abandoned: boolean;
  litres: number;
  plannedKg: number;
  weighedKg: number | null;
  /** Weighed over planned. */
  yieldShare: number | null;
  /** Weighed cheese of a hundred litres of milk, kg. */
  kgPer100L: number | null;
  score: number | null;
  found: readonly FindingId[];
  /** What was written at its tastings. */
  tasted: readonly string[];
  handsMin: number;
  /** Hands for each weighed kilogram, min. */
  handsMinPerKg: number | null;
  /** Of the weighed kilogram, in the maker's currency; null without prices. */
  costPerKg: number | null;
  mishaps: number;
  /** What it used, of goods in g and of lots of milk in L. */
  goods: Uses;
  milks: Uses;
  /** The pot it was made in, and how far that coasted each time, °C in one litre. */
  pot: { id: string; degreeLitres: readonly number[] } | null;
  /** When it is to be tasted again, ms on the wall clock. */
  tasteAt: readonly number[];
}

/** Which reckoning a kept summary is of: raised when what a summary says is changed. */
export const SUMMARY_VERSION = 1;

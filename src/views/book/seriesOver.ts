import { ascending, quantileSorted } from 'd3-array';
import type { Summary } from '../../run/line';

/** More marks than this are drawn as their course. */
const MOST_MARKS = 150;
const SPANS = 40;

/** What is looked at over time. */
export type Over = 'yieldShare' | 'costPerKg' | 'score';

/** One make: when it began, ms, and what it came to. */
export interface Mark {
  at: number;
  value: number;
  name: string;
}

/** The makes of one stretch of time, its middle in ms: where eight in ten of them lie, and their middle. */
export interface Span {
  at: number;
  low: number;
  middle: number;
  high: number;
}

/** What makes came to over time: each of them, or their course where nobody could tell so many apart. */
export interface SeriesOver {
  many: number;
  from: number;
  to: number;
  least: number;
  most: number;
  marks: readonly Mark[];
  spans: readonly Span[];
}

const found = new WeakMap<readonly Summary[], Map<Over, SeriesOver>>();

/**
 * What these makes came to over time, those that know it; of no makes, spans from nought to nought. Found once for the same list: a
 * drawing that is begun anew, because somebody scrolls meanwhile, goes on from here.
 *
 * @example seriesOver([{ startedAt: 5, score: 4, name: 'A' }], 'score').marks // [{ at: 5, value: 4, name: 'A' }]
 */
export function seriesOver(makes: readonly Summary[], over: Over): SeriesOver {
  const before = found.get(makes) ?? new Map<Over, SeriesOver>();
  found.set(makes, before);
  const series = before.get(over) ?? seriesIn(makes, over);
  before.set(over, series);
  return series;
}

function seriesIn(makes: readonly Summary[], over: Over): SeriesOver {
  const marks: Mark[] = [];
  let from = Number.POSITIVE_INFINITY;
  let to = Number.NEGATIVE_INFINITY;
  let least = Number.POSITIVE_INFINITY;
  let most = Number.NEGATIVE_INFINITY;
  for (const { startedAt: at, name, [over]: value } of makes) {
    if (value === null) continue;
    marks.push({ at, value, name });
    from = Math.min(from, at);
    to = Math.max(to, at);
    least = Math.min(least, value);
    most = Math.max(most, value);
  }
  const many = marks.length;
  if (many === 0) return { many, from: 0, to: 0, least: 0, most: 0, marks, spans: [] };
  return many > MOST_MARKS
    ? { many, from, to, least, most, marks: [], spans: spansOf(marks, from, to) }
    : { many, from, to, least, most, marks, spans: [] };
}

/** Spans of equal length that hold any. */
function spansOf(marks: readonly Mark[], from: number, to: number): Span[] {
  const each = Math.max(1, to - from) / SPANS;
  const values: number[][] = Array.from({ length: SPANS }, () => []);
  for (const { at, value } of marks) values[Math.min(SPANS - 1, Math.floor((at - from) / each))]?.push(value);
  return values.flatMap((all, i): Span[] => {
    if (all.length === 0) return [];
    all.sort(ascending);
    const [low = 0, middle = 0, high = 0] = [0.1, 0.5, 0.9].map((p) => quantileSorted(all, p));
    return [{ at: from + (i + 0.5) * each, low, middle, high }];
  });
}

import { describe, expect, it } from 'vitest';
import { stateTold } from '../../judge/fixtures/told';
import type { Summary } from '../../run/line';
import { summaryOf } from '../../run/summary';
import { seriesOver } from './seriesOver';

const seed = summaryOf('one', stateTold({ method: 'paneer', weighs: 0.9 }));
const makes = (many: number, score: (i: number) => number | null): Summary[] =>
  Array.from({ length: many }, (_, i) => ({
    ...seed,
    name: `make ${i}`,
    startedAt: 1000 * i,
    score: score(i),
  }));

describe('what makes came to over time', () => {
  it('is a mark each where they can be told apart, those left out that do not know it', () => {
    const series = seriesOver(
      makes(5, (i) => (i === 2 ? null : i)),
      'score',
    );
    expect(series).toMatchObject({ many: 4, from: 0, to: 4000, least: 0, most: 4, spans: [] });
    expect(series.marks.map(({ name, value }) => [name, value])).toEqual([
      ['make 0', 0],
      ['make 1', 1],
      ['make 3', 3],
      ['make 4', 4],
    ]);
  });

  it('is the course of many, its middle between where most lie, spans where there are none left out', () => {
    // Two busy seasons, the second better, each scattered by a quarter either way.
    const many = makes(600, (i) => (i < 300 ? 2 : 4) + ((i * 7) % 11) / 20 - 0.25).map((one, i) => ({
      ...one,
      startedAt: one.startedAt + (i < 300 ? 0 : 600_000),
    }));
    const { marks, spans, from, to } = seriesOver(many, 'score');
    expect(marks).toEqual([]);
    expect(spans.length).toBeGreaterThan(15);
    expect(spans.length).toBeLessThan(30);
    for (const { at, low, middle, high } of spans) {
      expect(at).toBeGreaterThan(from);
      expect(at).toBeLessThan(to);
      expect(low).toBeLessThan(middle);
      expect(middle).toBeLessThan(high);
      expect(middle).toBeCloseTo(at < 450_000 ? 2 : 4, 0);
    }
  });

  it('counts every make into one span, the last one too', () => {
    const rising = makes(4000, (i) => i);
    const { spans } = seriesOver(rising, 'score');
    expect(spans).toHaveLength(40);
    expect(spans[0]?.middle).toBeCloseTo(49.5, 0);
    expect(spans[39]?.high).toBeCloseTo(3989.1, 0);
  });

  it('is nothing of no makes, and a span of its own where all began at once', () => {
    expect(seriesOver([], 'score')).toMatchObject({ many: 0, marks: [], spans: [] });
    const atOnce = makes(200, () => 3).map((one) => ({ ...one, startedAt: 7 }));
    expect(seriesOver(atOnce, 'score').spans).toMatchObject([{ low: 3, middle: 3, high: 3 }]);
  });

  it('is found once for the same makes', () => {
    const same = makes(300, (i) => i);
    expect(seriesOver(same, 'score')).toBe(seriesOver(same, 'score'));
    expect(seriesOver(same, 'yieldShare')).not.toBe(seriesOver(same, 'score'));
  });
});

import fc from 'fast-check';
import { Solver } from 'odex';
import { describe, expect, it } from 'vitest';
import { bufferOf } from '../acid/buffer';
import { compositionOf, milkBatch } from '../milk/composition';
import { acidify, hoursToPH, type TempCourse, tempAt } from './acidify';
import { freezeDried, type Inoculum, liquidStarter, savedStarter } from './dose';
import { CULTURE_GROUPS, SOURING } from './fitted';
import { acidGrowth, GROUP_FACTS, heatGrowth, saltGrowth } from './groups';
import { lacticCurve } from './lactate';

const skim = bufferOf(milkBatch(1, compositionOf('cow', 0.1, 3.3)), 6.65);
const whole = bufferOf(milkBatch(1, compositionOf('cow', 3.7, 3.2)), 6.65);
const hoursTo = (pH: number, culture: Inoculum, temps: TempCourse, milk = skim) =>
  hoursToPH(acidify({ milk, cultures: [culture], temps, hours: 40 }), pH);
const inside = (value: number, low: number, high: number) => {
  expect(value).toBeGreaterThanOrEqual(low);
  expect(value).toBeLessThanOrEqual(high);
};

describe('cardinal factors (Rosso et al. 1993, 1995)', () => {
  it.each(CULTURE_GROUPS)('%s: too sour it stands still, a little sweeter it grows', (group) => {
    const facts = GROUP_FACTS[group];
    for (const pH of [facts.minPH - 1, facts.minPH - 0.1, facts.minPH]) expect(acidGrowth(facts, pH)).toBe(0);
    for (const pH of [9, 9.5]) expect(acidGrowth(facts, pH)).toBe(0);
    expect(acidGrowth(facts, facts.minPH + 0.1)).toBeGreaterThan(0);
  });

  it.each(CULTURE_GROUPS)('%s: 1 at the best, 0 at the ends, never outside', (group) => {
    const facts = GROUP_FACTS[group];
    expect(heatGrowth(facts, facts.optC)).toBeCloseTo(1, 10);
    expect([
      heatGrowth(facts, facts.minC),
      heatGrowth(facts, facts.maxC),
      acidGrowth(facts, facts.minPH),
    ]).toEqual([0, 0, 0]);
    expect(acidGrowth(facts, facts.optPH)).toBeCloseTo(1, 10);
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 60, noNaN: true }),
        fc.double({ min: 3, max: 9, noNaN: true }),
        (t, pH) => {
          for (const value of [heatGrowth(facts, t), acidGrowth(facts, pH)]) inside(value, 0, 1 + 1e-12);
        },
      ),
    );
    expect(saltGrowth(facts, 1)).toBe(0);
  });
});

describe('the integrator', () => {
  it('agrees with a general ODE library on one awake strain within 1e-3 pH', () => {
    const temps: TempCourse = [
      [0, 30],
      [3, 30],
      [5, 24],
    ];
    const facts = GROUP_FACTS.mesophilic;
    const pHOf = lacticCurve(whole);
    const slope = (hour: number, [cells = 0, lactate = 0]: number[]) => {
      const pace = heatGrowth(facts, tempAt(temps, hour)) * acidGrowth(facts, pHOf(lactate));
      const growth = facts.mu * pace * cells * (1 - cells / facts.most);
      return [growth, SOURING.lactateWithGrowth * growth + SOURING.lactateStanding * pace * cells];
    };
    const solver = new Solver(2);
    solver.absoluteTolerance = 1e-9;
    solver.relativeTolerance = 1e-9;
    const series = acidify({
      milk: whole,
      cultures: [{ group: 'mesophilic', cfuPerMl: 1e7, lagHours: 0 }],
      temps,
      hours: 12,
    });
    for (const hour of [2, 4, 8, 12]) {
      const [, lactate = 0] = solver.solve(slope, 0, [1e7, 0], hour).y;
      expect(
        Math.abs((series.find(([h]) => Math.abs(h - hour) < 1e-9)?.[1] ?? 0) - pHOf(lactate)),
      ).toBeLessThan(1e-3);
    }
  });

  it('reads lactic acid as the titration does', () => {
    const pHOf = lacticCurve(whole);
    fc.assert(
      fc.property(fc.double({ min: 1e-4, max: 0.1, noNaN: true }), (lactate) => {
        expect(pHOf(lactate * 1.01)).toBeLessThan(pHOf(lactate));
      }),
    );
    // 6 to 7.5 g/L at pH 4.6 (from memory).
    inside(pHOf(7.5 / 90.08), 4.3, 4.6);
    inside(pHOf(6 / 90.08), 4.6, 4.85);
  });

  const course = fc.record({
    group: fc.constantFrom(...CULTURE_GROUPS),
    tempC: fc.double({ min: 24, max: 38, noNaN: true }),
    percent: fc.double({ min: 0.3, max: 4, noNaN: true }),
  });

  it('only ever sours, gives every tenth of an hour and the last point, and is faster with more starter', () => {
    fc.assert(
      fc.property(course, ({ group, tempC, percent }) => {
        const run = (p: number) =>
          acidify({ milk: whole, cultures: [liquidStarter(group, p)], temps: [[0, tempC]], hours: 7.25 });
        const series = run(percent);
        expect(series).toHaveLength(74);
        expect(series.map(([hour]) => hour)).toEqual([...Array.from({ length: 73 }, (_, i) => i / 10), 7.25]);
        for (let i = 1; i < series.length; i++)
          expect(series[i]?.[1]).toBeLessThanOrEqual(series[i - 1]?.[1] as number);
        expect(run(percent * 1.5).at(-1)?.[1]).toBeLessThanOrEqual((series.at(-1)?.[1] as number) + 1e-9);
      }),
      { numRuns: 40 },
    );
  });

  it('a colder room, an older or later-generation starter take longer', () => {
    const plain = hoursTo(4.6, liquidStarter('mesophilic', 1), [[0, 24]]);
    expect(hoursTo(4.6, liquidStarter('mesophilic', 1), [[0, 21]])).toBeGreaterThan(plain);
    expect(hoursTo(4.6, liquidStarter('mesophilic', 1, 10), [[0, 24]])).toBeGreaterThan(plain);
    expect(hoursTo(4.6, savedStarter('mesophilic', 1, 0, 8), [[0, 24]])).toBeGreaterThan(plain);
  });

  it('thermophiles alone do nothing at 19 °C', () =>
    expect(hoursTo(6.6, freezeDried('thermophilic'), [[0, 19]])).toBe(Number.POSITIVE_INFINITY));
});

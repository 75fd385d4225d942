import { describe, expect, it } from 'vitest';
import { beside } from './beside';
import { floc, mishap, note, stateTold, type Told, temp } from './fixtures/told';

const of = (more: Partial<Told> = {}) => stateTold({ method: 'squeaky-curds', ...more });
const share = (one: number | null) => 1 + (one ?? 0) / 100;

describe('two makes side by side', () => {
  it('that were the same differ in nothing', () => {
    expect(beside(of(), of())).toEqual({ yieldPct: 0, differences: [], unexplainedPct: 0 });
  });

  it('leaner milk explains its share of the yield by the core, and the rest stays unexplained', () => {
    const lean = of({ brief: { milk: { species: 'cow', litres: 8, fatPct: 2.7 } } });
    const told = beside(of(), lean);
    const [first] = told.differences;
    expect(first?.what).toBe('fat of the milk');
    expect(first?.yieldPct).toBeLessThan(-4);
    // Both weighed just what their own plans said: all of the gap is the milk.
    expect(told.yieldPct).toBeCloseTo(first?.yieldPct ?? 0, 1);
    expect(Math.abs(told.unexplainedPct ?? 9)).toBeLessThan(0.1);
  });

  it('what follows from the milk is not done otherwise, and counts with the milk; each milk and option by its name', () => {
    const ricotta = (milk: object, options = {}) =>
      stateTold({
        method: 'whole-milk-ricotta',
        brief: { milk: { species: 'cow', litres: 8, fatPct: 3.7, ...milk } },
        options,
      });
    const { differences, unexplainedPct } = beside(ricotta({}), ricotta({ fatPct: 4.6 }));
    expect(differences.map(({ what }) => what)).toEqual(['fat of the milk']);
    expect(Math.abs(unexplainedPct ?? 9)).toBeLessThan(0.1);
    const wetter = beside(ricotta({}), ricotta({}, { moisturePct: 76 }));
    expect(wetter.differences[0]?.what).toBe('moisture wanted');
    const [goats] = beside(
      ricotta({}),
      ricotta({ species: 'goat', treatment: 'boiled', fatPct: 3.7 }),
    ).differences.filter(({ what }) => what === 'the milk');
    expect(goats?.each).toEqual(['cow’s, pasteurised', 'goat’s, boiled at home']);
    const ball = (acidPH: number) => stateTold({ method: 'quick-stretched', options: { acidPH } });
    const sourer = beside(ball(5.7), ball(5.5)).differences.find(({ what }) => /pH/.test(what));
    expect(sourer?.each).toEqual(['5.70', '5.50']);
  });

  it('an early cut by the bowl, a hot cook and another cook option are told with what they cost, the dearest first', () => {
    const slow = of({
      notes: [
        ['set', 14, floc],
        ['cook', 30, temp(39)],
      ],
    });
    const quick = of({
      options: { cookC: 40 },
      notes: [
        ['set', 20, floc],
        ['cook', 30, temp(44)],
      ],
      weighs: 0.8,
    });
    const { differences, yieldPct, unexplainedPct } = beside(slow, quick);
    const names = differences.map(({ what }) => what);
    expect(names).toEqual(expect.arrayContaining(['the cut', 'heat of the cook']));
    for (const what of ['the cut', 'heat of the cook'])
      expect(differences.find((one) => one.what === what)?.yieldPct).toBeLessThan(-0.5);
    const sizes = differences.map((one) => Math.abs(one.yieldPct ?? 0));
    expect(sizes).toEqual([...sizes].sort((a, b) => b - a));
    const product = differences.reduce((all, one) => all * share(one.yieldPct), 1) * share(unexplainedPct);
    expect(product).toBeCloseTo(share(yieldPct), 9);
  });

  it('the other way round the same differences count against it', () => {
    const wrong = of({
      notes: [
        [
          'cut',
          1,
          { ...mishap('spilled'), costs: { moisturePoints: 0, fatShare: 0, yieldShare: -0.1 } } as never,
        ],
      ],
      weighs: 0.9,
    });
    const [there] = beside(of(), wrong).differences;
    const [back] = beside(wrong, of()).differences;
    expect(there?.what).toBe('what went wrong');
    expect(share(there?.yieldPct ?? 0) * share(back?.yieldPct ?? 0)).toBeCloseTo(1, 9);
  });

  it('another make is told as one, and nothing is said to explain it; unweighed ones have no gap', () => {
    const other = stateTold({ method: 'paneer', notes: [['rest', 1, note('x')]] });
    const told = beside(of(), other);
    expect(told.differences.map(({ what }) => what)).toContain('the make');
    expect(told.unexplainedPct).toBeNull();
    expect(beside(of(), of({ weighs: null })).yieldPct).toBeNull();
  });
});

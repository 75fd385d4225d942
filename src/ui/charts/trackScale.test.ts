import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { foldedLength, trackScale, trackTicks } from './trackScale';

const stages = fc
  .array(fc.double({ min: 1, max: 15_000, noNaN: true }), { minLength: 1, maxLength: 25 })
  .map((durations) => {
    let startMin = 0;
    return durations.map((durationMin) => {
      const stage = { startMin, durationMin };
      startMin += durationMin;
      return stage;
    });
  });

describe('the track’s time', () => {
  it('runs forward over the whole width, folded or even', () => {
    fc.assert(
      fc.property(stages, fc.boolean(), (list, folded) => {
        const total = list.reduce((sum, stage) => sum + stage.durationMin, 0);
        const x = trackScale(list, total, [50, 850], folded);
        expect(x(0)).toBeCloseTo(50, 6);
        expect(x(total)).toBeCloseTo(850, 6);
        let last = 50 - 1e-9;
        for (const { startMin } of list) {
          expect(x(startMin)).toBeGreaterThan(last);
          last = x(startMin);
        }
      }),
    );
  });

  it('gives an hour at the pot more room beside four days in a basket', () => {
    const list = [
      { startMin: 0, durationMin: 60 },
      { startMin: 60, durationMin: 4 * 1440 },
    ];
    const room = (folded: boolean) => trackScale(list, 60 + 4 * 1440, [0, 1000], folded)(60);
    expect(room(true)).toBeGreaterThan(15 * room(false));
    expect(foldedLength(45)).toBe(45);
  });

  it('puts folded times at beginnings, none on top of another', () => {
    fc.assert(
      fc.property(stages, (list) => {
        const total = list.reduce((sum, stage) => sum + stage.durationMin, 0);
        const x = trackScale(list, total, [50, 850], true);
        const ticks = trackTicks(x, list, 0, total, 800, true);
        for (let i = 1; i < ticks.length; i++)
          expect(x(ticks[i] as number) - x(ticks[i - 1] as number)).toBeGreaterThan(90);
      }),
    );
  });

  it('writes no minute twice, however short the make was', () => {
    for (const total of [2, 4, 7, 90]) {
      const x = trackScale([], total, [50, 850], false);
      const ticks = trackTicks(x, [], Date.UTC(2026, 2, 6, 9), total, 800, false);
      expect(ticks.length).toBeGreaterThan(1);
      for (const tick of ticks) expect(tick).toBe(Math.round(tick));
    }
  });
});

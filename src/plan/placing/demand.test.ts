import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { METHODS } from '../../makes';
import { basic, planned } from '../fixtures/briefs';
import { demandOf, handsIn, shapeOf } from './demand';

describe('hands in a wait', () => {
  it('that touch its end stay there, others keep their distance from the start, for every make', () => {
    for (const { id } of METHODS) {
      const demand = demandOf(id, planned(basic(id)));
      for (const stage of demand.stages) {
        const longer = handsIn(stage, stage.likelyMin + 30);
        longer.forEach(([from, to], k) => {
          const [was, end] = stage.hands[k] as readonly [number, number];
          const moved = end >= stage.likelyMin - 1e-3 ? 30 : 0;
          expect(from).toBeCloseTo(was + moved, 9);
          expect(to).toBeCloseTo(end + moved, 9);
        });
      }
    }
  });

  it('a shape has its stages one after the other without a gap', () => {
    const demand = demandOf('goat', planned(basic('goat-lactic')));
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -3, max: 3 }), { minLength: 10, maxLength: 10 }), (steps) => {
        const shape = shapeOf(
          demand,
          demand.stages.map((stage, i) => (stage.moreSteps > 0 ? (steps[i] ?? 0) : 0)),
        );
        shape.stages.forEach(({ startMin }, i) => {
          const before = shape.stages[i - 1];
          expect(startMin).toBeCloseTo(before ? before.startMin + before.durationMin : 0, 9);
        });
      }),
    );
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { basic, planned } from '../plan/fixtures/briefs';
import { MODEL_VERSION } from '../plan/modelVersion';
import { clashesOf, type HandsOn, planHands, runHands } from './clashes';
import { stateOf } from './state';

const paneer = planned(basic('paneer'));
const running = stateOf([
  {
    type: 'started',
    seq: 0,
    at: 0,
    name: 'Paneer, Thu',
    milkName: '',
    plan: paneer.plan,
    parameters: paneer.parameters,
    modelVersion: MODEL_VERSION,
  },
]);
const hands = (from: number, to: number): HandsOn => ({ stage: `s${from}`, title: 'stir', from, to });

describe('hands wanted twice', () => {
  it('a plan wants hands where its stages do, as long as they say', () => {
    const wanted = planHands(paneer.plan, 1000);
    expect(wanted[0]?.from).toBe(1000);
    const sum = wanted.reduce((total, one) => total + (one.to - one.from) / 60_000, 0);
    expect(sum).toBeGreaterThan(0.8 * paneer.plan.predictions.handsOnMin);
    expect(sum).toBeLessThanOrEqual(paneer.plan.predictions.handsOnMin + 1e-6);
  });

  it('a running make wants them from its next stage on, never before now', () => {
    const later = 5 * 3_600_000;
    expect(Math.min(...runHands(running, later).map((one) => one.from))).toBeGreaterThanOrEqual(later);
    expect(runHands(running, 0).length).toBe(planHands(paneer.plan, 0).length - 1);
  });

  it('the same make begun at the same time clashes, and with two pairs of hands it does not', () => {
    const ours = planHands(paneer.plan, 0);
    const others = [{ name: 'Paneer, Thu', hands: runHands(running, 0) }];
    const found = clashesOf(ours, others, 1);
    expect(found.length).toBeGreaterThan(2);
    expect(found[0]?.others[0]?.name).toBe('Paneer, Thu');
    expect(clashesOf(ours, others, 2)).toEqual([]);
  });

  it('two that follow each other do not clash; one that begins within the other does, at its beginning', () => {
    expect(clashesOf([hands(0, 10)], [{ name: 'x', hands: [hands(10, 20)] }], 1)).toEqual([]);
    expect(clashesOf([hands(0, 10)], [{ name: 'x', hands: [hands(6, 20)] }], 1)[0]?.at).toBe(6);
    expect(clashesOf([hands(0, 10)], [{ name: 'x', hands: [hands(-5, 3)] }], 1)[0]?.at).toBe(0);
  });

  it('more hands never bring more clashes', () => {
    const span = fc
      .tuple(fc.integer({ min: 0, max: 100 }), fc.integer({ min: 1, max: 30 }))
      .map(([from, length]) => hands(from, from + length));
    const make = fc.array(span, { maxLength: 6 });
    fc.assert(
      fc.property(make, fc.array(make, { maxLength: 3 }), fc.integer({ min: 1, max: 4 }), (ours, all, n) => {
        const others = all.map((one, i) => ({ name: `m${i}`, hands: one }));
        expect(clashesOf(ours, others, n + 1).length).toBeLessThanOrEqual(clashesOf(ours, others, n).length);
      }),
    );
  });
});

import { describe, expect, it } from 'vitest';
import { normal, seeded } from '../core/stats/random';
import type { Brief } from '../plan/brief/schema';
import { planBrief } from '../plan/plan';
import { reviewOf } from '../run/review';
import { isOver, stateOf } from '../run/state';
import { enact } from './enact';
import { type Quirks, realBatch } from './quirks';

const brief: Brief = {
  format: 'plump-pail/brief',
  version: 1,
  method: 'whole-milk-ricotta',
  milk: { species: 'cow', litres: 10, pH: 6.65 },
  acid: { kind: 'citric' },
};

function reviews(quirks: Quirks, seed: number, count: number) {
  const planned = planBrief(brief, { spread: false });
  if (!planned.ok) throw new Error('the test’s brief must plan');
  const random = seeded(seed);
  return Array.from({ length: count }, () =>
    reviewOf(
      stateOf(
        enact(
          planned.value,
          realBatch(quirks, () => normal(random)),
          'x',
          '',
          0,
        ).events,
      ),
    ),
  );
}
const mean = (values: (number | null)[]) =>
  values.reduce<number>((sum, v) => sum + (v ?? 0), 0) / values.length;

describe('an enacted make', () => {
  it('is a log that stands: every event counts, and it ends weighed', () => {
    const planned = planBrief(brief, { spread: false });
    if (!planned.ok) throw new Error('the test’s brief must plan');
    const random = seeded(5);
    const { events, endsAt } = enact(
      planned.value,
      realBatch({ milk: {}, pot: {} }, () => normal(random)),
      'x',
      '',
      1000,
    );
    const state = stateOf(events);
    expect(isOver(state)).toBe(true);
    expect(state.weighedKg).toBeGreaterThan(1);
    expect(events.at(-1)?.at).toBeCloseTo(endsAt, -1);
    expect(state.runs.map((run) => run.stage)).toEqual(planned.value.plan.stages.map((stage) => stage.id));
    expect(state.acid.length).toBe(events.filter((event) => event.type === 'acid').length);
  });

  it('carries its quirks through: a milk of higher pH takes more acid, a weak hob more time', () => {
    const plain = reviews({ milk: {}, pot: {} }, 1, 40);
    const quirky = reviews({ milk: { pH: 0.1 }, pot: { power: 0.8 } }, 1, 40);
    expect(mean(quirky.map((r) => r.acidRatio))).toBeGreaterThan(mean(plain.map((r) => r.acidRatio)) + 0.05);
    expect(mean(quirky.map((r) => r.tookMin))).toBeGreaterThan(mean(plain.map((r) => r.tookMin)) + 5);
  });
});

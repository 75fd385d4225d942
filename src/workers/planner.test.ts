import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { basic } from '../plan/fixtures/briefs';
import { type Planned, planBrief } from '../plan/plan';

/** Answers a remote planner still owes, oldest first. */
const owed: (() => void)[] = [];
const asked: string[] = [];
vi.mock('comlink', () => ({
  wrap: () => ({
    plan: (brief: { method: string }) => {
      asked.push(brief.method);
      return new Promise((resolve) => owed.push(() => resolve(planBrief(brief as never, { spread: false }))));
    },
  }),
}));

const settle = async () => {
  owed.shift()?.();
  for (let i = 0; i < 5; i++) await Promise.resolve();
};
const methodOf = (answer: { ok: boolean } | null) =>
  answer?.ok ? (answer as { value: Planned } & { ok: true }).value.plan.method : answer;

describe('planning in the worker', () => {
  beforeEach(() => {
    owed.length = 0;
    asked.length = 0;
    vi.stubGlobal('Worker', class {});
  });
  afterEach(() => vi.unstubAllGlobals());

  it('answers one after the other when nobody hurries', async () => {
    const { workerPlanner } = await import('./planner');
    const planner = workerPlanner();
    for (const method of ['paneer', 'skyr']) {
      const answer = planner.plan(basic(method));
      await settle();
      expect(methodOf(await answer)).toBe(method);
    }
  });

  it('only the latest counts: what was overtaken comes back as nothing, and is not computed twice', async () => {
    const { workerPlanner } = await import('./planner');
    const planner = workerPlanner();
    const answers = ['paneer', 'skyr', 'grilling', 'soft-cream'].map((method) => planner.plan(basic(method)));
    await settle();
    await settle();
    expect(await Promise.all(answers.map(async (answer) => methodOf(await answer)))).toEqual([
      null,
      null,
      null,
      'soft-cream',
    ]);
    expect(asked).toEqual(['paneer', 'soft-cream']);
  });

  it('goes on after a brief that cannot be planned', async () => {
    const { workerPlanner } = await import('./planner');
    const planner = workerPlanner();
    const bad = planner.plan(basic('quick-stretched', { treatment: 'ultra-heat' }));
    await settle();
    expect(await bad).toMatchObject({ ok: false });
    const good = planner.plan(basic('paneer'));
    await settle();
    expect(methodOf(await good)).toBe('paneer');
  });
});

import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { basic } from '../plan/fixtures/briefs';
import { type Planned, planBrief } from '../plan/plan';

/** Answers a remote planner still owes, oldest first. */
const owed: (() => void)[] = [];
const asked: string[] = [];
/** Workers made so far, and which of them fail instead of answering. */
const made: FakeWorker[] = [];
class FakeWorker extends EventTarget {
  ended = false;
  constructor() {
    super();
    made.push(this);
  }
  terminate() {
    this.ended = true;
  }
}
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
  await new Promise(setImmediate);
};
const methodOf = (answer: { ok: boolean } | null) =>
  answer?.ok ? (answer as { value: Planned } & { ok: true }).value.plan.method : answer;

describe('planning in the worker', () => {
  beforeEach(() => {
    owed.length = 0;
    asked.length = 0;
    made.length = 0;
    vi.stubGlobal('Worker', FakeWorker);
    vi.spyOn(console, 'error').mockImplementation(() => undefined);
  });
  afterEach(() => {
    vi.unstubAllGlobals();
    vi.restoreAllMocks();
  });

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

  it('starts a worker that fails again and asks once more; one that goes on failing is answered for', async () => {
    const { workerPlanner } = await import('./planner');
    const planner = workerPlanner();
    const fail = async () => {
      made.at(-1)?.dispatchEvent(new Event('error'));
      owed.length = 0;
      await new Promise(setImmediate);
    };
    const once = planner.plan(basic('paneer'));
    await fail();
    expect(made.map((one) => one.ended)).toEqual([true, false]);
    await settle();
    expect(methodOf(await once)).toBe('paneer');
    const twice = planner.plan(basic('skyr'));
    await fail();
    await fail();
    expect(await twice).toMatchObject({
      ok: false,
      faults: [{ problem: expect.stringMatching(/started anew/) }],
    });
    const after = planner.plan(basic('grilling'));
    await settle();
    expect(methodOf(await after)).toBe('grilling');
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

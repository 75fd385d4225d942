import { beforeEach, describe, expect, it, vi } from 'vitest';
import { workerLearner } from './learner';

/** What the workers still owe, oldest first. */
const owed: { answer(value: unknown): void; refuse(reason: unknown): void }[] = [];
vi.mock('comlink', () => ({
  proxy: (value: unknown) => value,
  wrap: () => ({ learn: () => new Promise((answer, refuse) => owed.push({ answer, refuse })) }),
}));

class FakeWorker extends EventTarget {
  ended = false;
  terminate() {
    this.ended = true;
  }
}

describe('learning in a worker', () => {
  let made: FakeWorker[];
  const learner = (quiet = () => Promise.resolve()) =>
    workerLearner('store', quiet, () => {
      const worker = new FakeWorker();
      made.push(worker);
      return worker as unknown as Worker;
    });
  beforeEach(() => {
    made = [];
    owed.length = 0;
    vi.spyOn(console, 'error').mockImplementation(() => undefined);
  });

  /** When so many have been asked to learn. */
  const asked = (many: number) => expect.poll(() => owed.length).toBe(many);

  it('does not begin before the page is quiet', async () => {
    let lull = () => {};
    const { learn } = learner(
      () =>
        new Promise((resolve) => {
          lull = resolve;
        }),
    );
    const learned = learn();
    await Promise.resolve();
    expect(made).toHaveLength(0);
    lull();
    await asked(1);
    owed[0]?.answer('learned');
    expect(await learned).toBe('learned');
  });

  it('keeps its worker while it is asked for more, and lets it go when nothing is left to do', async () => {
    const { learn } = learner();
    const [first, second] = [learn(), learn()];
    await asked(2);
    owed[0]?.answer('first');
    expect(await first).toBe('first');
    expect(made.map(({ ended }) => ended)).toEqual([false]);
    owed[1]?.answer('second');
    expect(await second).toBe('second');
    expect(made.map(({ ended }) => ended)).toEqual([true]);
  });

  it('is asked anew after one that failed, and learns nothing meanwhile', async () => {
    const { learn } = learner();
    const failed = [learn(), learn()];
    await asked(2);
    owed[0]?.refuse(new Error('unreadable'));
    expect(await failed[0]).toBeNull();
    made[0]?.dispatchEvent(new Event('error'));
    expect(await failed[1]).toBeNull();
    expect(made.map(({ ended }) => ended)).toEqual([true]);
    const again = learn();
    await asked(3);
    owed[2]?.answer('learned');
    expect(await again).toBe('learned');
    expect(made).toHaveLength(2);
  });
});

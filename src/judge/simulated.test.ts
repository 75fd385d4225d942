import { describe, expect, it } from 'vitest';
import { stateOf } from '../run/state';
import { FAULTS } from './fixtures/faults';
import { simulated } from './fixtures/simulated';
import { judge } from './judge';

/** Other seeds than those the odds were fitted to. */
const FROM = 1001;
const BATCHES = 500;

describe('500 seeded batches with one fault each', () => {
  const all = Array.from({ length: BATCHES }, (_, i) => {
    const { log, found, was, method } = simulated(FROM + i);
    const causes = judge(stateOf(log), found).causes.filter(({ id }) => id !== 'model-off');
    return { was, method, causes };
  });

  it('are of every fault and every make', () => {
    expect(new Set(all.map(({ was }) => was)).size).toBe(FAULTS.length);
    expect(new Set(all.map(({ method }) => method)).size).toBe(17);
  });

  it('have the true cause first in 70 of a hundred at the least', () => {
    const first = all.filter(({ was, causes }) => causes[0]?.id === was).length;
    expect(first / BATCHES).toBeGreaterThanOrEqual(0.7);
  });

  it('are told as surely as they are so: of causes told with 60 to 80 %, 55 to 85 % are', () => {
    const told = all.flatMap(({ was, causes }) =>
      causes.map(({ id, likelyPct }) => ({ likelyPct, so: id === was })),
    );
    const band = (low: number, high: number) => {
      const within = told.filter(({ likelyPct }) => likelyPct >= low && likelyPct < high);
      return { many: within.length, share: within.filter(({ so }) => so).length / within.length };
    };
    const middle = band(60, 80);
    expect(middle.many).toBeGreaterThan(40);
    expect(middle.share).toBeGreaterThanOrEqual(0.55);
    expect(middle.share).toBeLessThanOrEqual(0.85);
    expect(band(0, 20).share).toBeLessThan(0.15);
    expect(band(80, 101).share).toBeGreaterThan(0.85);
  });
});

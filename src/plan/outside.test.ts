import { describe, expect, it } from 'vitest';
import { DISAGREES } from './fixtures/outside/disagrees';
import { MOISTURES } from './fixtures/outside/moisture';
import { DOSES_AND_TIMES } from './fixtures/outside/rest';
import { YIELDS } from './fixtures/outside/yields';

describe('figures from outside', () => {
  it.each([...MOISTURES, ...YIELDS, ...DOSES_AND_TIMES])(
    '$what: $low to $high $unit ($source)',
    ({ value, low, high }) => {
      const given = value();
      expect(given).toBeGreaterThanOrEqual(low);
      expect(given).toBeLessThanOrEqual(high);
    },
  );

  it.each(DISAGREES)('known to disagree: $what, $low to $high $unit ($source)', ({ value, low, high }) => {
    const given = value();
    // One that comes to agree belongs with the others.
    expect(given < low || given > high).toBe(true);
  });
});

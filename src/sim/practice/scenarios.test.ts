import { describe, expect, it } from 'vitest';
import { beginPractice } from './batch';
import { bestOf } from './best';
import { play } from './hand';
import { hiddenOf, TROUBLE_IDS } from './hidden';
import { LEVELS, SCENARIOS } from './scenarios';
import { standing } from './worth';

describe('what can be practised', () => {
  it('is every family at three levels, and every trouble', () => {
    const families = new Set(SCENARIOS.map(({ family }) => family));
    expect(families.size).toBe(5);
    for (const family of families)
      for (const level of LEVELS)
        expect(SCENARIOS.filter((one) => one.family === family && one.level === level)).toHaveLength(1);
    const troubles = SCENARIOS.filter(({ level }) => level === null).flatMap((one) => one.troubles);
    expect(new Set(troubles)).toEqual(new Set(TROUBLE_IDS));
    expect(troubles.length).toBeGreaterThanOrEqual(12);
    expect(new Set(SCENARIOS.map(({ id }) => id)).size).toBe(SCENARIOS.length);
  });

  it.each(SCENARIOS.map((one) => [one.id, one] as const))('%s: comes out in good hands', (_id, one) => {
    const hidden = hiddenOf(one);
    const best = bestOf(one.brief, hidden);
    expect(best?.score).toBeGreaterThan(50);
    const begun = beginPractice(one.brief, hidden, one.seed);
    if (!begun.ok) throw new Error('it can be planned');
    play(begun.value, false);
    expect(standing(begun.value)?.yieldKg).toBeGreaterThan(0.7 * (best?.kg ?? 0));
  });
});

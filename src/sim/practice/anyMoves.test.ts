import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { METHODS } from '../../makes';
import { basic } from '../../plan/fixtures/briefs';
import { act } from './acts';
import { beginPractice } from './batch';
import { elapse } from './elapse';
import { hiddenOf, TROUBLE_IDS } from './hidden';
import type { Deed } from './moves';
import { look, test } from './senses';
import { reckonedUp, standing, worthOf } from './worth';

/** Whatever somebody might do, sensible or not. */
const deed: fc.Arbitrary<Deed> = fc.oneof(
  fc.constantFrom<Deed>(
    { do: 'next' },
    { do: 'next' },
    { do: 'drain' },
    { do: 'draw-whey' },
    { do: 'turn' },
    { do: 'brine' },
    { do: 'stir', on: true },
    { do: 'lid', on: false },
    { do: 'ice', on: true },
  ),
  fc.record({ do: fc.constant('heat' as const), setting: fc.integer({ min: 0, max: 3 }) }),
  fc.record({
    do: fc.constant('add' as const),
    what: fc.constantFrom(
      'acid' as const,
      'coagulant' as const,
      'culture' as const,
      'salt' as const,
      'water' as const,
    ),
    grams: fc.constantFrom(0, 0.01, 1, 20, 500),
  }),
  fc.record({ do: fc.constant('cut' as const), mm: fc.constantFrom(1, 12, 300) }),
  fc.record({ do: fc.constant('press' as const), kg: fc.constantFrom(0, 5, 2000) }),
  fc.record({
    do: fc.constant('stretch' as const),
    waterC: fc.constantFrom(30, 76, 100),
    minutes: fc.constantFrom(0.5, 4, 60),
  }),
  fc.record({ do: fc.constant('salt' as const), grams: fc.constantFrom(0, 10, 500) }),
  fc.record({ do: fc.constant('wait' as const), minutes: fc.constantFrom(0, 3, 40, 700) }),
);

describe('whatever is done', () => {
  it('is answered or refused, and what comes of it can be weighed and told', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...METHODS.map(({ id }) => id)),
        fc.integer({ min: 0, max: 9999 }),
        fc.subarray([...TROUBLE_IDS], { maxLength: 3 }),
        fc.array(deed, { maxLength: 60 }),
        (id, seed, troubles, deeds) => {
          const begun = beginPractice(basic(id), hiddenOf({ seed, troubles }), seed);
          if (!begun.ok) throw new Error('it can be planned');
          const practice = begun.value;
          for (const one of deeds) {
            const before = practice.pot.minute;
            const done = act(practice, one);
            if (!done.ok) expect(done.faults[0]?.problem).not.toBe('');
            expect(practice.pot.minute).toBeGreaterThanOrEqual(before);
            elapse(practice, 1);
            expect(Number.isFinite(look(practice).tempC)).toBe(true);
            const { pH, kg } = test(practice);
            expect(pH === null || (pH > 2 && pH < 8)).toBe(true);
            expect(kg === null || kg > 0).toBe(true);
          }
          const { pot } = practice;
          expect(pot.tempC).toBeGreaterThan(-5);
          expect(pot.tempC).toBeLessThanOrEqual(101);
          const outcome = standing(practice);
          const worth = worthOf(practice, practice.aims.kg, outcome);
          expect(worth.score).toBeGreaterThanOrEqual(0);
          expect(worth.score).toBeLessThanOrEqual(100);
          if (outcome) {
            expect(outcome.yieldKg).toBeGreaterThan(0);
            expect(outcome.moisturePct).toBeGreaterThan(0);
            expect(outcome.moisturePct).toBeLessThan(100);
          }
          for (const { grams, marks } of reckonedUp(practice, practice.aims.kg)) {
            expect(Number.isFinite(grams)).toBe(true);
            expect(marks).toBeGreaterThanOrEqual(0);
          }
        },
      ),
      { numRuns: 150 },
    );
  });
});

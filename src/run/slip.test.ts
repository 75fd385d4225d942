import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { basic, planned } from '../plan/fixtures/briefs';
import { at } from './fixtures/walked';
import { curdDoubt, finishedDoubt, isSlip } from './slip';

describe('a weight that can hardly be', () => {
  const goat = basic('goat-lactic', { species: 'goat' });
  const { plan } = planned(goat);
  const { likely, low, high } = plan.predictions.yieldKg;

  it('finished, is about half or twice what was planned, and what is to be expected is never asked about', () => {
    expect(finishedDoubt(plan, 10 * likely)).toEqual({ is: 'not-as-planned', besideKg: likely });
    expect(finishedDoubt(plan, likely / 1000)?.is).toBe('not-as-planned');
    expect([low, likely, high].map((kg) => finishedDoubt(plan, kg))).toEqual([null, null, null]);
    expect([isSlip(0.5, 1), isSlip(0.6, 1), isSlip(1.75, 1), isSlip(1.9, 1)]).toEqual([
      true,
      false,
      false,
      true,
    ]);
  });

  const spreadWidest = 'skyr';
  it.each([spreadWidest, 'whey-ricotta', 'quick-stretched', 'fresh-pressed'])(
    '%s: all that its plan holds for likely is taken unasked',
    (id) => {
      const brief = basic(id);
      const own = planned(brief, true).plan;
      const last = own.stages.at(-1)?.id ?? '';
      for (const kg of Object.values(own.predictions.yieldKg)) {
        expect(finishedDoubt(own, kg)).toBeNull();
        expect(curdDoubt(at(brief, last), kg)).toBeNull();
      }
    },
  );

  it('on its way, is more than the milk or less than what is dry in it; whatever lies between may be', () => {
    const state = at(goat, 'bag');
    const milkKg = 1.03 * (plan.brief.milk.litres ?? Number.NaN);
    const heavy = curdDoubt(state, milkKg * 1.15);
    expect(heavy?.is).toBe('more-than-milk');
    expect(heavy?.besideKg).toBeCloseTo(milkKg, 0);
    expect(curdDoubt(state, likely / 1000)?.is).toBe('less-than-dry');
    expect(curdDoubt(at(goat, 'salt'), likely / 1000)?.is).toBe('less-than-dry');
    // Before there is curd, what is weighed may be little.
    expect(curdDoubt(at(goat, 'set'), likely / 1000)).toBeNull();
    expect(curdDoubt(at(goat, 'set'), milkKg * 1.15)?.is).toBe('more-than-milk');
    fc.assert(
      fc.property(fc.double({ min: low, max: 1.05 * milkKg, noNaN: true }), (kg) => {
        expect(curdDoubt(state, kg)).toBeNull();
      }),
    );
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { METHODS } from '../makes';
import type { Method } from '../makes/method';
import type { Brief } from './brief/schema';
import { basic } from './fixtures/briefs';
import { SANITY_BANDS } from './fixtures/sanityBands';
import { type Planned, planBrief } from './plan';
import { safetyOf } from './safety';
import { livedAsPlanned } from './warnings';

const speciesOf = (method: Method) => SANITY_BANDS[method.id]?.species ?? 'cow';
const ids = (list: readonly Method[]) => list.map((method) => ({ name: method.id, method }));
const num = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const RUNS = { numRuns: 12 };

/** A likely run; null where it is refused. */
function made(method: Method, milk: Partial<Brief['milk']> = {}, rest: Partial<Brief> = {}): Planned | null {
  const result = planBrief(basic(method.id, { species: speciesOf(method), ...milk }, rest), {
    spread: false,
  });
  return result.ok ? result.value : null;
}
const kg = (planned: Planned) => planned.plan.predictions.yieldKg.likely;
const nonFatMoisture = ({ outcome: { cheese, yieldKg } }: Planned) => cheese.water / (yieldKg - cheese.fat);

describe('fat', () => {
  it.each(ids(METHODS.filter((method) => method.of === 'milk')))(
    '$name: more of it never dries the non-fat substance, and makes more cheese',
    ({ method }) => {
      fc.assert(
        fc.property(num(1, 6), num(0.1, 1.5), (fatPct, more) => {
          const lean = made(method, { fatPct });
          const rich = made(method, { fatPct: fatPct + more });
          if (!lean || !rich) return;
          expect(nonFatMoisture(rich)).toBeGreaterThan(nonFatMoisture(lean) - 2e-3);
          expect(kg(rich)).toBeGreaterThan(kg(lean));
        }),
        RUNS,
      );
    },
  );

  it('richer milk drains no faster in a bag', () => {
    const goat = METHODS.find((method) => method.id === 'goat-lactic') as Method;
    fc.assert(
      fc.property(num(2.5, 5), num(0.2, 1.5), (fatPct, more) => {
        const hours = (pct: number) => made(goat, { fatPct: pct })?.plan.predictions.drainHours?.likely ?? 0;
        expect(hours(fatPct + more)).toBeGreaterThanOrEqual(hours(fatPct) - 1e-6);
      }),
      RUNS,
    );
  });
});

describe('work', () => {
  it.each(ids(METHODS.filter((method) => method.options.poachMin)))(
    '$name: longer poaching never adds yield',
    ({ method }) => {
      fc.assert(
        fc.property(num(10, 45), num(1, 15), (poachMin, more) => {
          const at = (minutes: number) => made(method, {}, { options: { poachMin: minutes } }) as Planned;
          expect(kg(at(poachMin + more))).toBeLessThanOrEqual(kg(at(poachMin)));
        }),
        RUNS,
      );
    },
  );

  it.each(ids(METHODS.filter((method) => method.options.starterTimes)))(
    '$name: twice the culture never sours slower',
    ({ method }) => {
      const at = (starterTimes: number) =>
        made(method, {}, { options: { starterTimes } })?.plan.predictions.acidifyHours?.likely as number;
      for (const times of [0.5, 1, 2, 4]) expect(at(2 * times)).toBeLessThan(at(times));
    },
  );

  it.each(ids(METHODS.filter((method) => method.culture)))(
    '$name: twice the live starter never sours slower',
    ({ method }) => {
      const at = (percent: number) =>
        made(method, {}, { culture: { form: 'liquid', percent } })?.plan.predictions.acidifyHours?.likely;
      const [once, twice] = [at(2), at(4)];
      if (once !== undefined && twice !== undefined) expect(twice).toBeLessThanOrEqual(once);
    },
  );
});

describe('salt', () => {
  const salted = METHODS.filter((method) => method.options.saltPct);
  it.each(ids(salted))('$name: saltier is never heavier than its salt less its water', ({ method }) => {
    fc.assert(
      fc.property(num(0.5, 2.5), num(0.1, 1), (saltPct, more) => {
        const at = (pct: number) => made(method, {}, { options: { saltPct: pct } });
        const [mild, salty] = [at(saltPct), at(saltPct + more)];
        if (!mild || !salty) return;
        const added = salty.outcome.cheese.salt - mild.outcome.cheese.salt;
        // What drains to a wish of moisture drains less far before more salt, and ends as wet.
        const wished = method.options.moisturePct !== undefined && (method.bag || method.drain);
        if (wished) expect(salty.outcome.moisturePct).toBeCloseTo(mild.outcome.moisturePct, 1);
        else expect(kg(salty)).toBeLessThanOrEqual(kg(mild) + added - 2 * added + 1e-6);
      }),
      RUNS,
    );
  });

  it.each(ids(METHODS.filter((method) => method.options.saltBy)))(
    '$name: the same salt in the end, by any way, gives the same yield within 2 %',
    ({ method }) => {
      const by = method.options.saltBy;
      if (by?.type !== 'choice') throw new Error('a school of salting');
      const ways = by.choices.map(({ value }) => made(method, {}, { options: { saltBy: value } }) as Planned);
      for (const way of ways) {
        expect(Math.abs(way.outcome.saltPct / (ways[0] as Planned).outcome.saltPct - 1)).toBeLessThan(0.06);
        expect(Math.abs(kg(way) / kg(ways[0] as Planned) - 1)).toBeLessThan(0.02);
      }
    },
  );

  it('what the card says of a weight is what is strewn on it, whatever brine follows', () => {
    const grilling = METHODS.find((method) => method.id === 'grilling') as Method;
    const both = made(grilling, {}, { options: { saltBy: 'both', saltPct: 2.5 } }) as Planned;
    const dry = both.plan.doses.find((dose) => dose.id === 'salt')?.grams as number;
    expect(dry / 1000).toBeCloseTo(0.01 * ((both.outcome.yieldKg - both.outcome.cheese.salt) * 1.06), 2);
  });
});

describe('safety', () => {
  it.each(ids(METHODS))(
    '$name: as it is planned by default it keeps its own rules, with a margin',
    ({ method }) => {
      const { plan, parameters, spans } = made(method) as Planned;
      const safety = safetyOf(
        plan.stages,
        parameters,
        livedAsPlanned(plan.stages, spans),
        plan.predictions.curdPH ?? 7,
      );
      expect(safety.souring?.share ?? 0).toBeLessThan(0.85);
      expect(safety.warmMin).toBeLessThan(safety.allowedMin);
    },
  );

  it.each(ids(METHODS.filter((method) => method.culture)))(
    '$name: what breaks the rule of slow souring says so, what keeps it does not',
    ({ method }) => {
      fc.assert(
        fc.property(num(17, 32), num(0.05, 2), (roomC, percent) => {
          const planned = made(method, {}, { roomC, culture: { form: 'liquid', percent } });
          if (!planned) return;
          const { plan, parameters, spans } = planned;
          const { souring } = safetyOf(plan.stages, parameters, livedAsPlanned(plan.stages, spans), 7);
          const told = plan.cautions.some((one) => one.id === 'slow-souring');
          expect(told).toBe((souring?.share ?? 0) > 0.85);
        }),
        RUNS,
      );
    },
  );
});

import { describe, expect, it } from 'vitest';
import { formatter, METRIC } from '../core/units/format';
import { METHODS, methodById } from '../makes';
import type { Method } from '../makes/method';
import type { Brief } from './brief/schema';
import { basic, planned } from './fixtures/briefs';
import { inFirstUnit, unitsFor } from './measures';
import { milkText } from './milkText';

const plain = (text: string) => text.replaceAll('\u00a0', ' ');
const width = (brief: Brief) => {
  const { low, likely, high } = planned(brief, true).plan.predictions.yieldKg;
  return (high - low) / likely;
};

describe('what nobody has said', () => {
  it('makes a plan surer of its yield once it is said, milk and whey alike', () => {
    for (const id of ['paneer', 'squeaky-curds']) {
      const whole = { fatPct: 3.7, proteinPct: 3.2 };
      expect(width(basic(id, { fatPct: 3.7 }))).toBeLessThan(width(basic(id)));
      expect(width(basic(id, whole))).toBeLessThan(width(basic(id, { fatPct: 3.7 })));
    }
    // Whey is what the make before it left: nobody knows it as well as milk.
    expect(width(basic('whey-ricotta'))).toBeGreaterThan(2 * width(basic('paneer')));
  });

  it('is calcium for a milk that sets weakly, where the knife decides, and none for any other', () => {
    const calcium = (id: string, milk: Partial<Brief['milk']>) =>
      planned(basic(id, milk)).plan.doses.some((dose) => dose.id === 'calcium');
    for (const id of ['squeaky-curds', 'fresh-pressed']) {
      expect(calcium(id, { homogenised: true })).toBe(true);
      expect(calcium(id, { treatment: 'high-pasteurised' })).toBe(true);
      expect(calcium(id, { treatment: 'raw' })).toBe(false);
    }
    for (const id of ['goat-lactic', 'paneer']) expect(calcium(id, { homogenised: true })).toBe(false);
  });
});

describe('what stands in the pot', () => {
  it('is the milk, its acid and the water that goes with it: all of it comes out again as cheese or whey', () => {
    for (const acid of [
      { kind: 'citric' },
      { kind: 'vinegar', strengthPct: 5 },
      { kind: 'lemon' },
      { kind: 'gdl' },
    ] as const) {
      const { plan } = planned(basic('paneer', { litres: 10 }, { acid }));
      const dose = plan.doses.find(({ id }) => id === 'acid');
      if (!dose) throw new Error('it takes acid');
      const poured = 10 * 1.03 + dose.grams / 1000 + dose.diluteInMl / 1000;
      const { yieldKg, wheyLitres } = plan.predictions;
      // What boils away and what sticks is less than a tenth.
      expect(yieldKg.likely + wheyLitres * 1.02).toBeLessThan(poured * 1.01);
      expect(yieldKg.likely + wheyLitres * 1.02).toBeGreaterThan(poured * 0.9);
    }
  });

  it('is told in a sentence: milk to a tenth of a per cent, whey’s protein to a hundredth', () => {
    const told = (brief: Brief) =>
      plain(milkText(planned(brief).plan, methodById(brief.method, METHODS) as Method, formatter(METRIC)));
    expect(told(basic('paneer', { fatPct: 3.94, proteinPct: 3.46, startC: 4 }))).toMatch(
      /^8\.0 L of cow’s milk, 3\.9 % fat and 3\.5 % protein, pasteurised, cream rising, 4 °C; pH 6\.65\.$/,
    );
    expect(told(basic('whey-ricotta', { fatPct: 0.34, proteinPct: 0.76, pH: 6.4, startC: 30 }))).toMatch(
      /^8\.0 L of cow’s whey, 0\.3 % fat and 0\.76 % protein, .*30 °C; pH 6\.40\.$/,
    );
    expect(
      told({
        ...basic('goat-lactic', { homogenised: true }),
        heat: { by: 'sink', bathLitres: 40, bathC: 50 },
        keepWarm: 'cupboard',
      }),
    ).toMatch(/homogenised, .*, in a hot sink of 40\.0 L water at 50 °C, kept warm in a warm cupboard\.$/);
  });
});

describe('a dose in another measure', () => {
  it('is one where it is one of the first that it can be given in, and goes with the amount', () => {
    const briefs: Brief[] = [
      basic('paneer', {}, { acid: { kind: 'vinegar', strengthPct: 5 } }),
      basic('whole-milk-ricotta', {}, { acid: { kind: 'citric' } }),
      basic(
        'squeaky-curds',
        {},
        { coagulant: { form: 'tablet', imcuEach: 1500 }, culture: { form: 'saved' } },
      ),
      basic('goat-lactic', {}, { culture: { form: 'freeze-dried', labelLitresPerGram: 50 } }),
    ];
    for (const brief of briefs) {
      const { plan } = planned(brief);
      const resolved = plan.brief as Parameters<typeof inFirstUnit>[0];
      for (const id of ['acid', 'coagulant', 'culture', 'salt', 'calcium', 'cream'] as const) {
        if (!plan.doses.some((dose) => dose.id === id)) continue;
        const [first, ...others] = unitsFor(id, brief);
        if (!first) throw new Error(`${id} is measured in something`);
        expect(inFirstUnit(resolved, id, { amount: 1, unit: first })).toBeCloseTo(1, 6);
        for (const unit of others) {
          const one = inFirstUnit(resolved, id, { amount: 1, unit });
          expect(one).toBeGreaterThan(0);
          expect(inFirstUnit(resolved, id, { amount: 2.5, unit })).toBeCloseTo(2.5 * one, 6);
        }
      }
    }
  });
});

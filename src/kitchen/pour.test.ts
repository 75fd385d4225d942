import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SPECIES_FACTS } from '../core/milk/species';
import { caseinToFat } from '../core/milk/standardise';
import type { KnownMilk } from './milk';
import { batchOf, creamOf, pouredTo, pouredTogether, SHOP_CREAM_PCT, SKIM_PCT } from './pour';

const cows: KnownMilk = {
  id: 'cows',
  name: 'Cows',
  species: 'cow',
  fatPct: 3.8,
  proteinPct: 3.3,
  treatment: 'pasteurised',
  homogenised: false,
  pH: 6.7,
  startC: 4,
  pricePerLitre: 1,
};
const goats: KnownMilk = {
  ...cows,
  id: 'goats',
  species: 'goat',
  fatPct: 4.2,
  pH: null,
  startC: 10,
  homogenised: true,
};
const litres = fc.double({ min: 0.1, max: 200, noNaN: true });

describe('milks poured together', () => {
  it('lose no fat and no protein, and lie between them in heat and price', () => {
    fc.assert(
      fc.property(litres, litres, (a, b) => {
        const pours = [
          { milk: cows, litres: a },
          { milk: { ...goats, pricePerLitre: 3 }, litres: b },
        ];
        const { milk, batch } = pouredTogether(pours);
        const fatKg = pours.map(batchOf).reduce((sum, one) => sum + one.massKg * one.composition.fatPct, 0);
        expect(batch.massKg * batch.composition.fatPct).toBeCloseTo(fatKg, 6);
        expect(milk.fatPct).toBe(batch.composition.fatPct);
        expect(milk.startC).toBeCloseTo((4 * a + 10 * b) / (a + b), 1);
        expect(milk.pricePerLitre).toBeCloseTo((a + 3 * b) / (a + b), 1);
      }),
    );
  });

  it('are raw as soon as one of them is, however little; else what most of it is', () => {
    fc.assert(
      fc.property(litres, litres, fc.boolean(), (a, b, rawFirst) => {
        const raw = (of: KnownMilk, is: boolean): KnownMilk => ({ ...of, treatment: is ? 'raw' : 'boiled' });
        const { milk } = pouredTogether([
          { milk: raw(cows, rawFirst), litres: a },
          { milk: raw(goats, !rawFirst), litres: b },
        ]);
        expect(milk.treatment).toBe('raw');
        expect(milk.species).toBe(b > a ? 'goat' : 'cow');
        expect(milk.homogenised).toBe(b > a);
      }),
    );
    const boiled = pouredTogether([
      { milk: cows, litres: 1 },
      { milk: { ...goats, treatment: 'boiled' }, litres: 2 },
    ]);
    expect(boiled.milk.treatment).toBe('boiled');
  });

  it('know a pH where one was measured, and a price only where each has one', () => {
    const both = pouredTogether([
      { milk: cows, litres: 4 },
      { milk: goats, litres: 1 },
    ]).milk;
    expect([both.pH, both.pricePerLitre]).toEqual([6.7, 1]);
    const cream = creamOf(cows, 'cream', 'cream', SHOP_CREAM_PCT);
    expect(cream.proteinPct).toBeLessThan(SPECIES_FACTS.cow.proteinPct);
    expect(
      pouredTogether([
        { milk: cows, litres: 4 },
        { milk: cream, litres: 1 },
      ]).milk.pricePerLitre,
    ).toBeNull();
  });
});

describe('what is poured in follows what is asked of the whole', () => {
  const cream = creamOf(cows, 'cream', 'cream', SHOP_CREAM_PCT);
  const skim = creamOf(cows, 'skim', 'skimmed milk', SKIM_PCT);
  const start = [
    { milk: cows, litres: 12 },
    { milk: cream, litres: 1 },
    { milk: skim, litres: 0 },
  ];
  const whole = (amounts: readonly number[]) =>
    pouredTogether(
      start.map(({ milk }, i) => ({ milk, litres: amounts[i] as number })).filter((one) => one.litres > 0),
    );

  it('one figure by the first that can reach it, the milk and the others as they were', () => {
    const rich = pouredTo(start, { fatPct: 5 });
    expect([rich[0], rich[2]]).toEqual([12, 0]);
    expect(whole(rich).milk.fatPct).toBeCloseTo(5, 6);
    // Cream cannot make it leaner: what is left is the skim.
    const lean = pouredTo(start, { fatPct: 3 });
    expect(lean.slice(0, 2)).toEqual([12, 1]);
    expect(whole(lean).milk.fatPct).toBeCloseTo(3, 6);
    const ratio = pouredTo(start.slice(0, 2), { caseinToFat: 0.5 });
    expect(caseinToFat(whole(ratio).batch)).toBeCloseTo(0.5, 6);
    expect(() => pouredTo(start, { fatPct: 40 })).toThrow(/no blend/);
    expect(pouredTo(start, {})).toEqual([12, 1, 0]);
  });

  it('both by all that is poured in, as near as they come', () => {
    const rich = { ...cows, id: 'rich', fatPct: 3, proteinPct: 3.9 };
    const pours = [...start.slice(0, 2), { milk: rich, litres: 0 }];
    const amounts = pouredTo(pours, { fatPct: 3.6, caseinToFat: 0.83 });
    const { milk, batch } = pouredTogether(
      pours.map((one, i) => ({ ...one, litres: amounts[i] as number })).filter((one) => one.litres > 0),
    );
    expect(amounts[0]).toBe(12);
    expect(milk.fatPct).toBeCloseTo(3.6, 1);
    expect(caseinToFat(batch)).toBeCloseTo(0.83, 1);
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SPECIES } from '../milk/species';
import { CALCIUM_DIHYDRATE_MMOL_PER_L, CALCIUM_G_PER_L } from './calcium';
import {
  type Clotting,
  cutMinutesAlong,
  flocculationMin,
  imcuForFlocculation,
  setsWithCoagulant,
  usualMultiplier,
} from './clotting';
import { amountOfImcu, imcuOfLabel, imcuPerMeasure, productOf, saysNothing, tabletsText } from './product';
import { imcuOfSoxhlet, sameWork, soxhletOf, strengthLeft } from './strength';

const milk = (change: Partial<Clotting>): Clotting => ({
  species: 'cow',
  treatment: 'raw',
  imcuPerLitre: 65,
  tempC: 32,
  pH: 6.6,
  calciumMmolPerLitre: 0,
  ...change,
});

describe('clotting', () => {
  const any = fc.record({
    species: fc.constantFrom(...SPECIES),
    treatment: fc.constantFrom('raw' as const, 'pasteurised' as const, 'high-pasteurised' as const),
    imcuPerLitre: fc.double({ min: 3, max: 200, noNaN: true }),
    tempC: fc.double({ min: 15, max: 39, noNaN: true }),
    pH: fc.double({ min: 5.5, max: 6.7, noNaN: true }),
    calciumMmolPerLitre: fc.double({ min: 0, max: 1.8, noNaN: true }),
  });

  it('is faster with more coagulant, warmer, sourer, with calcium', () => {
    fc.assert(
      fc.property(any, (c) => {
        const t = flocculationMin(c);
        expect(flocculationMin({ ...c, imcuPerLitre: c.imcuPerLitre * 1.1 })).toBeLessThan(t);
        expect(flocculationMin({ ...c, tempC: c.tempC + 0.5 })).toBeLessThan(t);
        expect(flocculationMin({ ...c, pH: c.pH - 0.05 })).toBeLessThan(t);
        expect(flocculationMin({ ...c, calciumMmolPerLitre: c.calciumMmolPerLitre + 0.1 })).toBeLessThan(t);
        expect(imcuForFlocculation(c, t)).toBeCloseTo(c.imcuPerLitre, 8);
      }),
    );
  });

  it('integrates to the plain product when nothing changes', () => {
    fc.assert(
      fc.property(any, (c) => {
        const plain = 3 * flocculationMin(c);
        const along = cutMinutesAlong(c, 3, () => c);
        // Beyond a week nothing is promised.
        if (plain < 10_000) expect(along / plain).toBeCloseTo(1, 6);
        else expect(along).toBeGreaterThan(9_990);
      }),
    );
  });

  it('dies above 44 °C, and never sets boiled or ultra-heated milk', () => {
    expect(flocculationMin(milk({ tempC: 50 }))).toBeGreaterThan(4 * flocculationMin(milk({ tempC: 44 })));
    expect(flocculationMin(milk({ treatment: 'ultra-heat' }))).toBe(Number.POSITIVE_INFINITY);
    expect([setsWithCoagulant('boiled'), setsWithCoagulant('raw')]).toEqual([false, true]);
    expect([usualMultiplier(false), usualMultiplier(true)]).toEqual([3, 3.5]);
  });
});

describe('strength', () => {
  it('Soxhlet 1:10,000 is about 145 and 1:15,000 about 215 IMCU/mL, ±15 % (from memory)', () => {
    expect(Math.abs(imcuOfSoxhlet(10_000) / 145 - 1)).toBeLessThan(0.15);
    expect(Math.abs(imcuOfSoxhlet(15_000) / 215 - 1)).toBeLessThan(0.15);
    expect([15, 15_000, 999, 1000, 2_500_000].map(soxhletOf)).toEqual([
      15_000, 15_000, 999_000, 1000, 2_500_000,
    ]);
  });

  it('fades about 1 % a month at 5 °C, three times as fast at 15 °C (from memory)', () => {
    expect(strengthLeft('liquid', 1)).toBeCloseTo(0.99, 3);
    expect(Math.log(strengthLeft('liquid', 6, 15)) / Math.log(strengthLeft('liquid', 6, 5))).toBeCloseTo(
      3,
      10,
    );
    expect(strengthLeft('tablet', 12)).toBeGreaterThan(0.98);
  });

  it('does the same work at another strength', () => expect(sameWork(200, 3, 600)).toBeCloseTo(1, 12));

  it('reads a label: what it says comes out of the model again', () => {
    const label = { setsLitres: 10, per: 'mL', inMin: 40, atC: 35 } as const;
    const imcu = imcuOfLabel(label);
    expect(3 * flocculationMin(milk({ imcuPerLitre: imcu / 10, tempC: 35 }))).toBeCloseTo(40, 8);
    expect(imcuPerMeasure({ form: 'liquid', label })).toBeCloseTo(imcu, 10);
    expect(imcuPerMeasure({ form: 'liquid', label: { ...label, per: 'drop' } })).toBeCloseTo(imcu / 0.05, 8);
  });

  it('measures out liquids, tablets and powders', () => {
    expect(amountOfImcu({ form: 'liquid', imcuPerMl: 200 }, 400)).toMatchObject({
      millilitres: 2,
      drops: 40,
    });
    expect(amountOfImcu({ form: 'tablet', imcuEach: 1000 }, 600).tablets).toBeCloseTo(0.6, 10);
    expect(amountOfImcu({ form: 'powder', imcuPerG: 2000 }, 500).grams).toBeCloseTo(0.25, 10);
  });

  it('refuses a coagulant nobody knows the strength of, and a label in the wrong measure', () => {
    for (const form of ['liquid', 'powder'] as const)
      expect(() => imcuPerMeasure({ form })).toThrow(/no strength and no label/);
    expect(() =>
      imcuPerMeasure({ form: 'tablet', label: { setsLitres: 50, per: 'mL', inMin: 40, atC: 35 } }),
    ).toThrow(/a tablet is not measured in/);
  });
});

describe('a coagulant as it is sold', () => {
  it('tablets break in quarters, and a quarter is the least', () => {
    expect([0.05, 0.25, 0.6, 1, 1.6, 2.9].map(tabletsText)).toEqual([
      '¼ tablet',
      '¼ tablet',
      '½ tablet',
      '1 tablet',
      '1½ tablets',
      '3 tablets',
    ]);
  });

  it('takes the usual tablet where nothing is said of one, as old as it is', () => {
    expect(imcuPerMeasure({ form: 'tablet' })).toBe(1500);
    expect(imcuPerMeasure({ form: 'tablet', ageMonths: 12 })).toBe(
      imcuPerMeasure({ form: 'tablet', imcuEach: 1500, ageMonths: 12 }),
    );
    const label = { setsLitres: 10, per: 'tablet', inMin: 40, atC: 35 } as const;
    expect(saysNothing({ form: 'tablet' })).toBe(true);
    expect(saysNothing({ form: 'tablet', imcuEach: 900 })).toBe(false);
    expect(saysNothing({ form: 'tablet', label })).toBe(false);
    expect(saysNothing({ form: 'liquid' })).toBe(false);
  });

  it('a label counts only when it is whole', () => {
    const whole = { form: 'liquid', setsLitres: 10, per: 'mL', inMin: 40, atC: 32 } as const;
    expect(productOf(whole).label).toEqual({ setsLitres: 10, per: 'mL', inMin: 40, atC: 32 });
    expect(productOf({ ...whole, inMin: undefined }).label).toBeUndefined();
    expect(productOf({ form: 'powder', imcuPerG: 900 })).toEqual({ form: 'powder', imcuPerG: 900 });
  });

  it('0.02 % of the dihydrate is 1.36 mmol/L of calcium (147.01 g/mol, definition)', () => {
    expect(CALCIUM_G_PER_L).toBe(0.2);
    expect(CALCIUM_DIHYDRATE_MMOL_PER_L).toBeCloseTo(1.36, 2);
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compositionOf, milkBatch } from '../milk/composition';
import { SPECIES } from '../milk/species';
import { ACID_KINDS, turningMin } from './acids';
import { bindingOf, boundBy, boundProtons, bufferOf } from './buffer';
import { coagulationPH } from './coagulation';
import { CITRATE_PKA, PHOSPHATE_PKA } from './groups';
import { amountForPH, pHAfter, titrantOf } from './titrate';

const milk = (fat = 3.7, protein = 3.2, pH0 = 6.65) =>
  bufferOf(milkBatch(1, compositionOf('cow', fat, protein)), pH0);
describe('a lactone', () => {
  it('is half acid after 40 min at 30 °C, ±50 % (from memory), so nine tenths and a half after 4.3 such times', () => {
    expect(turningMin('gdl', 30) / 40).toBeCloseTo(Math.log2(20), 9);
  });

  it('takes twice as long for every 10 °C less, and every other acid is there at once', () => {
    expect(turningMin('gdl', 20) / turningMin('gdl', 30)).toBeCloseTo(2, 9);
    expect(turningMin('gdl', 4) / 60).toBeCloseTo(17.5, 1);
    expect(turningMin('gdl', 88)).toBeLessThan(6);
    for (const kind of ACID_KINDS) if (kind !== 'gdl') expect(turningMin(kind, 4)).toBe(0);
  });
});

describe('binding polynomials', () => {
  const h = fc.double({ min: 3, max: 8, noNaN: true }).map((pH) => 10 ** -pH);

  it('agree with the textbook sum over states', () => {
    fc.assert(
      fc.property(h, (x) => {
        expect(boundBy(bindingOf(CITRATE_PKA), x)).toBeCloseTo(boundProtons(CITRATE_PKA, x), 10);
        expect(boundBy(bindingOf(PHOSPHATE_PKA), x)).toBeCloseTo(boundProtons(PHOSPHATE_PKA, x), 10);
      }),
    );
  });

  it('hold half a proton at the pKa of a lone group', () => {
    expect(boundProtons([4.66], 10 ** -4.66)).toBeCloseTo(0.5, 12);
  });
});

const anyMilk = fc.record({
  species: fc.constantFrom(...SPECIES),
  fat: fc.double({ min: 0, max: 10, noNaN: true }),
  protein: fc.double({ min: 2, max: 7, noNaN: true }),
  pH0: fc.double({ min: 6.4, max: 6.9, noNaN: true }),
});
const bufferFor = (m: { species: (typeof SPECIES)[number]; fat: number; protein: number; pH0: number }) =>
  bufferOf(milkBatch(1, compositionOf(m.species, m.fat, m.protein)), m.pH0);

describe('dose and pH', () => {
  const acids = fc.constantFrom(...ACID_KINDS).map((kind) => titrantOf({ kind }));

  it('solve both ways within 1e-6 pH', () => {
    fc.assert(
      fc.property(anyMilk, acids, fc.double({ min: 5.4, max: 6.2, noNaN: true }), (m, acid, pH) => {
        const buffer = bufferFor(m);
        expect(Math.abs(pHAfter(buffer, acid, amountForPH(buffer, acid, pH)) - pH)).toBeLessThan(1e-6);
      }),
    );
  });

  it('fall steadily: more acid, lower pH', () => {
    fc.assert(
      fc.property(anyMilk, acids, fc.double({ min: 0.01, max: 60, noNaN: true }), (m, acid, amount) => {
        const buffer = bufferFor(m);
        expect(pHAfter(buffer, acid, amount * 1.01)).toBeLessThan(pHAfter(buffer, acid, amount));
      }),
    );
  });

  it('ask more acid of a milk with more protein', () => {
    fc.assert(
      fc.property(anyMilk, (m) => {
        const acid = titrantOf({ kind: 'citric' });
        expect(amountForPH(bufferFor({ ...m, protein: m.protein + 0.1 }), acid, 5.5)).toBeGreaterThan(
          amountForPH(bufferFor(m), acid, 5.5),
        );
      }),
    );
  });

  it('refuse an acid too weak to get there, saying why', () => {
    expect(() => amountForPH(milk(), titrantOf({ kind: 'vinegar', strengthPct: 2 }), 4.65)).toThrow(
      /mL per litre/,
    );
    expect(() => amountForPH(milk(), titrantOf({ kind: 'citric' }), 3)).toThrow(/cannot bring/);
  });
});

describe('coagulation curve', () => {
  it('passes through its points and rises with temperature (fitted to common practice)', () => {
    expect(coagulationPH(50)).toBeCloseTo(5.4, 12);
    expect(coagulationPH(85)).toBeCloseTo(5.8, 12);
    fc.assert(
      fc.property(fc.double({ min: 20, max: 99, noNaN: true }), (t) => {
        expect(coagulationPH(t + 1)).toBeGreaterThan(coagulationPH(t));
      }),
    );
  });
});

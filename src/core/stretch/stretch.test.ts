import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { meanCurdC, stretchedFat } from './losses';
import { type Stretching, stretchQuality } from './quality';
import { AIMED_CORE_C, souredBy } from './window';

describe('stretch', () => {
  const middling = {
    soured: 'lactic',
    pH: 5.25,
    coreC: 62,
    nonFatMoisturePct: 70,
    calciumMmolPerLitre: 0,
    workMin: 4,
  } as const;
  const sideOf = (change: Partial<Stretching>) => stretchQuality({ ...middling, ...change }).side;

  it('takes juices for the citric acid they hold, and every other acid for one that leaves the calcium', () => {
    const kinds = ['citric', 'lemon', 'lime', 'vinegar', 'lactic', 'gdl'] as const;
    expect(kinds.map(souredBy)).toEqual(['citric', 'citric', 'citric', 'lactic', 'lactic', 'lactic']);
  });

  it('windows: 5.1 to 5.4 soured by culture, 5.5 to 5.75 with citric acid (common practice, from memory)', () => {
    expect([5.5, 5.4, 5.1, 5.0].map((pH) => sideOf({ pH }))).toEqual([
      'not sour enough',
      'stretches',
      'stretches',
      'too sour',
    ]);
    expect([5.85, 5.6, 5.4].map((pH) => sideOf({ pH, soured: 'citric' }))).toEqual([
      'not sour enough',
      'stretches',
      'too sour',
    ]);
    const { fromC } = stretchQuality(middling);
    expect([fromC - 0.01, fromC, 80].map((coreC) => sideOf({ coreC }))).toEqual([
      'too cold',
      'stretches',
      'too hot',
    ]);
    expect(sideOf({ workMin: 60 })).toBe('worked too long');
    expect(souredBy('lemon')).toBe('citric');
    expect(souredBy('vinegar')).toBe('lactic');
  });

  it('rises with the core from 57 to 66 °C and falls above 68 (from memory)', () => {
    const at = (coreC: number) => stretchQuality({ ...middling, coreC }).quality;
    expect(at(57)).toBeLessThan(at(61));
    expect(at(61)).toBeLessThan(at(66));
    expect(at(72)).toBeLessThan(at(67));
    expect(at(66)).toBeCloseTo(1, 6);
  });

  it('drier, sweeter and calcium-rich curd wants it hotter; colder than that it tears and loses fat', () => {
    const from = (change: Partial<Stretching>) => stretchQuality({ ...middling, ...change }).fromC;
    const plain = from({});
    expect(from({ nonFatMoisturePct: 62 })).toBeGreaterThan(plain);
    expect(from({ pH: 5.35 })).toBeGreaterThan(plain);
    expect(from({ calciumMmolPerLitre: 1.36 })).toBeGreaterThan(plain);
    expect(stretchQuality({ ...middling, coreC: 53 }).fatKept).toBeLessThan(
      stretchQuality({ ...middling, coreC: 58 }).fatKept,
    );
  });

  it('keeps 0.90 handled least, 0.85 as usual, 0.70 hot and long (common practice)', () => {
    expect(stretchedFat(57, 0)).toBeCloseTo(0.9, 6);
    expect(stretchedFat(AIMED_CORE_C, 4)).toBeCloseTo(0.85, 3);
    expect(stretchedFat(70, 10)).toBeCloseTo(0.7, 3);
  });

  it('hotter or longer never keeps more fat', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 50, max: 90, noNaN: true }),
        fc.double({ min: 0, max: 30, noNaN: true }),
        (c, m) => {
          expect(stretchedFat(c + 1, m)).toBeLessThanOrEqual(stretchedFat(c, m));
          expect(stretchedFat(c, m + 1)).toBeLessThanOrEqual(stretchedFat(c, m));
          expect(meanCurdC(60, 90)).toBeGreaterThan(meanCurdC(60, 75));
        },
      ),
    );
  });
});

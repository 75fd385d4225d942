import { describe, expect, it } from 'vitest';
import { COMPUTATIONS } from '../src/plan/reckon';
import { run } from './plump';

const out = (...words: string[]) => {
  const { out: text, faults } = run(words);
  if (faults.length > 0) throw new Error(JSON.stringify(faults));
  return JSON.parse(text);
};
const milk = { species: 'cow' };

describe('reckon', () => {
  it('describes every computation with units, formula and source', () => {
    expect(run(['reckon']).out.trim().split('\n')).toEqual(COMPUTATIONS.map((one) => one.name));
    for (const { name } of COMPUTATIONS) {
      const told = out('reckon', name);
      expect(told.formula.length).toBeGreaterThan(5);
      expect(told.source.length).toBeGreaterThan(5);
      expect(Object.keys(told.inputs).length).toBeGreaterThan(0);
    }
  });

  const reckoned = (name: string, input: unknown) => out('reckon', name, JSON.stringify(input));

  it('doses acid for a pH and finds that pH again', () => {
    const { grams } = reckoned('acid-dose', { milk, acid: { kind: 'citric' }, pH: 5.6 });
    // Direct-acid stretched curd, about 2 g/L ± 20 % (from memory).
    expect(grams).toBeGreaterThan(1.6);
    expect(grams).toBeLessThan(2.4);
    expect(reckoned('acid-ph', { milk, acid: { kind: 'citric' }, grams }).pH).toBeCloseTo(5.6, 6);
    const vinegar = reckoned('acid-dose', {
      milk: { ...milk, litres: 4 },
      acid: { kind: 'vinegar', strengthPct: 5 },
      pH: 5.3,
    });
    expect(
      reckoned('acid-ph', {
        milk: { ...milk, litres: 4 },
        acid: { kind: 'vinegar', strengthPct: 5 },
        millilitres: vinegar.millilitres,
      }).pH,
    ).toBeCloseTo(5.3, 6);
  });

  it('answers the small ones', () => {
    expect(reckoned('coagulation-ph', { tempC: 50 }).pH).toBeCloseTo(5.4, 10);
    expect(reckoned('boil', { altitudeM: 1500 }).tempC).toBeCloseTo(95, 10);
    expect(reckoned('boil', {}).tempC).toBe(100);
    expect(reckoned('salt', { kg: 2, percent: 1.5 }).grams).toBeCloseTo(30, 10);
    expect(reckoned('spoons', { ingredient: 'citric acid', grams: 9.2 })).toEqual({
      spoons: '2 tsp',
      gramsOfSpoons: 9.2,
    });
    expect(
      reckoned('heat-mix', {
        parts: [
          { what: 'water', kg: 1, tempC: 20 },
          { what: 'water', kg: 1, tempC: 40 },
        ],
      }).tempC,
    ).toBeCloseTo(30, 10);
    expect(reckoned('press', { kg: 10, diameterCm: 20 }).kPa).toBeCloseTo(3.12, 2);
    expect(reckoned('press', { kg: 10, widthCm: 10, lengthCm: 20 }).kPa).toBeCloseTo(4.9, 2);
    const cheese = reckoned('yield', { milk: { ...milk, litres: 10 }, method: 'paneer' });
    expect(cheese.kg).toBeGreaterThan(1.3);
    expect(
      reckoned('yield', { milk: { ...milk, litres: 10 }, method: 'paneer', moisturePct: 60 }).kg,
    ).toBeGreaterThan(cheese.kg);
  });

  it('answers for coagulant, culture, heat, brine and blends', () => {
    // Worked example: raw cow's milk, 65 IMCU/L, 32 °C, pH 6.60 flocculates in 12 min.
    const set = reckoned('clotting-time', {
      milk: { ...milk, treatment: 'raw' },
      imcuPerLitre: 65,
      tempC: 32,
    });
    expect(set).toEqual({ flocculationMin: 12, cutMin: 36 });
    const dose = reckoned('coagulant-dose', {
      milk: { ...milk, treatment: 'raw', litres: 10 },
      coagulant: { form: 'liquid', imcuPerMl: 200 },
      tempC: 32,
      wantedCutMin: 36,
    });
    expect(dose).toMatchObject({
      imcuPerLitre: expect.closeTo(65, 8),
      millilitres: expect.closeTo(3.25, 8),
      drops: expect.closeTo(65, 6),
      tablets: null,
    });
    expect(reckoned('strength', { fromImcu: 200, amount: 3, toImcu: 600 }).amount).toBeCloseTo(1, 12);
    const { series } = reckoned('acidification', {
      milk,
      culture: [{ group: 'yogurt', cfuPerMl: 2e7, lagHours: 0.3 }],
      temps: [[0, 43]],
      hours: 5.05,
    });
    expect(series).toHaveLength(52);
    expect(series.at(-1)[0]).toBe(5.05);
    expect(
      reckoned('blend', {
        parts: [
          { litres: 10, fatPct: 3.5, proteinPct: 3.2 },
          { litres: 1, fatPct: 36, proteinPct: 2.1 },
        ],
      }).fatPct,
    ).toBeCloseTo(6.4, 1);
    const cream = reckoned('standardise', {
      milk: { ...milk, litres: 10, fatPct: 3.5 },
      with: { fatPct: 36 },
      targetFatPct: 6.4,
    }).litresOfWith;
    expect(cream).toBeCloseTo(1, 1);
    // Of true protein 0.82 is casein; a litre of this milk weighs 1.031 kg, one of skim 1.035.
    const skim = reckoned('standardise', {
      milk: { ...milk, litres: 10, fatPct: 3.5, proteinPct: 3.2 },
      with: { fatPct: 0.1, proteinPct: 3.4 },
      targetCaseinToFat: 0.9,
    }).litresOfWith;
    expect(skim).toBeCloseTo((10.31 * (0.9 * 3.5 - 0.82 * 3.2)) / (0.82 * 3.4 - 0.9 * 0.1) / 1.035, 1);
    expect(reckoned('hot-water', { curdKg: 1, curdC: 38, waterC: 80, targetC: 58 }).waterKg).toBeCloseTo(
      (3.3 * 20) / (4.18 * 22),
      10,
    );
    expect(
      reckoned('sink-bath', { milkLitres: 7.6, fromC: 30, toC: 41, bathLitres: 2, bathC: 45 }).whyNot,
    ).toMatch(/below/);
    expect(reckoned('microwave', { kg: 0.5, fromC: 38, toC: 58, watts: 800 }).seconds).toBeCloseTo(68.75, 6);
    expect(
      reckoned('cool-down', { litres: 8, startC: 60, roomC: 20, minutes: 60, wrapped: 'blanket' }).tempC,
    ).toBeGreaterThan(reckoned('cool-down', { litres: 8, startC: 60, roomC: 20, minutes: 60 }).tempC);
    expect(reckoned('brine', { waterLitres: 10 / 0.9982, saltGrams: 1000 }).percentWw).toBeCloseTo(9.09, 2);
    expect(
      reckoned('brine-time', {
        shape: 'sphere',
        grams: 300,
        brinePctWw: 18,
        targetSaltPct: 1.5,
        moisturePct: 48,
      }).hours,
    ).toBeGreaterThan(1);
    expect(
      reckoned('pasteurise', {
        series: [
          [0, 63],
          [30, 63],
        ],
      }),
    ).toEqual({ equivalentMinutesAt63: expect.closeTo(30, 9), enough: true });
    expect(
      reckoned('pasteurise', {
        series: [
          [0, 63],
          [30, 63],
        ],
        fatPct: 12,
      }).enough,
    ).toBe(false);
    expect(
      reckoned('denaturation', {
        series: [
          [0, 90],
          [5, 90],
        ],
      }).percent,
    ).toBeCloseTo(75, 0);
    const bag = reckoned('drain', { milk: { species: 'goat', litres: 4 }, method: 'goat-lactic', hours: 8 });
    // About 77 % in 8 h (common practice).
    expect(bag.moisturePct).toBeGreaterThan(75);
    expect(bag.moisturePct).toBeLessThan(79);
    expect(
      reckoned('drain', {
        milk: { species: 'goat', litres: 4 },
        method: 'goat-lactic',
        hours: 8,
        weighed: [[2, 2.9]],
      }).kgLeft,
    ).toBeGreaterThan(bag.kgLeft);
    expect(reckoned('cost', { litres: 10, pricePerLitre: 1.2, kg: 1.5 }).perKg).toBeCloseTo(8, 10);
  });

  it.each([
    [
      'clotting-time',
      { milk: { ...milk, treatment: 'ultra-heat' }, imcuPerLitre: 65, tempC: 32 },
      'milk.treatment',
    ],
    ['coagulant-dose', { milk, coagulant: { form: 'liquid' }, tempC: 32, wantedCutMin: 40 }, 'coagulant'],
    [
      'coagulant-dose',
      { milk, coagulant: { form: 'liquid', imcuPerMl: 200 }, tempC: 32, wantedCutMin: 2 },
      'wantedCutMin',
    ],
    [
      'coagulant-dose',
      { milk, coagulant: { form: 'liquid', imcuPerMl: 200 }, tempC: 32, wantedCutMin: 181 },
      'wantedCutMin',
    ],
    ['acidification', { milk, culture: [], temps: [[0, 30]], hours: 5 }, 'culture'],
    [
      'acidification',
      {
        milk,
        culture: [{ group: 'yogurt', cfuPerMl: 1e7, lagHours: 0 }],
        temps: [
          [5, 30],
          [1, 20],
        ],
        hours: 5,
      },
      'temps.1',
    ],
    ['standardise', { milk, with: { fatPct: 36 }, targetFatPct: 1 }, 'targetFatPct'],
    ['standardise', { milk, with: { fatPct: 36 }, targetCaseinToFat: 2 }, 'targetCaseinToFat'],
    ['standardise', { milk, with: { fatPct: 36 } }, 'targetFatPct'],
    ['standardise', { milk, with: { fatPct: 36 }, targetFatPct: 5, targetCaseinToFat: 0.5 }, 'targetFatPct'],
    ['hot-water', { curdKg: 1, curdC: 38, waterC: 95, targetC: 58 }, 'waterC'],
    ['brine', { waterLitres: 1, saltGrams: 500 }, 'saltGrams'],
    [
      'brine-time',
      { shape: 'slab', grams: 300, brinePctWw: 18, targetSaltPct: 1.5, moisturePct: 48 },
      'thicknessCm',
    ],
    [
      'brine-time',
      { shape: 'sphere', grams: 300, brinePctWw: 30, targetSaltPct: 1.5, moisturePct: 48 },
      'brinePctWw',
    ],
    [
      'pasteurise',
      {
        series: [
          [5, 63],
          [1, 63],
        ],
      },
      'series.1',
    ],
    ['acid-ph', { milk, acid: { kind: 'citric' } }, 'grams'],
    ['acid-ph', { milk, acid: { kind: 'citric' }, millilitres: 5 }, 'millilitres'],
    ['acid-dose', { milk, acid: { kind: 'vinegar', strengthPct: 2 }, pH: 4.2 }, 'acid'],
    ['acid-dose', { milk, acid: { kind: 'citric' }, pH: 6.9 }, 'pH'],
    ['press', { kg: 1 }, 'diameterCm'],
    ['press', { kg: 1, diameterCm: 10, widthCm: 3, lengthCm: 4 }, 'diameterCm'],
    ['press', { kg: -1, diameterCm: 10 }, 'kg'],
    ['spoons', { ingredient: 'sand', grams: 1 }, 'ingredient'],
    ['heat-mix', { parts: [] }, 'parts'],
    ['yield', { milk, method: 'fondue' }, 'method'],
    ['boil', { altitudeM: 9000 }, 'altitudeM'],
    ['salt', { kg: 1, percent: 1, extra: 2 }, 'extra'],
  ])('%s %j is refused at %s', (name, input, path) => {
    const { out: text, faults } = run(['reckon', name as string, JSON.stringify(input)]);
    expect(text).toBe('');
    expect(faults.map((fault) => fault.path)).toContain(path);
  });
});

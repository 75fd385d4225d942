import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { reckon } from '.';
import { EXAMPLES } from './examples';
import { ask, named } from './fixtures/ask';

const num = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const milks = fc
  .record({
    species: fc.constantFrom('cow', 'goat', 'sheep', 'buffalo'),
    litres: num(1, 100),
    fatPct: num(0.5, 7),
    proteinPct: num(2.6, 5),
  })
  .map((milk) => ({ ...milk, treatment: 'pasteurised', pH: 6.65 }));
const MANY = { numRuns: 60 };

describe('acid', () => {
  it('the dose for a pH gives that pH, and the pH of a dose gives that dose', () => {
    fc.assert(
      // Juice is weak: below this it takes more than milk can hold, and is refused.
      fc.property(milks, fc.constantFrom('citric', 'lemon', 'lime'), num(0, 1), (milk, kind, high) => {
        const pH = (kind === 'citric' ? 4.8 : 5.5) + high * 0.8;
        const acid = { kind };
        const { grams } = ask('acid-dose', { milk, acid, pH });
        expect(ask('acid-ph', { milk, acid, grams }).pH).toBeCloseTo(pH, 3);
      }),
      MANY,
    );
  });

  it('twice the milk wants twice the acid; half the strength twice the vinegar', () => {
    fc.assert(
      fc.property(milks, num(5.5, 6.2), (milk, pH) => {
        const dose = (litres: number, strengthPct: number) =>
          ask('acid-dose', { milk: { ...milk, litres }, acid: { kind: 'vinegar', strengthPct }, pH });
        const once = dose(milk.litres, 12).millilitres as number;
        expect((dose(2 * milk.litres, 12).millilitres as number) / once).toBeCloseTo(2, 6);
        // The water that comes with it dilutes the milk a little too.
        expect((dose(milk.litres, 6).millilitres as number) / once).toBeGreaterThan(1.9);
        expect((dose(milk.litres, 6).millilitres as number) / once).toBeLessThan(2.2);
      }),
      MANY,
    );
  });

  it('more acid, lower pH; hotter milk turns at a higher one', () => {
    fc.assert(
      fc.property(milks, num(1, 200), num(1.05, 3), (milk, grams, more) => {
        const acid = { kind: 'citric' };
        const perLitre = (grams * milk.litres) / 100;
        expect(ask('acid-ph', { milk, acid, grams: perLitre * more }).pH).toBeLessThan(
          ask('acid-ph', { milk, acid, grams: perLitre }).pH as number,
        );
      }),
      MANY,
    );
    fc.assert(
      fc.property(num(20, 94), num(0.5, 5), (tempC, more) => {
        expect(ask('coagulation-ph', { tempC: tempC + more }).pH).toBeGreaterThanOrEqual(
          ask('coagulation-ph', { tempC }).pH as number,
        );
      }),
    );
  });
});

describe('coagulant', () => {
  const base = { tempC: 32, pH: 6.55, calciumMmolPerLitre: 0, multiplier: 3 };
  it('milk of which nothing is said is not homogenised, and a litre', () => {
    const milk = { species: 'cow', fatPct: 3.7, proteinPct: 3.3, treatment: 'pasteurised', pH: 6.6 };
    const cut = (change: object) =>
      ask('clotting-time', {
        milk: { ...milk, ...change },
        imcuPerLitre: 40,
        tempC: 32,
        pH: 6.55,
        calciumMmolPerLitre: 0,
      }).cutMin;
    expect(cut({})).toBe(cut({ homogenised: false }));
    expect(cut({})).not.toBe(cut({ homogenised: true }));
    const kg = (litres?: number) =>
      ask('yield', { milk: { ...milk, ...(litres && { litres }) }, method: 'paneer' }).kg;
    expect(kg()).toBe(kg(1));
    expect((kg(3) as number) / (kg(1) as number)).toBeCloseTo(3, 1);
  });

  it('the dose for a wanted cut sets in that time', () => {
    fc.assert(
      fc.property(milks, num(15, 120), num(29, 38), (milk, wantedCutMin, tempC) => {
        const coagulant = { form: 'liquid', imcuPerMl: 200, ageMonths: 0 };
        const { imcuPerLitre } = ask('coagulant-dose', { milk, coagulant, ...base, tempC, wantedCutMin });
        const { cutMin, flocculationMin } = ask('clotting-time', { milk, imcuPerLitre, ...base, tempC });
        expect(cutMin).toBeCloseTo(wantedCutMin, 1);
        expect(cutMin).toBeCloseTo(3 * (flocculationMin as number), 6);
      }),
      MANY,
    );
  });

  it('strength there and back is the same amount; double strength is half of it', () => {
    fc.assert(
      fc.property(num(50, 1500), num(50, 1500), num(0.1, 50), (fromImcu, toImcu, amount) => {
        const there = ask('strength', { fromImcu, amount, toImcu }).amount as number;
        expect(there * toImcu).toBeCloseTo(amount * fromImcu, 6);
        expect(ask('strength', { fromImcu: toImcu, amount: there, toImcu: fromImcu }).amount).toBeCloseTo(
          amount,
          9,
        );
      }),
    );
  });
});

describe('milk and cream', () => {
  const part = fc.record({ litres: num(0.5, 50), fatPct: num(0, 12), proteinPct: num(2, 6) });
  it('a blend lies between its parts, and its order does not matter', () => {
    fc.assert(
      fc.property(fc.array(part, { minLength: 2, maxLength: 5 }), (parts) => {
        const mixed = ask('blend', { parts });
        const back = ask('blend', { parts: [...parts].reverse() });
        for (const key of ['fatPct', 'proteinPct'] as const) {
          const values = parts.map((one) => one[key]);
          expect(mixed[key]).toBeGreaterThanOrEqual(Math.min(...values) - 1e-6);
          expect(mixed[key]).toBeLessThanOrEqual(Math.max(...values) + 1e-6);
          expect(mixed[key]).toBeCloseTo(back[key] as number, 9);
        }
        expect(mixed.litres).toBeCloseTo(
          parts.reduce((sum, one) => sum + one.litres, 0),
          0,
        );
      }),
      MANY,
    );
  });

  it('the cream that standardises a milk brings the blend to the wanted fat', () => {
    fc.assert(
      fc.property(milks, num(0.3, 4), (milk, more) => {
        const targetFatPct = milk.fatPct + more;
        const cream = { fatPct: 36, proteinPct: 2.1 };
        const { litresOfWith } = ask('standardise', { milk, with: cream, targetFatPct });
        const { fatPct } = ask('blend', {
          parts: [
            { litres: milk.litres, fatPct: milk.fatPct, proteinPct: milk.proteinPct },
            { litres: litresOfWith, ...cream },
          ],
        });
        expect(fatPct).toBeCloseTo(targetFatPct, 1);
      }),
      MANY,
    );
  });
});

describe('salt, weight and money', () => {
  it('brine holds the salt that went in, and saturates', () => {
    fc.assert(
      fc.property(num(0.5, 50), num(10, 300), (waterLitres, perLitre) => {
        const { percentWw, gramsPerLitreWater } = ask('brine', {
          waterLitres,
          saltGrams: perLitre * waterLitres,
        });
        expect(gramsPerLitreWater).toBeCloseTo(perLitre, 6);
        expect(percentWw).toBeCloseTo((100 * perLitre) / (perLitre + 998), 0);
      }),
    );
    expect(reckon(named('brine'), { waterLitres: 1, saltGrams: 500 }).ok).toBe(false);
  });

  it('of salt strewn a share stays, takes twice its mass of water along, and is told of the cheese it stays in', () => {
    fc.assert(
      fc.property(
        num(5, 60),
        num(0.5, 5),
        num(45, 75),
        fc.boolean(),
        (saltGrams, kg, moisturePct, pressed) => {
          const said = ask('salt-loss', { saltGrams, kg, moisturePct, pressed }) as Record<string, number>;
          const kept = saltGrams * (pressed ? 0.65 : 1);
          expect(said.keptGrams).toBeCloseTo(kept, 9);
          expect((said.keptGrams as number) + (said.lostGrams as number)).toBeCloseTo(saltGrams, 9);
          expect((said.waterLostGrams as number) / kept).toBeCloseTo(2, 6);
          expect(said.cheeseKg).toBeLessThan(kg);
          expect(said.saltPct).toBeCloseTo(kept / 10 / (said.cheeseKg as number), 9);
          const waterKg = (kg * moisturePct) / 100 - (said.waterLostGrams as number) / 1000;
          expect(said.saltInMoisturePct).toBeCloseTo(kept / 10 / waterKg, 6);
          expect(said.saltInMoisturePct).toBeGreaterThan(said.saltPct as number);
        },
      ),
      MANY,
    );
  });

  it('salt, cost and pressure are in proportion', () => {
    fc.assert(
      fc.property(num(0.1, 50), num(0.2, 5), num(5, 40), (kg, percent, diameterCm) => {
        expect(ask('salt', { kg, percent }).grams).toBeCloseTo(10 * kg * percent, 6);
        const press = (weight: number, across: number) =>
          ask('press', { kg: weight, diameterCm: across }).kPa as number;
        expect(press(2 * kg, diameterCm) / press(kg, diameterCm)).toBeCloseTo(2, 9);
        expect(press(kg, diameterCm) / press(kg, 2 * diameterCm)).toBeCloseTo(4, 9);
        expect(ask('cost', { litres: 8, pricePerLitre: percent, kg }).perKg).toBeCloseTo(
          (8 * percent) / kg,
          6,
        );
      }),
    );
  });

  it('a square mould of the same area presses as a round one', () => {
    const round = ask('press', { kg: 5, diameterCm: 20 }).kPa as number;
    const side = Math.sqrt((Math.PI * 400) / 4);
    expect(ask('press', { kg: 5, widthCm: side, lengthCm: side }).kPa).toBeCloseTo(round, 9);
  });

  it('spoons hold about what they are asked for', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('fine salt', 'citric acid', 'vinegar'),
        num(5, 120),
        (ingredient, grams) => {
          const held = ask('spoons', { ingredient, grams }).gramsOfSpoons as number;
          expect(Math.abs(held - grams) / grams).toBeLessThan(0.13);
        },
      ),
    );
  });

  it('a cheese lies longer in brine the thicker, the saltier it shall be, and the weaker the brine', () => {
    const hours = (more: Record<string, unknown>) =>
      ask('brine-time', {
        ...EXAMPLES['brine-time'],
        shape: 'slab',
        ...more,
      }).hours as number;
    fc.assert(
      fc.property(num(2, 8), num(1, 2), num(14, 22), (thicknessCm, targetSaltPct, brinePctWw) => {
        const base = hours({ thicknessCm, targetSaltPct, brinePctWw });
        expect(hours({ thicknessCm: thicknessCm * 1.3, targetSaltPct, brinePctWw })).toBeGreaterThan(base);
        expect(hours({ thicknessCm, targetSaltPct: targetSaltPct * 1.2, brinePctWw })).toBeGreaterThan(base);
        expect(hours({ thicknessCm, targetSaltPct, brinePctWw: brinePctWw + 2 })).toBeLessThan(base);
        // Diffusion: twice as thick is four times as long.
        expect(hours({ thicknessCm: 2 * thicknessCm, targetSaltPct, brinePctWw }) / base).toBeCloseTo(4, 1);
      }),
      { numRuns: 30 },
    );
  });
});

describe('days in the fridge', () => {
  it('go by the kind of make: filled with cream the fewest, lactic the most, raw at most half', () => {
    const days = (method: string, more: Record<string, unknown> = {}) =>
      ask('fridge-days', { method, ...more }).days;
    expect(days('cream-pouch')).toBe(3);
    expect(days('quick-stretched')).toBe(7);
    expect(days('paneer')).toBe(5);
    expect(days('goat-lactic')).toBe(10);
    expect(days('whole-milk-ricotta')).toBe(5);
    expect(days('goat-lactic', { treatment: 'raw' })).toBe(5);
    expect(days('goat-lactic', { treatment: 'raw', pasteurised: true })).toBe(10);
    expect(days('quick-stretched', { fridgeC: 6 })).toBeLessThan(7);
  });
});

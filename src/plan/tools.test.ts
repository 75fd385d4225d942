import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { HEAT_SOURCES } from '../core/heat/carryOver';
import { formatter, METRIC } from '../core/units/format';
import type { Mould, PotOwned } from '../kitchen/kitchen';
import { mouldLitres, mouldsFor } from '../kitchen/moulds';
import { basic, planned } from './fixtures/briefs';
import { kitOf } from './kit';
import { hobsFor, potFor, potWanted, tapMinutes } from './tools';

const paneer = planned(basic('paneer', { litres: 6 })).plan;
const pot = (litres: number, kind: PotOwned['kind'] = 'enamel'): PotOwned => ({
  id: `p${litres}`,
  name: `pot of ${litres}`,
  litres,
  kind,
});
const mould = (part: Partial<Mould> = {}): Mould => ({
  id: 'm',
  name: 'hoop',
  acrossCm: 10,
  longCm: null,
  heightCm: 10,
  sides: 'straight',
  count: 1,
  ...part,
});

describe('which pot', () => {
  it('is the smallest that leaves room, the largest where none does, none where none is listed', () => {
    expect(potFor({ plan: paneer }, [pot(20), pot(9), pot(5)])).toEqual({ pot: pot(9), fits: true });
    expect(potFor({ plan: paneer }, [pot(2), pot(5)])).toEqual({ pot: pot(5), fits: false });
    expect(potFor({ plan: paneer })).toBeNull();
  });

  it('is of aluminium only where there is no other, and the kit warns of that one', () => {
    const pan = pot(9, 'aluminium');
    expect(potFor({ plan: paneer }, [pan, pot(20)])?.pot.litres).toBe(20);
    expect(potFor({ plan: paneer }, [pan, pot(3)])).toEqual({ pot: pot(3), fits: false });
    expect(potFor({ plan: paneer }, [pan])?.pot).toBe(pan);
    const made = planned(basic('paneer', { litres: 6 }));
    const [first] = kitOf(made, formatter(METRIC), { pots: [pan] });
    expect(first?.why).toMatch(/not the pot of 9, sour milk takes up metal from aluminium/);
  });

  it('whatever is listed, a pot that is named as fitting fits and no smaller one does', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 60 }), { maxLength: 8 }), (sizes) => {
        const found = potFor(
          { plan: paneer },
          sizes.map((size) => pot(size)),
        );
        const enough = sizes.filter((size) => size >= potWanted({ plan: paneer }));
        expect(found?.fits ?? false).toBe(enough.length > 0);
        if (found?.fits) expect(found.pot.litres).toBe(Math.min(...enough));
      }),
    );
  });
});

describe('which moulds', () => {
  it('hold what a cylinder and a box hold, a tapered one less', () => {
    expect(mouldLitres(mould())).toBeCloseTo(0.785, 3);
    expect(mouldLitres(mould({ longCm: 20 }))).toBeCloseTo(2, 9);
    expect(mouldLitres(mould({ sides: 'tapered' }))).toBeLessThan(mouldLitres(mould()));
  });

  it('are enough of one sort, never more than there are, straight where it is wanted', () => {
    const size = fc.integer({ min: 4, max: 30 });
    const any = fc.record({
      acrossCm: size,
      heightCm: size,
      count: fc.integer({ min: 1, max: 12 }),
      sides: fc.constantFrom('straight' as const, 'tapered' as const),
    });
    fc.assert(
      fc.property(
        fc.array(any, { maxLength: 5 }),
        fc.double({ min: 0.1, max: 40, noNaN: true }),
        fc.boolean(),
        (parts, litres, straight) => {
          const moulds = parts.map((part, i) => mould({ ...part, id: `m${i}` }));
          const found = mouldsFor(litres, moulds, straight);
          const could = moulds.some(
            (one) => (!straight || one.sides === 'straight') && one.count * mouldLitres(one) >= litres - 1e-9,
          );
          expect(found !== null).toBe(could);
          if (!found) return;
          expect(found.count).toBeLessThanOrEqual(found.mould.count);
          expect(found.count * mouldLitres(found.mould)).toBeGreaterThanOrEqual(litres - 1e-6);
          if (straight) expect(found.mould.sides).toBe('straight');
        },
      ),
    );
  });
});

describe('which ring', () => {
  it('the stronger the faster, and the plan’s own pace lies at the plan’s own heat', () => {
    const hob = (kW: number) => ({ id: `${kW}`, name: `${kW}`, source: 'induction' as const, kW });
    const found = hobsFor(paneer, [hob(1), hob(3), hob(2)]);
    expect(found?.each.map((one) => one.hob.kW)).toEqual([3, 2, 1]);
    const same = hobsFor(paneer, [hob((found?.planKw ?? 0) / 0.85)]);
    // The plan knows this milk's density, a ring only the usual one.
    expect((same?.each[0]?.minutes ?? 0) / (found?.plannedMin ?? 1)).toBeCloseTo(1, 2);
    for (const source of HEAT_SOURCES)
      expect(hobsFor(paneer, [{ ...hob(2), source }])?.each[0]?.minutes).toBeGreaterThan(0);
  });

  it('too weak a one never gets there', () => {
    const weak = { id: 'w', name: 'candle', source: 'gas' as const, kW: 0.1 };
    expect(hobsFor(paneer, [weak])?.each[0]?.minutes).toBe(Number.POSITIVE_INFINITY);
  });
});

describe('the tap', () => {
  const cooled = planned(basic('skyr')).plan;
  it('cools the slower the warmer it runs, never below itself, and says nothing where nothing is cooled', () => {
    const cold = tapMinutes(cooled, 6) ?? 0;
    expect(cold).toBeGreaterThan(1);
    expect(tapMinutes(cooled, 20)).toBeGreaterThan(cold);
    expect(tapMinutes(cooled, 60)).toBe(Number.POSITIVE_INFINITY);
    expect(tapMinutes(paneer, 10)).toBeNull();
  });
});

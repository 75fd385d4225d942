import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parse } from '../../core/faults/zodFaults';
import { formatter, METRIC } from '../../core/units/format';
import { type KnownMilk, knownMilkSchema } from '../../kitchen/milk';
import { basic, planned } from '../../plan/fixtures/briefs';
import { milkShort, milksOf } from '../draft/goods';
import { milkFields, milkOf, milkWords } from './milkForm';

const metric = formatter(METRIC);
const imperial = formatter({ temperature: 'F', volume: 'gal', mass: 'oz', decimal: ',' });
const can: KnownMilk = {
  id: 'can',
  name: 'Sallow Reach, Wednesday',
  farm: 'Sallow Reach',
  species: 'goat',
  fatPct: 4.1,
  proteinPct: 3.35,
  treatment: 'raw',
  homogenised: false,
  pH: 6.62,
  startC: 6,
  pricePerLitre: 1.1,
  litres: 40,
  day: '2026-11-25',
  useBy: '2026-11-29',
};
const read = (words: Record<string, string>, crude: boolean, format = metric) =>
  parse<KnownMilk>(knownMilkSchema, milkOf(words, can.id, crude, format));

describe('the form of a can of milk', () => {
  it.each([true, false])('gives back what it was given, protein crude: %s', (crude) => {
    const words = milkWords(can, crude, metric);
    expect(words.proteinPct).toBe(crude ? '3.6' : '3.35');
    expect(read(words, crude)).toEqual({ ok: true, value: can });
  });

  it('means nearly the same in gallons and °F', () => {
    const back = read(milkWords(can, true, imperial), true, imperial);
    if (!back.ok) throw new Error('what was right stays right');
    expect(back.value.litres).toBeCloseTo(40, 1);
    expect(back.value.startC).toBeCloseTo(6, 2);
  });

  it('says at which field what is wrong', () => {
    const wrong = read({ ...milkWords(can, true, metric), name: ' ', fatPct: 'rich', litres: '-3' }, true);
    expect(wrong.ok).toBe(false);
    if (!wrong.ok) expect(wrong.faults.map(({ path }) => path).sort()).toEqual(['fatPct', 'litres', 'name']);
  });

  it('answers whatever is typed, and never throws', () => {
    const typed = fc.record(
      Object.fromEntries(milkFields(true, metric).map(({ key }) => [key, fc.string({ maxLength: 9 })])),
    );
    fc.assert(
      fc.property(typed, fc.boolean(), (words, crude) => {
        const result = read(words, crude);
        expect(result.ok || result.faults.length > 0).toBe(true);
      }),
    );
  });
});

describe('the lots of a plan', () => {
  const { plan } = planned({ ...basic('whole-milk-ricotta'), milk: { species: 'cow', litres: 10 } });
  const rest = { ...can, id: 'rest', name: 'Rest', litres: 1, day: null };

  it('are the one it is of, or those poured together, by their shares', () => {
    expect(milksOf({ plan }, { milkId: 'can', poured: [] }, [can])).toEqual([
      { id: 'can', name: can.name, day: '2026-11-25', litres: 10 },
    ]);
    const poured = [
      { id: 'can', share: 0.8 },
      { id: 'rest', share: 0.15 },
    ];
    expect(milksOf({ plan }, { milkId: null, poured }, [can, rest]).map((lot) => lot.litres)).toEqual([
      8, 1.5,
    ]);
    expect(milksOf({ plan }, { milkId: 'gone', poured: [] }, [can])).toEqual([]);
  });

  it('of whey are none', () => {
    const whey = planned(basic('whey-ricotta')).plan;
    expect(milksOf({ plan: whey }, { milkId: 'can', poured: [] }, [can])).toEqual([]);
  });

  it('that run short say by how much', () => {
    const wanted = milksOf({ plan }, { milkId: 'rest', poured: [] }, [can, rest]);
    expect(milkShort(wanted, [can, rest], {})).toEqual([{ name: 'Rest', litres: 9, haveLitres: 1 }]);
    expect(milkShort(milksOf({ plan }, { milkId: 'can', poured: [] }, [can]), [can], {})).toEqual([]);
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parse } from '../../core/faults/zodFaults';
import { GOOD_KINDS, type Good, goodSchema } from '../../kitchen/goods';
import type { Words } from '../common/asking';
import { bringsWith, goodFields, goodOf, USUAL_MEASURE, wordsOf } from './goodForm';

const plain = { lot: 'L 1', opened: '2026-09-03', condition: 'good', allergens: '', price: 4.5 } as const;
/** One of each kind, and each way a coagulant or a culture may be known. */
const GOODS: Good[] = [
  {
    ...plain,
    id: 'a',
    kind: 'acid',
    name: 'Jar',
    amount: 900,
    measure: 'g',
    acid: { kind: 'citric', strengthPct: null },
  },
  {
    ...plain,
    id: 'b',
    kind: 'acid',
    name: 'Vinegar',
    amount: 500,
    measure: 'mL',
    acid: { kind: 'vinegar', strengthPct: 5 },
  },
  {
    ...plain,
    id: 'c',
    kind: 'coagulant',
    name: 'Bottle',
    amount: 90,
    measure: 'mL',
    origin: 'animal',
    coagulant: { form: 'liquid', imcuPerMl: 220 },
  },
  {
    ...plain,
    id: 'd',
    kind: 'coagulant',
    name: 'Tablets',
    amount: 8,
    measure: 'tablets',
    origin: 'microbial',
    coagulant: { form: 'tablet', per: 'tablet', setsLitres: 25, inMin: 40, atC: 34 },
  },
  {
    ...plain,
    id: 'e',
    kind: 'culture',
    name: 'Sachets',
    amount: 4,
    measure: 'sachets',
    opened: null,
    culture: { form: 'freeze-dried', labelLitresPerSachet: 50 },
  },
  {
    ...plain,
    id: 'f',
    kind: 'culture',
    name: 'Spoon of skyr',
    amount: null,
    measure: 'mL',
    allergens: 'milk',
    culture: { form: 'saved', percent: 2, generation: 3 },
  },
  { ...plain, id: 'g', kind: 'calcium', name: 'Calcium', amount: 30, measure: 'g', condition: 'clumped' },
  { ...plain, id: 'h', kind: 'salt', name: 'Salt', amount: 5000, measure: 'g', price: null },
];

const read = (words: Words) => parse<Good>(goodSchema, goodOf(words, 'x'));
const faults = (words: Words) => {
  const result = read(words);
  return result.ok ? [] : result.faults.map((fault) => fault.path);
};
const fresh = (more: Words): Words => ({ ...wordsOf(undefined), name: 'Something', ...more });

describe('a good in its form', () => {
  it.each(GOODS.map((good) => [good.name, good] as const))('%s comes out as it went in', (_, good) => {
    expect(parse<Good>(goodSchema, goodOf(wordsOf(good), good.id))).toEqual({ ok: true, value: good });
  });

  it.each(GOOD_KINDS.map((kind) => [kind]))('a new %s needs no more than its name', (kind) => {
    const words = fresh({ kind, measure: USUAL_MEASURE[kind] });
    const result = read(words);
    if (!result.ok) throw new Error(result.faults.map((fault) => fault.path).join());
    expect(result.value).toMatchObject({ kind, name: 'Something', condition: 'good', opened: null });
    expect(faults({ ...words, name: '  ' })).toEqual(['name']);
  });

  it('every number that cannot be is answered at a field that is asked for, whatever it is known by', () => {
    const shapes = fc.record({
      kind: fc.constantFrom(...GOOD_KINDS),
      measure: fc.constantFrom('g', 'mL', 'tablets', 'sachets'),
      form: fc.constantFrom('liquid', 'tablet', 'powder'),
      knownBy: fc.constantFrom('strength', 'soxhlet', 'label', 'nothing'),
      cultureForm: fc.constantFrom('freeze-dried', 'liquid', 'saved'),
      acidKind: fc.constantFrom('citric', 'vinegar', 'lemon', 'lactic'),
    });
    fc.assert(
      fc.property(shapes, (shape) => {
        const asked = goodFields(fresh(shape));
        for (const { key, kind, path = key } of asked)
          if (kind === 'number') expect(faults(fresh({ ...shape, [key]: '-7e9' }))).toEqual([path]);
      }),
    );
  });

  it('is counted as its kind and form are, and a tablet need not say how strong it is', () => {
    expect(bringsWith('kind', 'culture')).toEqual({ measure: 'sachets' });
    expect(bringsWith('form', 'tablet')).toEqual({ measure: 'tablets', knownBy: 'nothing' });
    expect(bringsWith('form', 'liquid')).toEqual({ measure: 'mL', knownBy: 'strength' });
    expect(bringsWith('name', 'tablet')).toEqual({});
  });

  it('says only what its kind has: no coagulant with a culture, no acid with salt', () => {
    for (const kind of GOOD_KINDS) {
      const good = goodOf(fresh({ kind }), 'x') as Good;
      expect(good.acid !== undefined).toBe(kind === 'acid');
      expect(good.coagulant !== undefined).toBe(kind === 'coagulant');
      expect(good.culture !== undefined).toBe(kind === 'culture');
    }
  });

  it('a coagulant is known by its strength, in the field of its form, or by what its label says', () => {
    const by = (more: Words) => (goodOf(fresh({ kind: 'coagulant', ...more }), 'x') as Good).coagulant;
    expect(by({ form: 'liquid', imcu: '280' })).toEqual({ form: 'liquid', imcuPerMl: 280 });
    expect(by({ form: 'tablet', imcu: '1100' })).toEqual({ form: 'tablet', imcuEach: 1100 });
    expect(by({ form: 'powder', imcu: '2200' })).toEqual({ form: 'powder', imcuPerG: 2200 });
    expect(by({ knownBy: 'soxhlet', form: 'liquid', soxhlet: '15000' })).toEqual({
      form: 'liquid',
      imcuPerMl: 216,
    });
    expect(by({ knownBy: 'soxhlet', form: 'powder', soxhlet: '100,000' })?.imcuPerG).toBeCloseTo(1440, 9);
    expect(by({ knownBy: 'nothing', form: 'tablet', imcu: '1100' })).toEqual({ form: 'tablet' });
    expect(by({ knownBy: 'nothing', form: 'powder', imcu: '2200' })?.imcuPerG).toBe(2200);
    // No tablet's label says so: what stands in the form then is its strength.
    expect(by({ knownBy: 'soxhlet', form: 'tablet', imcu: '1100' })).toEqual({
      form: 'tablet',
      imcuEach: 1100,
    });
    expect(by({ knownBy: 'label', form: 'tablet', setsLitres: '25', inMin: '40', atC: '34' })).toEqual({
      form: 'tablet',
      per: 'tablet',
      setsLitres: 25,
      inMin: 40,
      atC: 34,
    });
  });

  it('a culture’s label speaks of a gram or a sachet, as it is counted; a saved one of its generation', () => {
    const culture = (more: Words) => (goodOf(fresh({ kind: 'culture', ...more }), 'x') as Good).culture;
    expect(culture({ measure: 'sachets', labelLitres: '20' })).toEqual({
      form: 'freeze-dried',
      labelLitresPerSachet: 20,
    });
    expect(culture({ measure: 'g', labelLitres: '20' })).toEqual({
      form: 'freeze-dried',
      labelLitresPerGram: 20,
    });
    expect(culture({ cultureForm: 'liquid', percent: '2' })).toEqual({ form: 'liquid', percent: 2 });
    expect(culture({ cultureForm: 'saved', percent: '2', generation: '4' })).toEqual({
      form: 'saved',
      percent: 2,
      generation: 4,
    });
  });

  it('reads a decimal comma, takes an empty amount for unknown, and names what it cannot read', () => {
    const amount = (text: string) => (goodOf(fresh({ amount: text }), 'x') as Good).amount;
    expect([amount('12,5'), amount('12.5'), amount('')]).toEqual([12.5, 12.5, null]);
    expect(faults(fresh({ amount: 'a jarful' }))).toEqual(['amount']);
    expect(faults(fresh({ amount: '-3' }))).toEqual(['amount']);
    expect(faults(fresh({ price: 'dear' }))).toEqual(['price']);
    expect(faults(fresh({ opened: 'in spring' }))).toEqual(['opened']);
    expect(faults(fresh({ kind: 'coagulant', imcu: 'strong' }))).toEqual(['coagulant.imcuPerMl']);
    expect(faults(fresh({ kind: 'acid', acidKind: 'vinegar', strengthPct: '900' }))).toEqual([
      'acid.strengthPct',
    ]);
  });

  it('whatever is typed, it is a good or says which field is wrong', () => {
    const keys = Object.keys(wordsOf(undefined)).filter(
      (key) => !['kind', 'form', 'knownBy', 'cultureForm', 'acidKind', 'origin'].includes(key),
    );
    const typed = fc.record(Object.fromEntries(keys.map((key) => [key, fc.string({ maxLength: 10 })])));
    fc.assert(
      fc.property(fc.constantFrom(...GOOD_KINDS), typed, (kind, words) => {
        const result = read({ ...wordsOf(undefined), ...words, kind });
        if (result.ok) expect(goodSchema.safeParse(result.value).success).toBe(true);
        else for (const fault of result.faults) expect(fault.path).not.toBe('');
      }),
    );
  });
});

import { convert } from 'convert';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FIELD_UNITS, formatter, METRIC } from './format';
import {
  celsiusOf,
  FEET_PER_METRE,
  fahrenheitOf,
  GRAMS_PER_OUNCE,
  KG_PER_POUND,
  LITRES_PER_US_GALLON,
  LITRES_PER_US_QUART,
  ML_PER_CUP,
  ML_PER_TABLESPOON,
  ML_PER_TEASPOON,
  MM_PER_INCH,
} from './measures';
import { readNumber } from './numbers';
import { isoUtc, wallMinutes, wallTimeOf } from './wallTime';

describe('conversions (NIST SP 811)', () => {
  it('hold at the fixed points', () => {
    expect(fahrenheitOf(100)).toBe(212);
    expect(celsiusOf(32)).toBe(0);
    expect(LITRES_PER_US_GALLON).toBeCloseTo(3.785411784, 9);
    expect(ML_PER_TEASPOON).toBeCloseTo(4.92892, 5);
    expect(16 * GRAMS_PER_OUNCE).toBeCloseTo(453.59237, 9);
  });

  it('come back from every field unit', () => {
    const choice = fc.record({
      temperature: fc.constantFrom('C' as const, 'F' as const),
      volume: fc.constantFrom('L' as const, 'gal' as const),
      mass: fc.constantFrom('g' as const, 'oz' as const),
      decimal: fc.constantFrom('.' as const, ',' as const),
    });
    fc.assert(
      fc.property(choice, fc.double({ min: -40, max: 500, noNaN: true }), (units, value) => {
        for (const field of Object.values(FIELD_UNITS))
          expect(field.in(field.out(value, units), units)).toBeCloseTo(value, 9);
      }),
    );
  });
});

describe('typed numbers', () => {
  it.each([
    ['3.5', 3.5],
    ['3,5', 3.5],
    [' 12 ', 12],
    ['1 234,5', 1234.5],
    ['1,234.5', 1234.5],
    ['1.234,5', 1234.5],
    ['−1', -1],
    ['.5', 0.5],
    ['5,', 5],
    ['', null],
    ['abc', null],
    ['1,2,3', null],
    ['1e9', null],
    ['3.5 L', null],
    ['--1', null],
  ])('%j is read as %j', (text, value) => expect(readNumber(text)).toBe(value));

  it('reads back what it writes, with either mark', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -5000, max: 5000, noNaN: true }),
        fc.constantFrom('.' as const, ',' as const),
        (value, decimal) => {
          const written = formatter({ ...METRIC, decimal }).number(value, 2);
          expect(readNumber(written)).toBeCloseTo(value, 1);
        },
      ),
    );
  });
});

describe('conversions agree with a general library', () => {
  const some = fc.double({ min: -50, max: 500, noNaN: true });
  it.each([
    ['temperature', (v: number) => fahrenheitOf(v), (v: number) => convert(v, 'celsius').to('fahrenheit')],
    ['volume', (v: number) => v * LITRES_PER_US_GALLON, (v: number) => convert(v, 'gallon').to('liters')],
    ['quart', (v: number) => v * LITRES_PER_US_QUART, (v: number) => convert(v, 'quart').to('liters')],
    ['teaspoon', (v: number) => v * ML_PER_TEASPOON, (v: number) => convert(v, 'teaspoon').to('milliliters')],
    [
      'tablespoon',
      (v: number) => v * ML_PER_TABLESPOON,
      (v: number) => convert(v, 'tablespoon').to('milliliters'),
    ],
    ['cup', (v: number) => v * ML_PER_CUP, (v: number) => convert(v, 'cup').to('milliliters')],
    ['ounce', (v: number) => v * GRAMS_PER_OUNCE, (v: number) => convert(v, 'ounce').to('grams')],
    ['pound', (v: number) => v * KG_PER_POUND, (v: number) => convert(v, 'pound').to('kilograms')],
    ['foot', (v: number) => v / FEET_PER_METRE, (v: number) => convert(v, 'foot').to('meters')],
    ['inch', (v: number) => v * MM_PER_INCH, (v: number) => convert(v, 'inch').to('millimeters')],
  ])('%s', (_what, ours, theirs) => {
    fc.assert(
      fc.property(some, (v) => {
        expect(ours(v)).toBeCloseTo(theirs(v), 8);
      }),
    );
  });
});

describe('writing', () => {
  it('gives kilograms and grams the figures they deserve', () => {
    const f = formatter(METRIC);
    expect(
      [f.kg(1.4512), f.kg(0.4512), f.kg(12.345), f.grams(24.13), f.grams(1234)].map((s) =>
        s.replace('\u00a0', ' '),
      ),
    ).toEqual(['1.45 kg', '450 g', '12.3 kg', '24.1 g', '1.23 kg']);
    expect(formatter({ ...METRIC, temperature: 'F', decimal: ',' }).temp(90.5, 1)).toBe('194,9\u00a0°F');
  });
});

describe('wall time', () => {
  it('agrees with the platform’s calendar over three centuries', () => {
    fc.assert(
      fc.property(fc.integer({ min: -30_000_000, max: 120_000_000 }), (minutes) => {
        const reference = new Date(minutes * 60_000).toISOString().slice(0, 16);
        expect(wallTimeOf(minutes)).toBe(reference);
        expect(wallMinutes(reference)).toBe(minutes);
      }),
    );
  });

  it('writes a moment as the platform does, to the second', () => {
    fc.assert(
      fc.property(fc.integer({ min: -1e12, max: 4e12 }), (ms) => {
        expect(isoUtc(ms)).toBe(`${new Date(ms).toISOString().slice(0, 19)}Z`);
      }),
    );
  });

  it.each(['2026-02-30T10:00', '2026-13-01T10:00', '2026-11-27 09:00', '2026-11-27T24:00', ''])(
    '%j is no such time',
    (text) => expect(wallMinutes(text)).toBeNull(),
  );
});

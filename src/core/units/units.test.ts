import { convert } from 'convert';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { blockedBetween, clockMinutes } from './blocked';
import { FIELD_UNITS, formatter, METRIC } from './format';
import { givenGrams, givenText } from './given';
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

describe('a time on the wall', () => {
  it('knows the last minute of an hour and of a day, and none beyond', () => {
    const day = wallMinutes('2026-11-27T00:00') ?? Number.NaN;
    expect(wallMinutes('2026-11-27T10:59')).toBe(day + 659);
    expect(wallMinutes('2026-11-27T23:59')).toBe(day + 1439);
    expect(wallMinutes('2026-12-31T23:59')).not.toBeNull();
    for (const none of [
      '2026-11-27T10:60',
      '2026-11-27T24:00',
      '2026-13-01T10:00',
      '2026-00-01T10:00',
      '2026-11-31T10:00',
      '2026-11-00T10:00',
    ])
      expect(wallMinutes(none), none).toBeNull();
  });

  it('a clock time is one of the day’s minutes, or none', () => {
    expect(['00:00', '22:30', '23:59'].map(clockMinutes)).toEqual([0, 1350, 1439]);
    for (const none of ['24:00', '23:60', '7:00', '07:00 ', '']) expect(clockMinutes(none), none).toBeNull();
  });

  it('somebody sleeps or is away in the very minutes that were said, and in no other', () => {
    const from = wallMinutes('2026-11-27T00:00') ?? Number.NaN;
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 23 }),
        fc.integer({ min: 0, max: 23 }),
        fc.integer({ min: 0, max: 1440 }),
        fc.integer({ min: 1, max: 2880 }),
        (down, up, since, long) => {
          const clock = (hour: number) => `${String(hour).padStart(2, '0')}:00`;
          const spells = blockedBetween(
            {
              asleep: { from: clock(down), to: clock(up) },
              away: [{ from: '2026-11-27T09:30', to: '2026-11-27T10:15' }],
            },
            from + since,
            from + since + long,
          );
          expect(spells).toEqual([...spells].sort((a, b) => a[0] - b[0]));
          for (let m = from + since; m < from + since + long; m++) {
            const hour = Math.floor((m - from) / 60) % 24;
            const sleeps = down < up ? hour >= down && hour < up : down > up && (hour >= down || hour < up);
            const gone = m - from >= 570 && m - from < 615;
            expect(spells.some(([a, b]) => m >= a && m < b)).toBe(sleeps || gone);
          }
          for (const [a, b] of spells) expect(b > from + since && a < from + since + long).toBe(true);
        },
      ),
      { numRuns: 40 },
    );
  });
});

describe('liquids in words', () => {
  const plain = (text: string) => text.replaceAll('\u00a0', ' ');
  const us = formatter({ ...METRIC, volume: 'gal' });
  const metric = formatter(METRIC);
  it.each([
    [10, '0.34 fl oz', '10 mL'],
    [59, '2.0 fl oz', '59 mL'],
    [120, '0.51 cups', '120 mL'],
    [500, '2.1 cups', '500 mL'],
    [1500, '6.3 cups', '1.50 L'],
    [5, '0.17 fl oz', '5.0 mL'],
    [1.25, '0.042 fl oz', '1.25 mL'],
  ])('%d mL', (ml, cups, litres) => {
    expect([plain(us.millilitres(ml)), plain(metric.millilitres(ml))]).toEqual([cups, litres]);
  });
});

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

describe('shares of a spoon and of an inch', () => {
  it.each([
    [0.125, '⅛ tsp'],
    [0.375, '⅜ tsp'],
    [0.875, '⅞ tsp'],
    [1.625, '1⅝ tsp'],
    [2, '2 tsp'],
  ])('%d of a teaspoon', (amount, text) => expect(givenText({ amount, unit: 'tsp' })).toBe(text));

  it.each([
    [1, '⅛ in'],
    [19, '¾ in'],
    [25.4, '1 in'],
    [32, '1¼ in'],
  ])('%d mm where inches are spoken', (mm, text) => {
    const american = formatter({ ...METRIC, volume: 'gal' } as typeof METRIC);
    expect(american.millimetres(mm).replace('\u00a0', ' ')).toBe(text);
  });
});

describe('a time as one says it', () => {
  it.each([
    [89, '89 min'],
    [90, '1 h 30 min'],
    [120, '2 h'],
    [2879, '47 h 59 min'],
    [2880, '2 days'],
    [3600, '2.5 days'],
    [14_400, '10 days'],
  ])('%d min', (minutes, text) =>
    expect(formatter(METRIC).minutes(minutes).replaceAll('\u00a0', ' ')).toBe(text),
  );
});

describe('a powder in the hand', () => {
  it('is weighed by its spoons, and neither dropped nor poured', () => {
    expect(givenGrams({ amount: 3, unit: 'g' }, 5)).toBe(3);
    expect(givenGrams({ amount: 2, unit: 'tsp' }, 5)).toBeCloseTo(10, 6);
    for (const unit of ['drop', 'mL', 'tablet'] as const)
      expect(givenGrams({ amount: 2, unit }, 5)).toBeNull();
  });
});

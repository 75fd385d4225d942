import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { formatter, METRIC } from '../../core/units/format';
import { METHODS, methodById } from '../../makes';
import { wayFields, wayOf, wayWords } from './wayForm';

const options = Object.entries(methodById('grilling', METHODS)?.options ?? {});
const now = Object.fromEntries(options.map(([key, option]) => [key, option.default]));
const metric = formatter(METRIC);
const fahrenheit = formatter({ temperature: 'F', volume: 'gal', mass: 'oz', decimal: ',' });

describe('the other way of a parted curd', () => {
  it.each([metric, fahrenheit])('left as it stands changes nothing, whatever the units', (format) =>
    expect(wayOf(options, wayWords(options, now, format), now, format)).toEqual({ changed: {}, faults: [] }),
  );

  it('is only what was said otherwise: a school, a yes, a number in the kitchen’s units', () => {
    const words = {
      ...wayWords(options, now, fahrenheit),
      saltBy: 'brine',
      mint: 'true',
      poachC: '185',
    };
    const { changed, faults } = wayOf(options, words, now, fahrenheit);
    expect(faults).toEqual([]);
    expect(changed).toEqual({ saltBy: 'brine', mint: true, poachC: expect.closeTo(85, 9) });
  });

  it('answers a number that cannot be at its own field', () => {
    const words = { ...wayWords(options, now, metric), poachC: '140', saltPct: 'a pinch', brinePctWw: '' };
    const { changed, faults } = wayOf(options, words, now, metric);
    expect(changed).toEqual({});
    expect(faults.map((fault) => fault.path).sort()).toEqual(['brinePctWw', 'poachC', 'saltPct']);
  });

  it('whatever is typed gives numbers within their range, or a fault', () => {
    fc.assert(
      fc.property(fc.constantFrom(...wayFields(options)), fc.string({ maxLength: 8 }), (asked, text) => {
        if (asked.kind !== 'number') return;
        const words = { ...wayWords(options, now, metric), [asked.key]: text };
        const { changed, faults } = wayOf(options, words, now, metric);
        const option = options.find(([key]) => key === asked.key)?.[1];
        const value = changed[asked.key];
        if (value === undefined || option?.type !== 'number') {
          expect(faults.length > 0 || text.trim() === wayWords(options, now, metric)[asked.key]).toBe(true);
          return;
        }
        expect(value).toBeGreaterThanOrEqual(option.min);
        expect(value).toBeLessThanOrEqual(option.max);
      }),
    );
  });
});

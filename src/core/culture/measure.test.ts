import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cultureAmount } from './measure';

describe('how much of a culture', () => {
  it('by the gram, by the sachet in eighths, by the eighth of a teaspoon where the label says nothing (common practice)', () => {
    expect(cultureAmount({ form: 'freeze-dried', labelLitresPerGram: 50 }, 25, 1, 1)).toMatchObject({
      grams: 0.5,
      millilitres: null,
    });
    expect(cultureAmount({ form: 'freeze-dried', labelLitresPerSachet: 50 }, 25, 1, 1).text).toBe('½ sachet');
    expect(cultureAmount({ form: 'freeze-dried', labelLitresPerSachet: 50 }, 75, 1, 1).text).toBe(
      '1½ sachets',
    );
    expect(cultureAmount({ form: 'freeze-dried', labelLitresPerSachet: 50 }, 1, 1, 1).text).toBe('⅛ sachet');
    expect(cultureAmount({ form: 'freeze-dried' }, 9, 1, 1).text).toBe('⅛ tsp');
    expect(cultureAmount({ form: 'freeze-dried' }, 1, 1, 1).text).toBe('a pinch');
    expect(cultureAmount({ form: 'freeze-dried' }, 500, 1, 1).text).toBe('');
  });

  it('a live one by its share of the milk, the make’s own where it does not say', () => {
    expect(cultureAmount({ form: 'liquid' }, 10, 1, 1.5)).toMatchObject({ millilitres: 150, text: '' });
    expect(cultureAmount({ form: 'saved', percent: 2 }, 10, 1, 1.5).millilitres).toBe(200);
    expect(cultureAmount({ form: 'saved' }, 10, 1, 1.5).name).toMatch(/earlier batch/);
  });

  it('grows with the milk and with the make’s share of the label', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('freeze-dried' as const, 'liquid' as const, 'saved' as const),
        fc.double({ min: 0.5, max: 400, noNaN: true }),
        (form, litres) => {
          const once = cultureAmount({ form }, litres, 1, 1).grams;
          expect(cultureAmount({ form }, litres * 2, 1, 1).grams).toBeCloseTo(2 * once, 6);
          if (form === 'freeze-dried')
            expect(cultureAmount({ form }, litres, 3, 1).grams).toBeCloseTo(3 * once, 6);
        },
      ),
    );
  });
});

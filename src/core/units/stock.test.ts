import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { toFigures } from './numbers';
import { stockFor } from './stock';

describe('amounts too small to measure', () => {
  it('are given as a part of a stock', () => {
    expect(stockFor(0.003, 'g')).toBe('3 mL of 1 g stirred into 1 L of water');
    expect(stockFor(0.0002, 'mL')).toBe('2 mL of 1 mL stirred into 10 L of water');
    expect(stockFor(2e-6, 'g')).toBe('0.2 mL of 0.1 g stirred into 10 L of water');
  });

  it('what can be measured is left alone, and nothing is nothing', () => {
    for (const amount of [0, 0.05, 3]) expect(stockFor(amount, 'g')).toBe('');
  });

  it('the part holds what was wanted, to the figures it is written with', () => {
    fc.assert(
      fc.property(fc.double({ min: 1e-5, max: 0.0499, noNaN: true }), (grams) => {
        const found = /^([\d.]+) mL of ([\d.]+) g stirred into (\d+) L/.exec(stockFor(grams, 'g'));
        const [ml, measure, litres] = (found ?? []).slice(1).map(Number) as [number, number, number];
        expect((ml / 1000 / litres) * measure).toBeGreaterThan(grams * 0.94);
        expect((ml / 1000 / litres) * measure).toBeLessThan(grams * 1.06);
      }),
    );
  });
});

describe('significant figures, written out', () => {
  it.each([
    [0.0617, 2, Math.ceil, '0.062'],
    [2134, 3, Math.round, '2130'],
    [99.6, 2, Math.floor, '99'],
    [0.00038, 2, Math.round, '0.00038'],
    [0, 3, Math.round, '0'],
  ])('%s to %s', (value, figures, round, text) => {
    expect(toFigures(value, figures, round)).toBe(text);
  });
});

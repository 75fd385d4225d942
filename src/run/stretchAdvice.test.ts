import { describe, expect, it } from 'vitest';
import { formatter, METRIC } from '../core/units/format';
import { basic } from '../plan/fixtures/briefs';
import { at } from './fixtures/walked';
import { momentOf } from './moment';
import { stretchAdvice } from './stretchAdvice';

const format = formatter(METRIC);

describe('a stretch under way', () => {
  it('says nothing before its core is read', () =>
    expect(stretchAdvice(at(basic('quick-stretched'), 'stretch'))).toBeNull());

  it.each([
    [54, /flows from a core of/],
    [61, /in its window/],
    [74, /loses fat and toughens/],
  ])('at a core of %s °C says on which side it is', (tempC, words) => {
    const state = at(basic('quick-stretched'), 'stretch', [[1, { type: 'temperature', tempC }]]);
    expect(momentOf(state, format).steps[0]).toMatch(words);
  });

  it('curd that a culture has not soured far enough is told so, whatever its heat', () => {
    const state = at(basic('cultured-stretched'), 'stretch', [
      [1, { type: 'pH', pH: 5.6 }],
      [2, { type: 'temperature', tempC: 61 }],
    ]);
    expect(momentOf(state, format).steps[0]).toMatch(/not sour enough/);
  });
});

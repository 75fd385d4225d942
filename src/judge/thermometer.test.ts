import { describe, expect, it } from 'vitest';
import { note, stateTold, temp } from './fixtures/told';
import { judge } from './judge';
import { logOf } from './log';
import { testedIn } from './thermometer';

const told = (text: string, altitudeM = 0) =>
  testedIn(stateTold({ method: 'squeaky-curds', brief: { altitudeM }, notes: [['measure', 1, note(text)]] }));

describe('what a thermometer showed where everybody knows how hot it is', () => {
  it.each([
    ['the thermometer reads 3 in ice water', 41, 38],
    ['Thermometer shows -1.5 °C in melting ice', 36.5, 38],
    ['probe read 36 F in iced water', 38 + 4 / 1.8, 38],
    ['at the boil it shows 97', 95, 98],
    ['boiling water reads 207.5 F', 95, 97.5],
    ['thermometer: 2 in ice, 104 in boiling water', 53, 50],
  ])('%s: %d shown is %d', (text, shown, is) => {
    expect(told(text)?.right(shown)).toBeCloseTo(is, 6);
  });

  it.each([
    'chilled it on ice for 20 min',
    'boiled the cloth for 5 min',
    'stirred at 32, ice cream for lunch',
    'read the paper while it boiled for 60 min',
    'a fine day',
  ])('%s: nothing of a thermometer', (text) => {
    expect(told(text)).toBeNull();
  });

  it('boils sooner on a hill', () => {
    expect(told('the thermometer reads 95 in boiling water', 1500)?.right(38)).toBeCloseTo(38, 6);
  });

  it('puts every reading right before anything is judged, and is told as what it came from', () => {
    const of = (...more: string[]) => {
      const state = stateTold({
        method: 'squeaky-curds',
        notes: [
          ...more.map((text) => ['measure', 1, note(text)] as const),
          ['cook', 30, temp(39)],
          ['set', 20, temp(29)],
        ],
      });
      return { log: logOf(state), answer: (found: 'tough' | 'late-set') => judge(state, [found]) };
    };
    const plain = of();
    const off = of('thermometer reads -5 in ice');
    expect(plain.answer('tough').causes.map(({ id }) => id)).not.toContain('cooked-too-hot');
    const [hot] = off.answer('tough').causes;
    expect(hot?.id).toBe('cooked-too-hot');
    expect(hot?.because[0]?.text).toContain('44');
    const late = off.answer('late-set').causes.find(({ id }) => id === 'thermometer-off');
    expect(late?.because[0]?.text).toMatch(/It showed −?-?5.* where it is 0/);
    expect(off.log?.state.readings.map(({ tempC }) => tempC)).toEqual([34, 44]);
    expect(
      of('thermometer reads 0 in ice')
        .answer('late-set')
        .causes.map(({ id }) => id),
    ).not.toContain('thermometer-off');
  });
});

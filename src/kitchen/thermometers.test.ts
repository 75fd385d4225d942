import { describe, expect, it } from 'vitest';
import { formatter, METRIC } from '../core/units/format';
import type { Thermometer } from './kitchen';
import { checksDue, daysSinceCheck, readWith, shownAs } from './thermometers';

const f = formatter(METRIC);
const NOW = new Date(2026, 10, 26, 9, 0).getTime();
const one = (part: Partial<Thermometer>): Thermometer => ({
  id: part.name ?? 'x',
  name: 'x',
  iceReadsC: null,
  boilReadsC: null,
  checked: null,
  ...part,
});

describe('what a thermometer will show', () => {
  const off = one({ name: 'dial', iceReadsC: -1.4, boilReadsC: 98.9 });
  const right = one({ name: 'pen', iceReadsC: 0.1, boilReadsC: 100 });
  it('is said where it is not the true temperature by more than one can read off', () => {
    expect(shownAs(90, { thermometers: [off, right] }, 100, f)).toBe('your dial shows 88.9\u00a0°C');
    expect(shownAs(90, { thermometers: [right] }, 100, f)).toBe('');
    expect(shownAs(90, {}, 100, f)).toBe('');
  });

  it('with one check is off by the same everywhere', () => {
    const iced = one({ name: 'old', iceReadsC: 2 });
    expect(shownAs(30, { thermometers: [iced] }, 100, f)).toBe('your old shows 32.0\u00a0°C');
    expect(shownAs(90, { thermometers: [iced] }, 100, f)).toBe('your old shows 92.0\u00a0°C');
  });

  it('names every one that is off, in °F where that is read', () => {
    const both = { thermometers: [off, one({ name: 'old', iceReadsC: 2 })] };
    const american = formatter({ ...METRIC, temperature: 'F' });
    expect(shownAs(50, both, 100, american)).toMatch(/your dial shows 119.\d.°F, your old shows 125.6.°F/);
  });
});

describe('what it is read with', () => {
  const off = one({ name: 'dial', iceReadsC: -1.4, boilReadsC: 98.9 });
  const right = one({ name: 'pen', iceReadsC: 0.1, boilReadsC: 100 });
  const never = one({ name: 'new' });
  it('has to be said where one of them is off by what can be read', () => {
    expect(readWith({ thermometers: [right, never] }, 100)).toEqual([]);
    expect(readWith({}, 100)).toEqual([]);
    expect(readWith({ thermometers: [off, right, never] }, 100).map(({ name }) => name)).toEqual([
      'pen',
      'new',
      'dial',
    ]);
  });

  it('puts right what it shows, and back', () => {
    const [pen, fresh, dial] = readWith({ thermometers: [off, right, never] }, 100);
    expect(dial?.isC(-1.4)).toBeCloseTo(0, 9);
    expect(dial?.isC(98.9)).toBeCloseTo(100, 9);
    expect(dial?.showsC(dial.isC(38.6))).toBeCloseTo(38.6, 9);
    expect(pen?.isC(50.05)).toBeCloseTo(50, 9);
    expect(fresh?.isC(41)).toBe(41);
  });
});

describe('a check', () => {
  it('is due after a month, and never for a thermometer nobody has dated', () => {
    const list = [
      one({ name: 'fresh', checked: '2026-11-20' }),
      one({ name: 'stale', checked: '2026-10-01' }),
      one({ name: 'undated' }),
    ];
    expect(checksDue(list, NOW)).toEqual(['stale']);
    expect(list.map((thermometer) => daysSinceCheck(thermometer, NOW))).toEqual([6, 56, null]);
  });
});

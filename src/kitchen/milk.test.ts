import { describe, expect, it } from 'vitest';
import { heatedWithin, pastUseBy } from './milk';

describe('a milk’s days', () => {
  it('lets it onto the heat up to the end of its use-by, and no day longer', () => {
    const until = { useBy: '2026-11-30' };
    expect(['2026-11-29', '2026-11-30', '2026-12-01'].map((day) => pastUseBy(until, day))).toEqual([
      false,
      false,
      true,
    ]);
    expect(pastUseBy({}, '2030-01-01')).toBe(false);
    expect(pastUseBy({ useBy: null }, '2030-01-01')).toBe(false);
  });

  it('bind a week as far as they are known', () => {
    expect(heatedWithin({ day: '2026-11-25', useBy: '2026-11-30' })).toEqual({
      from: '2026-11-25T06:00',
      until: '2026-11-30T23:59',
    });
    expect(heatedWithin({})).toEqual({ from: null, until: null });
    expect(heatedWithin({ day: '', useBy: null })).toEqual({ from: null, until: null });
  });
});

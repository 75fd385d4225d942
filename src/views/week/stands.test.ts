import { describe, expect, it } from 'vitest';
import { METRIC } from '../../core/units/format';
import { basic, planned } from '../../plan/fixtures/briefs';
import type { WeekPlan } from '../../schedule/weekFile';
import type { AskedWeek } from '../../store/ports';
import { movesOf, standsAfter } from './stands';

const plan = planned(basic('paneer')).plan;
const asked = (more: Partial<AskedWeek> = {}): AskedWeek => ({
  from: 1000,
  days: 7,
  zone: 'UTC',
  names: {},
  units: METRIC,
  hands: 1,
  milk: [],
  wanted: [{ id: 'a', plan, milk: null, notBefore: null, readyBy: null, weight: 1 }],
  running: [],
  ...more,
});
const laid = (start: string, proved = false): WeekPlan => ({
  format: 'plump-pail/week-plan',
  version: 1,
  placed: [{ id: 'a', pot: null, start, readyAt: start, stages: [] }],
  left: [],
  proved,
});

describe('the week on the wall', () => {
  const first = asked();
  const shown = standsAfter(null, first, laid('2026-11-30T09:00'), true);

  it('takes the best of what was asked, wherever it puts things', () => {
    const best = standsAfter(shown, first, laid('2026-11-30T10:00', true), true);
    expect(best).toMatchObject({ laid: { proved: true }, other: null });
  });

  it('takes at once what the maker changed', () => {
    const wish = { ...first.wanted[0], readyBy: 5000 } as AskedWeek['wanted'][number];
    const changed = standsAfter(shown, asked({ wanted: [wish] }), laid('2026-11-30T12:00'), true);
    expect(changed).toMatchObject({ laid: laid('2026-11-30T12:00'), other: null });
  });

  it('asks before time alone moves a make, and not where nothing moves', () => {
    const later = asked({ from: 1015 });
    expect(standsAfter(shown, later, laid('2026-11-30T09:00', true), true)).toMatchObject({ other: null });
    const asks = standsAfter(shown, later, laid('2026-11-30T09:15'), true);
    expect(asks.laid).toEqual(shown.laid);
    expect(asks.other && movesOf(asks.laid, asks.other)).toEqual([
      { id: 'a', from: '2026-11-30T09:00', to: '2026-11-30T09:15' },
    ]);
    // The best of the same, found a moment later, is asked for too, and never put up unasked.
    const again = standsAfter(asks, later, laid('2026-11-30T09:30', true), true);
    expect(again.laid).toEqual(shown.laid);
    expect(movesOf(again.laid, again.other as WeekPlan)[0]?.to).toBe('2026-11-30T09:30');
  });

  it('asks nobody about what was laid before all was read that it is laid by', () => {
    const early = standsAfter(null, first, laid('2026-11-30T09:00'), false);
    const learned = asked({ from: 1001 });
    const then = standsAfter(early, learned, laid('2026-11-30T09:15'), true);
    expect(then).toMatchObject({ laid: laid('2026-11-30T09:15'), other: null });
    const later = standsAfter(then, asked({ from: 1015 }), laid('2026-11-30T09:30'), true);
    expect(later.other).toEqual(laid('2026-11-30T09:30'));
  });

  it('says what finds no place any more', () => {
    const gone = { ...laid('2026-11-30T09:00'), placed: [] };
    expect(movesOf(shown.laid, gone)).toEqual([{ id: 'a', from: '2026-11-30T09:00', to: null }]);
  });
});

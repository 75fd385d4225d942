import { describe, expect, it } from 'vitest';
import { wallMinutes } from '../core/units/wallTime';
import { METHODS, methodById } from '../makes';
import type { Brief } from './brief/schema';
import { withoutClock } from './byClock';
import { basic, planned } from './fixtures/briefs';
import type { Plan } from './schema';

const NIGHT = { from: '22:30', to: '06:00' };
const wall = (text: string) => wallMinutes(text) as number;

/** Wall minutes at which a plan wants hands, as [from, to]. */
function handsOf(plan: Plan): [number, number][] {
  const ends = wall(plan.readyAt as string);
  const starts = ends - plan.stages.reduce((sum, stage) => sum + stage.durationMin.likely, 0);
  return plan.stages.flatMap((stage) =>
    (stage.hands ?? []).map(([from, to]): [number, number] => [
      starts + stage.startMin + from,
      starts + stage.startMin + to,
    ]),
  );
}
const asleepAt = (minute: number) => {
  const ofDay = ((minute % 1440) + 1440) % 1440;
  return ofDay >= 22.5 * 60 || ofDay < 6 * 60;
};
const told = (plan: Plan) => {
  const one = plan.cautions.find(({ told: says }) => says?.id === 'by-clock')?.told;
  return one?.id === 'by-clock' ? one : null;
};
const laid = (method: string, more: Partial<Brief>) =>
  planned(basic(method, {}, { asleep: NIGHT, readyBy: '2026-12-03T18:00', ...more })).plan;

describe('a plan laid round the clock', () => {
  const makes = METHODS.map(({ id }) => id);

  it.each(makes)('%s: is ready in time, and wants nobody in the night unless it says so', (id) => {
    const plan = laid(id, {});
    expect(wall(plan.readyAt as string)).toBeLessThanOrEqual(wall('2026-12-03T18:00') + 1e-6);
    const inTheNight = handsOf(plan).filter(
      ([from, to]) => asleepAt(from + 0.5) || asleepAt(Math.max(from, to - 0.5)),
    );
    if ((told(plan)?.blockedMin ?? 0) < 0.5) expect(inTheNight).toEqual([]);
    else expect(plan.cautions.some(({ id: caution }) => caution === 'by-clock')).toBe(true);
  });

  it.each(makes)(
    '%s: names each thing it takes otherwise as the make names it, with what it now is',
    (id) => {
      const plan = laid(id, {});
      const method = methodById(id, METHODS);
      for (const { key, label, value, unit } of told(plan)?.changes ?? []) {
        const option = method?.options[key];
        if (option?.type !== 'number') continue;
        expect({ label, unit }).toEqual({ label: option.label, unit: option.unit });
        expect(plan.brief.options?.[key]).toBe(value);
        expect(value).not.toBe(option.default);
      }
    },
  );

  it('leaves what the maker said as it was said', () => {
    const said = { setC: 24 };
    expect(laid('goat-lactic', { options: said }).brief.options?.setC).toBe(24);
    expect(told(laid('goat-lactic', { options: said }))?.changes.map(({ key }) => key)).not.toContain('setC');
  });

  it('moves the set of a lactic curd and never the heat of one that is cooked', () => {
    const keys = (id: string) =>
      ['06:30', '11:00', '15:30', '20:00'].flatMap(
        (at) => told(laid(id, { readyBy: `2026-12-03T${at}` }))?.changes.map(({ key }) => key) ?? [],
      );
    for (const id of ['squeaky-curds', 'grilling', 'fresh-pressed', 'paneer'])
      expect(keys(id)).not.toContain('setC');
    const lactic = [...keys('goat-lactic'), ...keys('sour-basket'), ...keys('soft-cream')];
    for (const key of lactic) expect(['setC', 'starterTimes', 'drainHours', 'culture']).toContain(key);
  });

  it('is the maker’s own way where nobody is asleep when hands are wanted', () => {
    const plan = laid('whole-milk-ricotta', {});
    const plain = planned(basic('whole-milk-ricotta')).plan;
    expect(told(plan)?.changes ?? []).toEqual([]);
    expect(plan.doses).toEqual(plain.doses);
  });

  it('goes round a day away as round a night', () => {
    const away = [{ from: '2026-12-03T08:00', to: '2026-12-03T17:00' }];
    const plan = laid('quick-stretched', { readyBy: '2026-12-03T21:00', away });
    for (const [from, to] of handsOf(plan))
      expect(to <= wall(away[0]?.from ?? '') + 1 || from >= wall(away[0]?.to ?? '') - 1).toBe(true);
  });

  it('takes clock and absence out of a brief, and nothing else', () => {
    const brief = basic('paneer', {}, { asleep: NIGHT, away: [], readyBy: '2026-12-03T18:00' });
    const { asleep: _a, away: _b, ...rest } = brief;
    expect(withoutClock(brief)).toEqual(rest);
  });
});

import { describe, expect, it } from 'vitest';
import { wallMinutes } from '../core/units/wallTime';
import { METHODS, methodById } from '../makes';
import type { Brief } from './brief/schema';
import { isByClock, planByClock, withoutClock } from './byClock';
import { basic, planned } from './fixtures/briefs';
import { planBrief } from './plan';
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

  it.each(makes)('%s: tells how long its waits are drawn out and cut short, in all', (id) => {
    for (const readyBy of ['2026-12-03T07:30', '2026-12-03T18:00']) {
      const plan = laid(id, { readyBy });
      const { asleep: _a, readyBy: _b, seed: _c, ...brief } = plan.brief;
      const plain = planned(brief).plan;
      const waits = plan.stages.map(
        (stage, i) => stage.durationMin.likely - (plain.stages[i]?.durationMin.likely ?? 0),
      );
      const sum = (all: number[]) => all.reduce((a, b) => a + b, 0);
      const { waitedMin = 0, shortenedMin = 0 } = told(plan) ?? {};
      expect(Math.abs(sum(waits.filter((wait) => wait > 0)) - waitedMin)).toBeLessThan(1);
      expect(Math.abs(-sum(waits.filter((wait) => wait < 0)) - shortenedMin)).toBeLessThan(1);
    }
  });

  it('goes round a day away as round a night', () => {
    const away = [{ from: '2026-12-03T08:00', to: '2026-12-03T17:00' }];
    const plan = laid('quick-stretched', { readyBy: '2026-12-03T21:00', away });
    for (const [from, to] of handsOf(plan))
      expect(to <= wall(away[0]?.from ?? '') + 1 || from >= wall(away[0]?.to ?? '') - 1).toBe(true);
  });

  it('is one where somebody says when nobody is there, and when it is to be made', () => {
    const brief = basic('paneer');
    const [readyBy, start] = ['2026-12-03T18:00', '2026-12-03T09:00'];
    const away = [{ from: '2026-12-03T08:00', to: '2026-12-03T17:00' }];
    for (const no of [{}, { asleep: NIGHT }, { away }, { readyBy }, { start }, { away: [], readyBy }])
      expect(isByClock({ ...brief, ...no })).toBe(false);
    for (const yes of [
      { asleep: NIGHT, readyBy },
      { asleep: NIGHT, start },
      { away, readyBy },
      { away, start },
    ])
      expect(isByClock({ ...brief, ...yes })).toBe(true);
  });

  it('takes clock and absence out of a brief, and nothing else', () => {
    const brief = basic('paneer', {}, { asleep: NIGHT, away: [], readyBy: '2026-12-03T18:00' });
    const { asleep: _a, away: _b, ...rest } = brief;
    expect(withoutClock(brief)).toEqual(rest);
  });

  describe('where nobody is ever there', () => {
    const never = [{ from: '2026-11-01T00:00', to: '2026-12-30T00:00' }];
    /** Every brief that is tried before it gives up, the maker's own first. */
    const tried = (method: string, rest: Partial<Brief> = {}, milk: Partial<Brief['milk']> = {}): Brief[] => {
      const briefs: Brief[] = [];
      const planAs = (brief: Brief) => {
        briefs.push(brief);
        return planBrief(brief, { spread: false });
      };
      const brief = basic(method, milk, { away: never, readyBy: '2026-12-03T18:00', ...rest });
      const found = planByClock(brief, planAs, (one) => planBrief(one, { spread: false }));
      if (!found.ok) throw new Error('it is planned all the same');
      expect(told(found.value.plan)?.blockedMin).toBeGreaterThan(0);
      return briefs;
    };
    const own = (brief: Brief) => Object.keys(brief.options ?? {});

    it('sets a lactic curd cooler and warmer over all that works, and drains it by the clock over all that does', () => {
      const briefs = tried('goat-lactic');
      for (const key of ['setC', 'drainHours']) {
        const option = methodById('goat-lactic', METHODS)?.options[key];
        if (option?.type !== 'number') throw new Error(`it has ${key}`);
        const values = briefs
          .filter((one) => own(one).join() === key && !one.culture?.given)
          .map((one) => one.options?.[key]);
        const steps = [0, 1, 2, 3, 4, 5].map((i) => option.min + ((option.max - option.min) * i) / 5);
        expect(values).toEqual(
          steps
            .map((value) => Math.round(value * 10) / 10)
            .filter((value) => value !== option.default && !(key === 'drainHours' && value === 0)),
        );
      }
      // Each of them, and each culture, with each drain as well.
      const drains = briefs.filter((one) => own(one).join() === 'drainHours' && !one.culture?.given);
      const sets = briefs.filter((one) => own(one).join() === 'setC' && !one.culture?.given);
      expect(briefs.filter((one) => own(one).join() === 'setC,drainHours')).toHaveLength(
        sets.length * drains.length,
      );
    });

    it('gives shares of the culture the plan would give, powder by weight and starter by volume', () => {
      for (const [culture, milk] of [
        [undefined, { litres: 8 }],
        [{ form: 'freeze-dried', labelLitresPerGram: 40 }, { litres: 20 }],
        [{ form: 'liquid', percent: 3 }, { litres: 12 }],
        [{ form: 'saved' }, { litres: 12 }],
      ] as const) {
        const rest: Partial<Brief> = culture ? { culture } : {};
        const usual = planned(basic('goat-lactic', milk, rest)).plan.doses.find(({ id }) => id === 'culture');
        const givens = tried('goat-lactic', rest, milk).flatMap(({ culture: one, options }) =>
          one?.given && !options ? [one.given] : [],
        );
        const powder = (culture?.form ?? 'freeze-dried') === 'freeze-dried';
        expect(new Set(givens.map(({ unit }) => unit))).toEqual(new Set([powder ? 'g' : 'mL']));
        const full = powder ? (usual?.grams ?? 0) : (usual?.millilitres ?? 0);
        const shares = givens.map(({ amount }) => amount / full);
        [0.5, 0.7, 1.5, 2.5].forEach((times, i) => {
          expect((shares[i] ?? 0) / times).toBeCloseTo(1, 1);
        });
      }
    });

    it('leaves a curd that is cooked its heat, and asks for a slower set where the knife decides', () => {
      const briefs = tried('squeaky-curds');
      const keys = new Set(briefs.flatMap(own));
      expect(keys).not.toContain('setC');
      const slow = methodById('squeaky-curds', METHODS)?.options.wantedSetMin;
      if (slow?.type === 'number') expect(keys).toContain('wantedSetMin');
      expect(new Set(tried('goat-lactic').flatMap(own))).not.toContain('wantedSetMin');
    });

    it('changes no culture that was given in hand', () => {
      const culture = { form: 'freeze-dried', given: { amount: 0.2, unit: 'g' } } as const;
      for (const brief of tried('goat-lactic', { culture })) expect(brief.culture).toEqual(culture);
    });
  });
});

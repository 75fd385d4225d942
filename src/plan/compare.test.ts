import { describe, expect, it } from 'vitest';
import { changes, differences } from './compare';
import { basic, planned } from './fixtures/briefs';

const whole = (...args: Parameters<typeof basic>) => planned(basic(...args));
const plan = (...args: Parameters<typeof basic>) => whole(...args).plan;
const changed = (...[before, after]: Parameters<typeof changes>) =>
  changes(before, after).map(({ path }) => path);

describe('one plan beside another', () => {
  it('says nothing where nothing differs', () => {
    expect(differences(plan('paneer'), plan('paneer'))).toEqual([]);
    expect(changes(whole('paneer'), whole('paneer'))).toEqual([]);
    const first = whole('paneer');
    const { brief } = first.plan;
    const as = (other: typeof brief) => ({ ...first, plan: { ...first.plan, brief: other } });
    const elsewhen = { ...brief, seed: 9, start: '2026-11-27T09:00', readyBy: '2026-11-28T09:00' };
    expect(changes(first, as(elsewhen))).toEqual([]);
    expect(changed(first, as({ ...elsewhen, roomC: 12 }))).toEqual(['roomC']);
  });

  it('tells what one has and the other has not, either way round, as a whole change', () => {
    const [dry, brined] = [plan('grilling', {}, { options: { saltBy: 'dry' } }), plan('grilling')];
    for (const [before, after] of [
      [dry, brined],
      [brined, dry],
    ] as const) {
      const found = differences(before, after);
      const only = found.filter((one) => one.before === null || one.after === null);
      expect(only.length).toBeGreaterThan(0);
      for (const one of only) expect(one.relative).toBe(1);
      for (const one of found)
        if (one.before !== null && one.after !== null && one.before !== 0)
          expect(one.relative).toBeCloseTo(one.after / one.before - 1, 9);
    }
  });

  it('puts what matters first: twice the milk is twice the cheese', () => {
    const found = differences(plan('paneer'), plan('paneer', { litres: 16 }));
    expect(found[0]).toMatchObject({ what: 'cheese' });
    expect(found[0]?.relative).toBeCloseTo(1, 1);
    expect(changes(whole('paneer'), whole('paneer', { litres: 16 }))).toEqual([
      { path: 'milk.litres', before: 8, after: 16 },
    ]);
  });

  it('what follows from a change is not told as one: the moisture of richer milk, the pH of another acid', () => {
    const usual = whole('whole-milk-ricotta');
    const richer = whole('whole-milk-ricotta', { fatPct: 4.6 });
    expect(richer.plan.brief.options?.moisturePct).not.toBe(usual.plan.brief.options?.moisturePct);
    expect(changed(usual, richer)).toEqual(['milk.fatPct']);
    const wetter = whole('whole-milk-ricotta', { fatPct: 4.6 }, { options: { moisturePct: 75 } });
    expect(changed(usual, wetter).sort()).toEqual(['milk.fatPct', 'options.moisturePct']);
    expect(changed(wetter, richer)).toEqual(['options.moisturePct']);
    const ball = whole('quick-stretched');
    const vinegar = whole('quick-stretched', {}, { acid: { kind: 'vinegar' } });
    expect(vinegar.plan.brief.options?.acidPH).not.toBe(ball.plan.brief.options?.acidPH);
    expect(changed(ball, vinegar)).not.toContain('options.acidPH');
  });

  it('a part of another kind is told once, and of another make only that and what both are asked for', () => {
    const ball = whole('quick-stretched');
    const tablets = whole('quick-stretched', {}, { coagulant: { form: 'tablet', imcuEach: 1200 } });
    expect(changes(ball, tablets)).toEqual([{ path: 'coagulant.form', before: 'liquid', after: 'tablet' }]);
    const given = { amount: 2, unit: 'tablet' } as const;
    const inHand = whole('quick-stretched', {}, { coagulant: { form: 'tablet', imcuEach: 1200, given } });
    expect(changes(tablets, inHand)).toContainEqual({
      path: 'coagulant.given',
      before: undefined,
      after: given,
    });
    const stronger = whole('quick-stretched', {}, { heat: { by: 'hob', kW: 2 } });
    expect(changes(ball, stronger)).toEqual([{ path: 'heat.kW', before: undefined, after: 2 }]);
    const skyr = whole('skyr', { litres: 12, fatPct: 3.7 });
    expect(changes(whole('paneer'), skyr)[0]).toEqual({
      path: 'method',
      before: whole('paneer').method.title,
      after: skyr.method.title,
    });
    expect(changed(whole('paneer', { fatPct: 3.7 }), skyr)).toEqual(['method', 'milk.litres']);
    const lemon = whole('whole-milk-ricotta', {}, { acid: { kind: 'lemon' } });
    expect(changed(whole('paneer'), lemon)).toEqual(['method', 'acid.kind']);
  });

  it('a colder room is told by its souring, more fat by its cheese, another acid by its jar', () => {
    const room = differences(plan('goat-lactic'), plan('goat-lactic', {}, { roomC: 17 }));
    expect(room.slice(0, 4).map((one) => one.what)).toContain('hours to ready');
    expect(room.map((one) => one.what)).toContain('souring');
    const fat = differences(plan('quick-stretched'), plan('quick-stretched', { fatPct: 4.7 }));
    expect(fat.slice(0, 3).map((one) => one.what)).toContain('cheese of 100 L');
    const acid = differences(plan('paneer'), plan('paneer', {}, { acid: { kind: 'lemon' } }));
    expect(acid.map((one) => [one.what, one.before === null, one.after === null])).toEqual(
      expect.arrayContaining([
        ['citric acid', false, true],
        ['lemon juice', true, false],
      ]),
    );
    // Tablets are counted; another grind of salt is as many grams of it.
    const tablets = plan('quick-stretched', {}, { coagulant: { form: 'tablet' } });
    const twice = plan('quick-stretched', { litres: 16 }, { coagulant: { form: 'tablet' } });
    const found = differences(tablets, twice).find(({ what }) => what === 'coagulant, tablet');
    expect(found?.measure).toBe('tablets');
    expect(found?.relative).toBeCloseTo(1, 1);
    const flaked = plan('squeaky-curds', {}, { salt: { kind: 'flaked' } });
    expect(differences(plan('squeaky-curds'), flaked)).toEqual([]);
  });
});

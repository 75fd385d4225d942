import { describe, expect, it } from 'vitest';
import { changes, differences } from './compare';
import { basic, planned } from './fixtures/briefs';

const plan = (...args: Parameters<typeof basic>) => planned(basic(...args)).plan;

describe('one plan beside another', () => {
  it('says nothing where nothing differs', () => {
    expect(differences(plan('paneer'), plan('paneer'))).toEqual([]);
    expect(changes(plan('paneer').brief, plan('paneer').brief)).toEqual([]);
    const { brief } = plan('paneer');
    const elsewhen = { ...brief, seed: 9, start: '2026-11-27T09:00', readyBy: '2026-11-28T09:00' };
    expect(changes(brief, elsewhen)).toEqual([]);
    expect(changes(brief, { ...elsewhen, roomC: 12 }).map(({ path }) => path)).toEqual(['roomC']);
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
    expect(changes(plan('paneer').brief, plan('paneer', { litres: 16 }).brief)).toEqual([
      { path: 'milk.litres', before: 8, after: 16 },
    ]);
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

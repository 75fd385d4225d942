import { describe, expect, it } from 'vitest';
import { turningMin } from '../core/acid/acids';
import { formatter, METRIC } from '../core/units/format';
import { METHODS } from '../makes';
import { stageKind } from '../makes/kinds';
import { conditionsOf } from '../makes/method';
import { basic, planned } from './fixtures/briefs';
import { planBrief } from './plan';
import { applies, type Choices } from './stages';
import { tellingOf } from './telling';

describe('a powder that turns to acid in the milk', () => {
  const acidStage = (method: string, kind: 'citric' | 'gdl') => {
    const { plan, parameters } = planned(basic(method, {}, { acid: { kind } }));
    const stage = plan.stages.find((one) => one.kind === 'add-acid');
    if (!stage) throw new Error('no acid goes in');
    const telling = tellingOf({ plan }, formatter(METRIC));
    return { ...stage, words: stageKind(stage.kind).words(parameters[stage.id], telling) };
  };

  it('is waited for in cold milk, with no hands, and said why; citric acid is not', () => {
    const slow = acidStage('quick-stretched', 'gdl');
    expect(slow.durationMin.likely / 60).toBeGreaterThan(14);
    expect(slow.hands).toEqual([[0, slow.handsOnMin]]);
    expect(slow.handsOnMin).toBe(acidStage('quick-stretched', 'citric').durationMin.likely);
    expect(slow.words.steps.join(' ')).toContain('turns to acid slowly');
    expect(slow.words.done).toBe('It is sour');
    expect(acidStage('quick-stretched', 'citric').words.steps.join(' ')).not.toContain('slowly');
  });

  it('is refused where milk would stand warm for it', () => {
    const refused = (method: string, milk: { startC?: number }, options = {}) => {
      const result = planBrief(basic(method, milk, { acid: { kind: 'gdl' }, options }));
      return result.ok ? null : result.faults.map(({ path, problem }) => `${path} ${problem}`).join();
    };
    expect(refused('quick-stretched', { startC: 8 })).toBeNull();
    expect(refused('quick-stretched', { startC: 12 })).toMatch(
      /^acid\.kind turns to acid so slowly.*\d+ hours$/,
    );
    expect(refused('quick-stretched', {}, { acidWhen: 'warming' })).toMatch(/^acid\.kind turns/);
  });

  it('is waited for before one looks at the whey, where milk is warm', () => {
    const warm = acidStage('warm-acid-pot-cheese', 'gdl');
    expect(warm.durationMin.likely).toBeCloseTo(turningMin('gdl', 50), -1);
    expect(warm.words.steps[1]).toMatch(/^Cover it and wait \d+.min/);
    expect(acidStage('warm-acid-pot-cheese', 'citric').words.steps[1]).toMatch(/^Wait two minutes/);
  });

  it('turns while one stirs where the milk is hot', () => {
    expect(acidStage('whole-milk-ricotta', 'gdl').durationMin).toEqual(
      acidStage('whole-milk-ricotta', 'citric').durationMin,
    );
  });
});

describe('which stages belong to a batch', () => {
  it('a wash for every rinse that is wanted, counted', () => {
    const washes = (rinses: number) =>
      planned(basic('cultured-cottage', {}, { options: { rinses } })).plan.stages.filter(
        ({ kind }) => kind === 'wash',
      ).length;
    expect([1, 2, 3].map(washes)).toEqual([1, 2, 3]);
  });

  it('a water takes salt out again that went into the whey before it, so more is given for the same cheese', () => {
    const made = (rinses: number, salt?: { given: { amount: number; unit: 'g' } }) =>
      planned(
        basic(
          'cultured-cottage',
          { litres: 8 },
          { options: { saltAt: 'whey', rinses }, ...(salt && { salt }) },
        ),
      ).plan;
    const grams = (rinses: number) => made(rinses).doses.find(({ id }) => id === 'salt')?.grams ?? 0;
    const ends = (rinses: number) => made(rinses).predictions.saltPct ?? 0;
    expect(grams(1) / grams(0)).toBeCloseTo(1 / 0.6, 2);
    expect(grams(2) / grams(0)).toBeCloseTo(1 / 0.36, 2);
    expect(ends(2)).toBeCloseTo(ends(0), 2);
    const same = { given: { amount: 90, unit: 'g' as const } };
    expect((made(2, same).predictions.saltPct ?? 0) / (made(0, same).predictions.saltPct ?? 1)).toBeCloseTo(
      0.36,
      1,
    );
  });

  it('goes by every condition of a stage, at its very bound', () => {
    let met = 0;
    for (const method of METHODS)
      for (const stage of method.stages) {
        const conditions = conditionsOf(stage);
        if (conditions.length === 0) {
          expect(applies(stage, { options: {}, calcium: false })).toBe(true);
          continue;
        }
        const so: Choices = { options: {}, calcium: true, cream: { litres: 1, fatPct: 36 } };
        const options: Record<string, number | string | boolean> = {};
        for (const one of conditions) {
          if ('given' in one) continue;
          options[one.option] =
            'is' in one ? (one.is[0] as string | boolean) : 'atLeast' in one ? one.atLeast : true;
        }
        const whole = { ...so, options };
        const where = `${method.id} ${stage.id}`;
        expect(applies(stage, whole), where).toBe(true);
        for (const one of conditions) {
          met += 1;
          if ('given' in one) {
            expect(
              applies(
                stage,
                one.given === 'cream' ? { options, calcium: true } : { ...whole, calcium: false },
              ),
              where,
            ).toBe(false);
            continue;
          }
          const not = 'is' in one ? 'nothing of the kind' : 'atLeast' in one ? one.atLeast - 0.01 : false;
          expect(applies(stage, { ...whole, options: { ...options, [one.option]: not } }), where).toBe(false);
          if (!('is' in one) && !('atLeast' in one)) {
            expect(applies(stage, { ...whole, options: { ...options, [one.option]: 0 } }), where).toBe(false);
            expect(applies(stage, { ...whole, options: { ...options, [one.option]: 0.5 } }), where).toBe(
              true,
            );
          }
        }
      }
    expect(met).toBeGreaterThan(10);
  });
});

describe('a stage that says how long it takes', () => {
  /** Minutes said in a title, as hours and minutes or minutes. */
  const saidIn = (title: string): number[] =>
    [...title.matchAll(/(\d+) h(?: (\d+))?|(\d+) min/g)].map(([, h, rest, min]) =>
      min === undefined ? Number(h) * 60 + Number(rest ?? 0) : Number(min),
    );

  it.each(METHODS.map(({ id }) => id))('%s takes so long, in a pan and in a vat', (id) => {
    for (const litres of [2, 8, 60]) {
      const result = planBrief(basic(id, { litres }), { spread: false });
      if (!result.ok) continue;
      for (const { kind, title, durationMin } of result.value.plan.stages) {
        const said = saidIn(title);
        if (said.length === 0) continue;
        // Slabs say how often as well; a poach counts from when its whey is hot.
        const turns = kind === 'slab' ? Number(/(\d+) times/.exec(title)?.[1]) : 1;
        const min = Math.round(durationMin.likely);
        if (kind === 'poach') expect(min, title).toBeGreaterThanOrEqual(said[0] as number);
        else
          expect(
            said.map((one) => one * turns),
            `${litres} L: ${title}`,
          ).toContain(min);
      }
    }
  });
});

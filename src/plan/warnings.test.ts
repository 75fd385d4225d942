import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compositionOf } from '../core/milk/composition';
import type { Brief } from './brief/schema';
import { basic, planned } from './fixtures/briefs';

const told = (brief: Brief, id: string) => planned(brief).plan.cautions.filter((one) => one.id === id);

describe('what lies outside the usual is told', () => {
  it('casein to fat, by the milk’s own figures, in both directions and from the bound on', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 7, noNaN: true }),
        fc.double({ min: 2.8, max: 4, noNaN: true }),
        (fatPct, proteinPct) => {
          const ratio = compositionOf('cow', fatPct, proteinPct).caseinPct / fatPct;
          const [found] = told(basic('quick-stretched', { fatPct, proteinPct }), 'casein-fat');
          expect(found?.stage).toBe(ratio < 0.45 || ratio > 1.3 ? 'sanitise' : undefined);
          if (found?.told?.id === 'casein-fat') {
            expect(found.told.ratio).toBeCloseTo(ratio, 9);
            expect([found.told.low, found.told.high]).toEqual([0.45, 1.3]);
          }
        },
      ),
      { numRuns: 40 },
    );
    // Where there is no fat at all, the figure stays one that can be read.
    expect(told(basic('quick-stretched', { fatPct: 0 }), 'casein-fat')[0]?.told).toMatchObject({ ratio: 99 });
    expect(told(basic('paneer', { fatPct: 0.1 }), 'casein-fat')).toEqual([]);
  });

  it('milk that sets weakly, and why, where a coagulant has to set it', () => {
    const because = (brief: Brief) => told(brief, 'weak-milk').map((one) => [one.stage, one.told]);
    expect(because(basic('quick-stretched', { homogenised: true }))).toEqual([
      ['coagulant', { id: 'weak-milk', because: 'homogenised', stretches: true, knife: true }],
    ]);
    expect(because(basic('quick-stretched', { homogenised: true, treatment: 'high-pasteurised' }))).toEqual([
      ['coagulant', { id: 'weak-milk', because: 'high-pasteurised', stretches: true, knife: true }],
    ]);
    expect(because(basic('quick-stretched'))).toEqual([]);
    const says = (id: string) => told(basic(id, { homogenised: true }), 'weak-milk')[0]?.text ?? '';
    expect(says('quick-stretched')).toMatch(
      /softer and stretches weakly: calcium goes in, the cut waits longer,/,
    );
    expect(says('squeaky-curds')).toMatch(
      /^Homogenised milk sets softer: calcium goes in, the cut waits longer,/,
    );
    // Its culture says when it is cut.
    expect(says('cultured-cottage')).toMatch(
      /^Homogenised milk sets softer: calcium goes in, and the cheese/,
    );
    expect(because(basic('paneer', { homogenised: true }))).toEqual([]);
    expect(because(basic('goat-lactic', { homogenised: true }))).toEqual([]);
  });

  it('a strength nobody has said: what it is taken for, at its stage, and a wider spread', () => {
    const said = { ...basic('quick-stretched'), coagulant: { form: 'tablet', imcuEach: 1500 } } as const;
    const unsaid = { ...said, coagulant: { form: 'tablet' } } as const;
    expect(told(said, 'unlabelled')).toEqual([]);
    expect(told(basic('quick-stretched'), 'unlabelled')).toEqual([]);
    expect(told(unsaid, 'unlabelled')).toMatchObject([
      { stage: 'coagulant', told: { what: 'tablet', takenFor: 1500, bowl: true } },
    ]);
    // Where the culture sets it, no bowl is watched.
    expect(told({ ...basic('goat-lactic'), coagulant: { form: 'tablet' } }, 'unlabelled')).toMatchObject([
      { told: { what: 'tablet', bowl: false }, text: expect.not.stringContaining('bowl') },
    ]);
    const set = (brief: Brief) => planned(brief, true).plan.predictions.setMin;
    expect(set(unsaid)?.likely).toBe(set(said)?.likely);
    expect(set(unsaid)?.high).toBeGreaterThan(1.2 * (set(said)?.high ?? 0));
    // A whole one is told against what the set takes of it.
    const whole = { form: 'tablet', given: { amount: 1, unit: 'tablet' } } as const;
    expect(told({ ...said, coagulant: whole }, 'dose-off')[0]?.text).toMatch(
      /^The coagulant you have is [\d.]+ times 0\.\d\d of a tablet, which the usual set takes/,
    );
    const sachet = { form: 'freeze-dried', given: { amount: 1, unit: 'sachet' } } as const;
    expect(told({ ...basic('skyr'), culture: sachet }, 'unlabelled')).toMatchObject([
      {
        stage: 'culture',
        told: { what: 'sachet', takenFor: 10 },
        text: expect.stringMatching(/a sachet is for: it is taken for 10.0.L/),
      },
    ]);
    expect(
      told({ ...basic('skyr'), culture: { ...sachet, labelLitresPerSachet: 10 } }, 'unlabelled'),
    ).toEqual([]);
  });

  it('what may not be sold under the name it makes think of: too lean first, else too wet, at the last stage', () => {
    const [lean] = told(basic('quick-stretched', { fatPct: 1 }), 'standard');
    expect(lean).toMatchObject({
      stage: 'store',
      told: { what: 'mozzarella', leastFatInDryMatterPct: 45, moisturePct: null, mostMoisturePct: null },
    });
    const lowFat = planned(basic('cultured-cottage', { fatPct: 1 })).plan;
    expect(lowFat.cautions.find(({ id }) => id === 'standard')?.told).toEqual({
      id: 'standard',
      what: 'cottage cheese',
      source: 'US 21 CFR 133.128, from memory',
      fatInDryMatterPct: null,
      leastFatInDryMatterPct: null,
      moisturePct: expect.closeTo(lowFat.predictions.moisturePct, 3),
      mostMoisturePct: 80,
    });
    // As exactly as it takes to tell it from its limit.
    const close =
      told(basic('soft-cream', {}, { salt: { given: { amount: 1, unit: 'g' } } }), 'standard')[0]?.text ?? '';
    expect(close).toMatch(/^With 55\.[1-4] % of moisture it is wetter than .*: 55 % at most/);
    expect(told(basic('cultured-cottage'), 'standard')).toEqual([]);
    expect(told(basic('quick-stretched'), 'standard')).toEqual([]);
  });

  it('hot curd is split where there is more of it than cools in one heap, and only there', () => {
    for (const litres of [4, 6, 8, 20]) {
      const { plan } = planned(basic('whole-milk-ricotta', { litres }));
      const split = plan.cautions.filter(({ id }) => id === 'split-hot').map(({ stage }) => stage);
      expect(split).toEqual(plan.predictions.yieldKg.likely > 2 ? ['drain'] : []);
    }
    expect(told(basic('whole-milk-ricotta', { litres: 20 }), 'split-hot')).toHaveLength(1);
    expect(told(basic('whole-milk-ricotta', { litres: 4 }), 'split-hot')).toHaveLength(0);
  });
});

import { describe, expect, it } from 'vitest';
import type { Brief } from './brief/schema';
import { basic, planned } from './fixtures/briefs';
import type { Dose } from './schema';

type Unit = 'g' | 'mL' | 'tablet' | 'sachet';

const TABLET_IMCU = 900;
/** How many tablets of that strength a plan takes, by the liquid it takes. */
function tabletsOf(brief: Brief): number {
  const { doses } = planned({ ...brief, coagulant: { form: 'liquid', imcuPerMl: 100 } }).plan;
  return ((doses.find(({ id }) => id === 'coagulant')?.millilitres ?? 0) * 100) / TABLET_IMCU;
}

/** What is told of a dose in hand of so many times the one its plan computes, in its own measure. */
function offOf(
  brief: Brief,
  id: 'acid' | 'coagulant' | 'culture' | 'calcium' | 'salt',
  times: number,
  unit: Unit,
) {
  const plain = planned(brief).plan;
  const dose = plain.doses.find((one) => one.id === id);
  if (!dose) throw new Error(`it takes ${id}`);
  const amount =
    times * (unit === 'mL' ? (dose.millilitres ?? 0) : unit === 'tablet' ? tabletsOf(brief) : dose.grams);
  const before = brief[id];
  const given = { amount, unit };
  const { plan } = planned({ ...brief, [id]: { ...(typeof before === 'object' && before), given } });
  const caution = plan.cautions.find(({ told }) => told?.id === 'dose-off');
  return { dose, told: caution?.told, text: caution?.text ?? '', plain, plan };
}
const off = (told: unknown) => told as Record<string, number | string | null>;

const DOSES: readonly [what: string, Brief, Dose['id'] & ('acid' | 'coagulant' | 'culture'), Unit][] = [
  ['citric acid', basic('whole-milk-ricotta', {}, { acid: { kind: 'citric' } }), 'acid', 'g'],
  ['vinegar', basic('paneer', {}, { acid: { kind: 'vinegar', strengthPct: 5 } }), 'acid', 'mL'],
  [
    'liquid coagulant',
    basic('squeaky-curds', {}, { coagulant: { form: 'liquid', imcuPerMl: 280 } }),
    'coagulant',
    'mL',
  ],
  [
    'powder coagulant',
    basic('squeaky-curds', {}, { coagulant: { form: 'powder', imcuPerG: 2000 } }),
    'coagulant',
    'g',
  ],
  [
    'tablets',
    basic('squeaky-curds', {}, { coagulant: { form: 'tablet', imcuEach: TABLET_IMCU } }),
    'coagulant',
    'tablet',
  ],
  ['freeze-dried culture', basic('goat-lactic', {}, { culture: { form: 'freeze-dried' } }), 'culture', 'g'],
  [
    'culture by its label',
    basic('goat-lactic', {}, { culture: { form: 'freeze-dried', labelLitresPerGram: 40 } }),
    'culture',
    'g',
  ],
  ['a live starter', basic('sour-basket', {}, { culture: { form: 'liquid', percent: 3 } }), 'culture', 'mL'],
  ['an earlier batch', basic('skyr', {}, { culture: { form: 'saved' } }), 'culture', 'mL'],
];

describe.each(DOSES)('%s in hand', (_what, brief, id, unit) => {
  it('is said to be short or over by the dose its plan would take, in its own measure', () => {
    for (const [times, side] of [
      [0.3, 'short'],
      [4, 'over'],
    ] as const) {
      const { told, dose } = offOf(brief, id, times, unit);
      expect(told).toMatchObject({ id: 'dose-off', of: id, side });
      const { ratio, computedGrams, computedMl, computedTablets } = off(told);
      expect(Number(ratio) / times).toBeCloseTo(1, 1);
      if (unit === 'tablet') expect(Number(computedTablets) / tabletsOf(brief)).toBeCloseTo(1, 1);
      else if (unit === 'mL') expect(Number(computedMl) / (dose.millilitres ?? 0)).toBeCloseTo(1, 1);
      else {
        expect(Number(computedGrams) / dose.grams).toBeCloseTo(1, 1);
        expect(computedMl).toBeNull();
      }
      expect(Number(off(told).grams)).toBeCloseTo(
        unit === 'g' ? times * dose.grams : Number(computedGrams) * Number(ratio),
        3,
      );
    }
  });

  it('goes without a word where it is what the plan takes', () => {
    const { told, plain, plan } = offOf(brief, id, 1, unit);
    expect(told).toBeUndefined();
    expect(plan.predictions.yieldKg.likely / plain.predictions.yieldKg.likely).toBeCloseTo(1, 2);
  });
});

describe('what comes of a dose in hand', () => {
  it('of acid is the pH it brings, higher where it is short', () => {
    const brief = basic('paneer', {}, { acid: { kind: 'vinegar', strengthPct: 5 } });
    const [short, over] = [0.5, 2].map((times) => offOf(brief, 'acid', times, 'mL'));
    expect(Number(off(short?.told).result)).toBeGreaterThan(Number(off(over?.told).result) + 0.3);
    expect(off(short?.told).result).toBe(short?.plan.predictions.pHAfterAcid);
    expect(short?.text).toMatch(/short of what this milk takes, .*keep more at hand/);
    expect(over?.text).toMatch(/more than what this milk takes, .*Give it in portions/);
  });

  it('of coagulant is when it sets, sooner where it is over', () => {
    const brief = basic('squeaky-curds', {}, { coagulant: { form: 'liquid', imcuPerMl: 200 } });
    const over = offOf(brief, 'coagulant', 4, 'mL');
    expect(off(over.told).result).toBe(over.plan.predictions.setMin?.likely);
    expect(Number(off(over.told).result)).toBeLessThan(over.plain.predictions.setMin?.likely ?? 0);
    expect(over.text).toMatch(/^The coagulant you have is 4\.0 times /);
  });

  it('is told in the words of its make: whey that clears or curd that stretches, a knife or a culture', () => {
    const acid = (id: string, times: number) =>
      offOf(basic(id, {}, { acid: { kind: 'citric' } }), 'acid', times, 'g').text;
    for (const id of ['whole-milk-ricotta', 'paneer', 'warm-acid-pot-cheese', 'whey-ricotta']) {
      expect(acid(id, 0.5)).toMatch(/whey stays milky/);
      expect(acid(id, 2)).toMatch(/whey is clear/);
      expect(acid(id, 0.5) + acid(id, 2)).not.toMatch(/stretch/);
    }
    for (const id of ['quick-stretched', 'low-moisture-stretched', 'cream-pouch']) {
      expect(acid(id, 0.5)).toMatch(/may not stretch/);
      expect(acid(id, 1.5)).toMatch(/melts instead of stretching/);
      expect(acid(id, 0.5) + acid(id, 1.5)).not.toMatch(/whey/);
    }
    const coagulant = (id: string, times: number) =>
      offOf(basic(id, {}, { coagulant: { form: 'liquid', imcuPerMl: 200 } }), 'coagulant', times, 'mL').text;
    for (const id of ['goat-lactic', 'sour-basket']) {
      expect(coagulant(id, 4)).toMatch(/of which this make wants a trace: the curd comes firmer/);
      expect(coagulant(id, 0.2)).toMatch(/its culture sets it all the same/);
    }
    for (const id of ['squeaky-curds', 'grilling', 'quick-stretched'])
      expect(coagulant(id, 4)).toMatch(/it sets in .*Cut at once when it breaks clean/);
  });

  it('of calcium is said beyond what milk may take, never where it is less', () => {
    const brief = basic('squeaky-curds', {}, { calcium: true });
    expect(offOf(brief, 'calcium', 0.4, 'g').told).toBeUndefined();
    const { told, dose, text } = offOf(brief, 'calcium', 3, 'g');
    expect(off(told)).toMatchObject({ of: 'calcium', side: 'over', ratio: expect.closeTo(3, 1) });
    expect(Number(off(told).computedGrams)).toBeCloseTo(dose.grams, 2);
    expect(text).toContain('tastes bitter');
  });

  it('of salt is the cheese’s per cent, beside what it is meant to be', () => {
    const brief = basic('squeaky-curds');
    const short = offOf(brief, 'salt', 0.1, 'g');
    const over = offOf(brief, 'salt', 6, 'g');
    expect(off(short.told)).toMatchObject({ of: 'salt', side: 'short' });
    expect(off(over.told)).toMatchObject({ of: 'salt', side: 'over' });
    for (const [{ told, plan }, times] of [
      [short, 0.1],
      [over, 6],
    ] as const) {
      // Of what the make is meant to have, as a factor.
      expect(Number(off(told).ratio) / times).toBeGreaterThan(0.5);
      expect(Number(off(told).ratio) / times).toBeLessThan(2);
      expect(Number(off(told).result)).toBeCloseTo(plan.predictions.saltPct ?? Number.NaN, 1);
      const grams = plan.doses.find(({ id }) => id === 'salt')?.grams ?? 0;
      expect(Number(off(told).grams)).toBeCloseTo(grams, 1);
    }
    expect(offOf(brief, 'salt', 1, 'g').told).toBeUndefined();
  });

  it('of sachets is counted in them, ten litres each where nobody says', () => {
    // This make takes twice what the label says.
    const culture = (amount: number, labelLitresPerSachet?: number): Brief['culture'] => ({
      form: 'freeze-dried',
      given: { amount, unit: 'sachet' },
      ...(labelLitresPerSachet !== undefined && { labelLitresPerSachet }),
    });
    const toldOf = (one: Brief['culture']) =>
      planned(basic('skyr', { litres: 20 }, { culture: one })).plan.cautions.find(
        ({ told }) => told?.id === 'dose-off',
      );
    expect(off(toldOf(culture(20))?.told)).toMatchObject({ computedSachets: 4, ratio: 5 });
    expect(toldOf(culture(20))?.text).toContain('5.0 times 4.00 sachets');
    expect(off(toldOf(culture(2, 100))?.told)).toMatchObject({ computedSachets: 0.4, ratio: 5 });
    expect(toldOf(culture(2, 100))?.text).toContain('0.40 of a sachet');
    expect(toldOf(culture(4))).toBeUndefined();
    // Weighed, a sachet is half a gram: of one for a hundred litres twenty take twice 0.1 g.
    const weighed = {
      form: 'freeze-dried',
      labelLitresPerSachet: 100,
      given: { amount: 1, unit: 'g' },
    } as const;
    expect(off(toldOf(weighed)?.told)).toMatchObject({ computedGrams: expect.closeTo(0.2, 6), ratio: 5 });
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ACID_KINDS } from '../core/acid/acids';
import { coagulationPH } from '../core/acid/coagulation';
import { SPECIES, TREATMENTS } from '../core/milk/species';
import { METHODS, methodById } from '../makes';
import { atLitres, resolveBrief } from './brief/resolve';
import { courseOfPlanned } from './course';
import { basic, planned } from './fixtures/briefs';
import { SANITY_BANDS } from './fixtures/sanityBands';
import { PART_NAMES, partsOf, poured, totalKg } from './outcome';
import { type Planned, planBrief } from './plan';
import { planSchema } from './schema';
import { spreadOf } from './spread/draws';
import { uncertainInputs } from './spread/inputs';
import { stagesOf, walk } from './stages';
import { creamOf, NO_DEPARTURE, potAtStart, worldOf } from './world';

const anyBrief = fc
  .record({
    method: fc.constantFrom(...METHODS.map((method) => method.id)),
    species: fc.constantFrom(...SPECIES),
    litres: fc.double({ min: 0.5, max: 400, noNaN: true }),
    fatPct: fc.double({ min: 0.1, max: 8, noNaN: true }),
    proteinPct: fc.double({ min: 2.4, max: 6, noNaN: true }),
    treatment: fc.constantFrom(...TREATMENTS),
    pH: fc.double({ min: 6.5, max: 6.8, noNaN: true }),
    startC: fc.double({ min: 1, max: 38, noNaN: true }),
    roomC: fc.double({ min: 8, max: 32, noNaN: true }),
    acid: fc.constantFrom('citric' as const, 'vinegar' as const, 'lactic' as const),
  })
  .map(({ method, acid, roomC, ...milk }) => basic(method, milk, { roomC, acid: { kind: acid } }));

/** Every number anywhere in a value. */
function numbers(value: unknown): number[] {
  if (typeof value === 'number') return [value];
  if (value === null || typeof value !== 'object') return [];
  return Object.values(value).flatMap(numbers);
}

describe('every plan', () => {
  it('is whole: numbers finite, times and masses not negative, its own schema met, the same again from its own brief', () => {
    fc.assert(
      fc.property(anyBrief, (brief) => {
        const result = planBrief(brief, { spread: false });
        if (!result.ok) return;
        const { plan } = result.value;
        for (const n of numbers(plan)) expect(Number.isFinite(n)).toBe(true);
        for (const stage of plan.stages)
          expect(Math.min(stage.startMin, stage.durationMin.likely, stage.handsOnMin)).toBeGreaterThanOrEqual(
            0,
          );
        expect(planSchema.safeParse(JSON.parse(JSON.stringify(plan))).success).toBe(true);
        expect(planned(plan.brief).plan).toEqual(plan);
      }),
      { numRuns: 60 },
    );
  });

  it('loses nothing: what is poured comes out as cheese and whey, part by part, to 1e-9', () => {
    fc.assert(
      fc.property(anyBrief, (brief) => {
        const result = planBrief(brief, { spread: false });
        const ready = resolveBrief(brief, METHODS);
        if (!result.ok || !ready.ok) return;
        const { outcome } = result.value;
        const litres = brief.milk.litres as number;
        const sized = atLitres(ready.value, litres);
        const world = worldOf(sized, ready.value.method, litres, NO_DEPARTURE);
        const inPot = poured(sized, world);
        const dressing = ready.value.method.cream === 'dressing' ? creamOf(sized) : null;
        const dressed = dressing ? partsOf(dressing) : null;
        for (const part of PART_NAMES) {
          const added =
            (part === 'salt' ? outcome.cheese.salt + outcome.whey.salt : inPot[part]) +
            (dressed?.[part] ?? 0);
          expect(Math.abs(outcome.cheese[part] + outcome.whey[part] - added)).toBeLessThan(
            1e-9 * Math.max(1, totalKg(inPot)),
          );
          expect(Math.min(outcome.cheese[part], outcome.whey[part])).toBeGreaterThanOrEqual(-1e-12);
        }
      }),
      { numRuns: 80 },
    );
  });

  it('moves as milk does: more protein, more acid and more cheese', () => {
    fc.assert(
      fc.property(anyBrief, (brief) => {
        const before = planBrief(brief, { spread: false });
        const richer = planBrief(
          { ...brief, milk: { ...brief.milk, proteinPct: (brief.milk.proteinPct as number) + 0.2 } },
          { spread: false },
        );
        if (!before.ok || !richer.ok) return;
        const acid = (p: Planned) => p.plan.doses.find((dose) => dose.id === 'acid')?.grams ?? null;
        if (acid(before.value) !== null)
          expect(acid(richer.value)).toBeGreaterThan(acid(before.value) as number);
        expect(richer.value.outcome.yieldKg).toBeGreaterThan(before.value.outcome.yieldKg);
        const { setC } = before.value.plan.brief.options as { setC: number };
        const hotter = planBrief({ ...brief, options: { setC: setC + 1 } }, { spread: false });
        if (hotter.ok && methodById(brief.method, METHODS)?.acid === 'turns')
          expect(acid(hotter.value)).toBeLessThan(acid(before.value) as number);
      }),
      { numRuns: 80 },
    );
  });

  it('does not jump: 1 % of one input moves yield, acid and hours by at most 5 %', () => {
    const inputs = ['litres', 'fatPct', 'proteinPct', 'startC'] as const;
    fc.assert(
      fc.property(anyBrief, fc.constantFrom(...inputs), (brief, key) => {
        const before = planBrief(brief, { spread: false });
        const after = planBrief(
          { ...brief, milk: { ...brief.milk, [key]: (brief.milk[key] as number) * 1.01 } },
          { spread: false },
        );
        if (!before.ok || !after.ok) return;
        const litres = brief.milk.litres as number;
        const figures = ({ plan: { predictions: p, doses } }: Planned) => [
          p.yieldKg.likely,
          p.moisturePct,
          p.totalHours,
          p.handsOnMin,
          p.setMin?.likely ?? 1,
          p.acidifyHours?.likely ?? 1,
          // docs/models.md: little-whey, drained-at-once, turned-already.
          p.wheyLitres > 0.25 * litres ? p.wheyLitres : 1,
          p.drainHours && p.drainHours.likely > 1.5 ? p.drainHours.likely : 1,
          ...doses.map((dose) => (dose.id === 'acid' && dose.grams < 0.1 * litres ? 1 : dose.grams)),
        ];
        // docs/models.md: slow-set.
        if ((before.value.plan.predictions.setMin?.likely ?? 0) > 36 * 60) return;
        const b = figures(before.value);
        figures(after.value).forEach((figure, i) => {
          if (figure === 1 || b[i] === 1) return;
          expect(Math.abs(figure / (b[i] as number) - 1)).toBeLessThanOrEqual(0.05);
        });
      }),
      { numRuns: 60 },
    );
  });
});

describe('known results', () => {
  it('ricotta is about a quarter of the milk’s mass (common practice, within 15 %)', () => {
    const { outcome, plan } = planned(basic('whole-milk-ricotta'));
    expect(outcome.yieldKg / (8 * 1.03)).toBeGreaterThan(0.25 * 0.85);
    expect(outcome.yieldKg / (8 * 1.03)).toBeLessThan(0.25 * 1.15);
    expect(plan.predictions.pHAfterAcid).toBeCloseTo(coagulationPH(90) - 0.05, 4);
  });

  it('paneer from buffalo’s milk beats paneer from cow’s (orders of size: Indian Food Composition Tables 2017 call both rich)', () => {
    const cow = planned(basic('paneer')).plan.predictions;
    const buffalo = planned(basic('paneer', { species: 'buffalo' })).plan.predictions;
    expect(buffalo.yieldKg.likely).toBeGreaterThan(1.3 * cow.yieldKg.likely);
  });

  it('a wanted weight gives the litres that make it', () => {
    const { milk: _, ...rest } = basic('paneer');
    const plan = planned({ ...rest, milk: { species: 'goat' }, wantKg: 1.5 }).plan;
    expect(plan.predictions.yieldKg.likely).toBeCloseTo(1.5, 5);
    expect(plan.brief.wantKg).toBeUndefined();
    expect(plan.brief.milk.litres).toBeGreaterThan(5);
  });

  it('cream taken into the milk, or stirred in at the end, counts', () => {
    const cream = { litres: 1, fatPct: 36 };
    for (const id of ['whole-milk-ricotta', 'warm-acid-pot-cheese']) {
      const without = planned(basic(id)).plan.predictions;
      const with1 = planned(basic(id, {}, { cream })).plan;
      expect(with1.predictions.yieldKg.likely).toBeGreaterThan(without.yieldKg.likely + 0.4);
      expect(with1.predictions.fatInDryMatterPct).toBeGreaterThan(without.fatInDryMatterPct);
      expect(with1.doses.map((dose) => dose.id)).toContain('cream');
    }
  });

  it('milk costs what it costs, and times stand on the wall clock', () => {
    const plan = planned(basic('paneer', { pricePerLitre: 1.2 }, { start: '2026-12-31T22:30' })).plan;
    expect(plan.predictions.costPerKg).toBeCloseTo((8 * 1.2) / plan.predictions.yieldKg.likely, 3);
    expect(plan.readyAt).toMatch(/^2027-01-01T0[2-4]:/);
    expect(planned(basic('paneer')).plan.predictions.costPerKg).toBeNull();
  });

  it('the track covers the make and bends where the acid goes in', () => {
    const p = planned(basic('whole-milk-ricotta'));
    const course = courseOfPlanned(p);
    const total = p.plan.stages.reduce((sum, stage) => sum + stage.durationMin.likely, 0);
    expect(course.temps.at(-1)?.[0]).toBeCloseTo(total, 2);
    expect(Math.max(...course.temps.map(([, c]) => c))).toBeCloseTo(90, 6);
    const aimed = expect.closeTo(p.acid?.aimsAtPH ?? 0, 4);
    expect(course.pHs.map(([, pH]) => pH)).toEqual([6.65, 6.65, aimed, aimed]);
  });

  it('the band of what still works goes with the course, on its minutes', () => {
    const course = courseOfPlanned(planned(basic('squeaky-curds')));
    const told = course.band.filter(([, low]) => Number.isFinite(low));
    expect(told.length).toBeGreaterThan(10);
    for (const [minute, low, high] of told)
      expect(
        course.temps.some(([at, tempC]) => at === minute && low < tempC && tempC < high),
        `${minute}`,
      ).toBe(true);
  });
});

describe('spread', () => {
  const brief = basic('whole-milk-ricotta', { fatPct: 3.9 });

  it('lies around the likely run, is the same for the same seed and another for another', () => {
    const { yieldKg, drainHours } = planned(brief, true).plan.predictions;
    expect(yieldKg.low).toBeLessThan(yieldKg.likely);
    expect(yieldKg.high).toBeGreaterThan(yieldKg.likely);
    expect(drainHours?.low).toBeLessThan(drainHours?.high as number);
    expect(planned(brief, true).plan).toEqual(planned(brief, true).plan);
    expect(planned({ ...brief, seed: 2 }, true).plan.predictions.yieldKg.low).not.toBe(yieldKg.low);
  });

  it.each(METHODS.map((method) => method.id))(
    '%s: fixing the first hinge cuts the variance by its stated share, within 5 points',
    (id) => {
      const ready = resolveBrief(basic(id, { species: SANITY_BANDS[id]?.species ?? 'cow' }), METHODS);
      if (!ready.ok) throw new Error('must resolve');
      const stages = stagesOf(ready.value.method, ready.value.brief);
      const world = worldOf(atLitres(ready.value, 8), ready.value.method, 8, NO_DEPARTURE);
      walk(stages, world, potAtStart(atLitres(ready.value, 8), world));
      const dosed = { acid: world.acid?.amount ?? null, imcuPerLitre: world.coagulant?.imcuPerLitre ?? null };
      const free = spreadOf(ready.value, 8, stages, dosed);
      const first = uncertainInputs(ready.value).find((input) => input.on === free.hinges[0]?.on);
      if (!first) throw new Error('a hinge is one of the inputs');
      const fixed = spreadOf(ready.value, 8, stages, dosed, { fixed: [first.key] });
      const v = (draws: Float64Array) => {
        const m = draws.reduce((a, b) => a + b, 0) / draws.length;
        return draws.reduce((sum, x) => sum + (x - m) ** 2, 0) / draws.length;
      };
      const cut = 100 * (1 - v(fixed.yieldDraws) / v(free.yieldDraws));
      expect(Math.abs(cut - (free.hinges[0]?.shareOfVariancePct as number))).toBeLessThan(5);
    },
  );

  it('a measured milk narrows what the acid need may be', () => {
    const wide = planned(basic('paneer'), true).spread?.acidNeeded as { low: number; high: number };
    const narrow = planned(basic('paneer', { pH: 6.65, proteinPct: 3.2, fatPct: 3.7 }), true).spread
      ?.acidNeeded as { low: number; high: number };
    expect(narrow.high - narrow.low).toBeLessThan(0.75 * (wide.high - wide.low));
  });
});

it('every acid kind can be planned for every make that takes one', () => {
  for (const { id } of METHODS.filter((method) => method.acid !== null)) {
    for (const kind of ACID_KINDS) {
      const result = planBrief(basic(id, {}, { acid: { kind } }), { spread: false });
      expect(result.ok || result.faults[0]?.path === 'acid').toBe(true);
    }
  }
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { METHODS } from '../makes';
import type { Method } from '../makes/method';
import type { Brief } from './brief/schema';
import { basic, planned } from './fixtures/briefs';
import { SANITY_BANDS } from './fixtures/sanityBands';
import { planBrief } from './plan';

const briefOf = (method: Method, milk: Partial<Brief['milk']> = {}, rest: Partial<Brief> = {}) =>
  basic(method.id, { species: SANITY_BANDS[method.id]?.species ?? 'cow', ...milk }, rest);
const predictions = (brief: Brief) => planned(brief).plan.predictions;
const has = (key: string) => METHODS.filter((method) => method.options[key]);
const ids = (list: readonly Method[]) => list.map((method) => ({ name: method.id, method }));
const roomC = fc.double({ min: 16, max: 27, noNaN: true });

describe('a colder room', () => {
  const lactic = METHODS.filter((method) => method.family === 'lactic-set');
  it.each(ids(lactic))('$name: sets later', ({ method }) => {
    fc.assert(
      fc.property(roomC, fc.double({ min: 2, max: 60, noNaN: true }), (room, litres) => {
        const at = (c: number) => planBrief(briefOf(method, { litres }, { roomC: c }), { spread: false });
        const warm = at(room + 1);
        const cold = at(room);
        // A set too slow to come is refused, and the warmer one comes first.
        if (!cold.ok || !warm.ok) return;
        const hours = (p: typeof cold) => p.value.plan.predictions.acidifyHours?.likely as number;
        expect(hours(cold)).toBeGreaterThan(hours(warm));
        // Skyr's scalded milk has been cooled by water, not by the room.
        expect(cold.value.plan.predictions.drainHours?.likely as number).toBeGreaterThanOrEqual(
          warm.value.plan.predictions.drainHours?.likely as number,
        );
      }),
      { numRuns: 12 },
    );
  });
});

describe('coagulant', () => {
  it.each(ids(has('wantedSetMin')))(
    '$name: more of it sets faster, and the wanted minutes come out',
    ({ method }) => {
      fc.assert(
        fc.property(fc.integer({ min: 4, max: 90 }), (minutes) => {
          const at = (m: number) => planned(briefOf(method, {}, { options: { wantedSetMin: m } })).plan;
          const fast = at(minutes);
          const slow = at(minutes + 10);
          const dose = (p: typeof fast) =>
            p.doses.find((one) => one.id === 'coagulant')?.millilitres as number;
          expect(dose(fast)).toBeGreaterThan(dose(slow));
          expect(fast.predictions.setMin?.likely).toBeCloseTo(minutes, 1);
        }),
        { numRuns: 10 },
      );
    },
  );

  it('an older bottle wants more, calcium wants less, a label statement stands for a strength', () => {
    const dose = (rest: Partial<Brief>) =>
      planned(basic('squeaky-curds', {}, rest)).plan.doses.find((one) => one.id === 'coagulant')
        ?.millilitres as number;
    const fresh = dose({});
    expect(dose({ coagulant: { form: 'liquid', imcuPerMl: 200, ageMonths: 12 } })).toBeGreaterThan(
      fresh * 1.1,
    );
    expect(dose({ calcium: true })).toBeLessThan(fresh);
    expect(dose({ coagulant: { form: 'liquid', imcuPerMl: 400, ageMonths: 0 } })).toBeCloseTo(fresh / 2, 3);
    const label = { setsLitres: 10, per: 'mL', inMin: 40, atC: 32 } as const;
    expect(dose({ coagulant: { form: 'liquid', ...label } })).toBeGreaterThan(0);
  });

  it('a set of over two hours is planned, with a warning', () => {
    const cautions = (minutes: number) =>
      planned(basic('squeaky-curds', {}, { options: { wantedSetMin: minutes } })).plan.cautions.map(
        (one) => one.id,
      );
    expect(cautions(150)).toContain('slow-set');
    expect(cautions(60)).not.toContain('slow-set');
  });
});

describe('work on the curd', () => {
  it.each(ids(has('cutMm')))('$name: a finer cut makes drier curd', ({ method }) => {
    const option = method.options.cutMm;
    if (option?.type !== 'number') throw new Error('a cut is a number');
    const at = (mm: number) => predictions(briefOf(method, {}, { options: { cutMm: mm } }));
    expect(at(option.min).moisturePct).toBeLessThan(at(option.max).moisturePct);
    expect(at(option.min).yieldKg.likely).toBeLessThan(at(option.max).yieldKg.likely);
  });

  it.each(ids(has('cookC')))('$name: a hotter cook makes drier curd', ({ method }) => {
    const option = method.options.cookC;
    if (option?.type !== 'number') throw new Error('a cook is a number');
    const at = (c: number) => predictions(briefOf(method, {}, { options: { cookC: c } }));
    expect(at(option.max).moisturePct).toBeLessThan(at(option.min).moisturePct);
  });

  it.each(ids(METHODS.filter((method) => method.bag && method.options.moisturePct)))(
    '$name: a bigger bag drains slower, to the same moisture',
    ({ method }) => {
      const at = (bagKg: number) => predictions(briefOf(method, { litres: 30 }, { options: { bagKg } }));
      expect(at(8).drainHours?.likely as number).toBeGreaterThan(at(4).drainHours?.likely as number);
      expect(at(8).moisturePct).toBeCloseTo(at(4).moisturePct, 3);
    },
  );

  it('a press that is left to fall presses less than dead weight, and its own weight least', () => {
    const at = (press: string) => predictions(basic('fresh-pressed', {}, { options: { press } })).moisturePct;
    expect(at('weight')).toBeLessThan(at('screw'));
    expect(at('screw')).toBeLessThan(at('self'));
  });

  it('hotter stretch water costs fat, and so yield', () => {
    const at = (stretchWaterC: number) =>
      predictions(basic('quick-stretched', {}, { options: { stretchWaterC } })).yieldKg.likely;
    expect(at(75)).toBeGreaterThan(at(90));
  });

  it('curd left unstirred stays moister', () => {
    const at = (stirred: boolean) =>
      predictions(basic('quick-stretched', {}, { options: { stirred } })).moisturePct;
    expect(at(false)).toBeGreaterThan(at(true));
  });
});

describe('souring', () => {
  it('comes to the pH its make needs, and says when', () => {
    for (const id of [
      'goat-lactic',
      'sour-basket',
      'cultured-cottage',
      'skyr',
      'soft-cream',
      'cultured-stretched',
    ]) {
      const { plan, spans } = planned(basic(id));
      expect(plan.predictions.acidifyHours?.likely).toBeGreaterThan(4);
      expect(spans.some((span) => (span.pHs ?? []).length > 4)).toBe(true);
    }
    const sour = planned(basic('cultured-stretched')).spans.flatMap((span) => span.pHs ?? []);
    expect(Math.min(...sour.map(([, pH]) => pH))).toBeLessThan(5.21);
  });

  it('an older liquid starter, or a saved one of many generations, is slower', () => {
    const hours = (culture: Brief['culture']) =>
      predictions(basic('goat-lactic', { species: 'goat' }, culture ? { culture } : {})).acidifyHours
        ?.likely as number;
    const fresh = hours({ form: 'liquid', percent: 1.5 });
    expect(hours({ form: 'liquid', percent: 1.5, ageDays: 10 })).toBeGreaterThan(fresh);
    expect(hours({ form: 'saved', percent: 1.5, generation: 12 })).toBeGreaterThan(fresh);
    expect(hours({ form: 'liquid', percent: 3 })).toBeLessThan(fresh);
  });
});

describe('doses say how they are measured', () => {
  const dose = (id: string, rest: Partial<Brief>, wanted: string) =>
    planned(basic(id, {}, rest)).plan.doses.find((one) => one.id === wanted);

  it('tablets in quarters, drops, sachets in eighths, a culture by its label', () => {
    expect(
      dose('squeaky-curds', { coagulant: { form: 'tablet', imcuEach: 3000 } }, 'coagulant')?.spoons,
    ).toMatch(/tablet/);
    expect(dose('goat-lactic', {}, 'coagulant')?.spoons).toMatch(/^\d+ drops$/);
    const sachet = { form: 'freeze-dried', labelLitresPerSachet: 16 } as const;
    expect(dose('goat-lactic', { culture: sachet }, 'culture')?.spoons).toBe('½ sachet');
    expect(
      dose('goat-lactic', { culture: { form: 'freeze-dried', labelLitresPerGram: 40 } }, 'culture')?.grams,
    ).toBeCloseTo(0.2, 6);
    expect(dose('skyr', { culture: { form: 'saved', percent: 2 } }, 'culture')?.millilitres).toBeCloseTo(
      160,
      6,
    );
  });

  it('brine is of its strength, and calcium of 0.02 %', () => {
    const brine = dose('grilling', { options: { brinePctWw: 10 } }, 'brine-salt');
    expect((100 * (brine?.grams ?? 0)) / ((brine?.grams ?? 0) + (brine?.diluteInMl ?? 0))).toBeCloseTo(10, 3);
    expect(dose('squeaky-curds', { calcium: true }, 'calcium')?.grams).toBeCloseTo(1.6, 6);
  });

  it('what is salted twice gets its salt once', () => {
    const both = planned(basic('grilling', {}, { options: { saltBy: 'both' } })).plan;
    const dry = planned(basic('grilling', {}, { options: { saltBy: 'dry' } })).plan;
    const grams = (p: typeof both) => p.doses.find((one) => one.id === 'salt')?.grams ?? 0;
    expect(grams(both) / grams(dry)).toBeCloseTo(0.4, 2);
    expect(dry.doses.some((one) => one.id === 'brine-salt')).toBe(false);
  });
});

describe('from half a litre to five hundred', () => {
  it.each(ids(METHODS))('$name: yield in proportion, times that do not scale do not', ({ method }) => {
    const small = planned(briefOf(method, { litres: 0.5 })).plan;
    const big = planned(briefOf(method, { litres: 500 })).plan;
    expect(big.predictions.yieldKg.likely / small.predictions.yieldKg.likely / 1000).toBeCloseTo(1, 0);
    const minutes = (plan: typeof small, kind: string) =>
      plan.stages.find((stage) => stage.kind === kind)?.durationMin.likely;
    for (const kind of ['sanitise', 'add-coagulant', 'cut', 'heal', 'cook', 'settle', 'store'])
      expect(minutes(big, kind)).toBe(minutes(small, kind));
    for (const kind of ['warm', 'scald'])
      if (minutes(small, kind))
        expect(minutes(big, kind) as number).toBeGreaterThan(2 * (minutes(small, kind) as number));
  });
});

describe('standards of identity (US 21 CFR 133, from memory)', () => {
  it.each([
    ['quick-stretched', 52, 60, 45],
    ['low-moisture-stretched', 45, 52, 45],
    ['cultured-stretched', 45, 52, 45],
  ])('%s from whole milk: %d to %d %% moisture, %d %% fat in dry matter or more', (id, low, high, fat) => {
    const p = predictions(basic(id));
    expect(p.moisturePct).toBeGreaterThanOrEqual(low);
    expect(p.moisturePct).toBeLessThanOrEqual(high);
    expect(p.fatInDryMatterPct).toBeGreaterThanOrEqual(fat);
  });

  it('part-skim stretched curd has 30 to 45 % fat in dry matter', () => {
    const p = predictions(basic('low-moisture-stretched', { fatPct: 2.2 }));
    expect(p.fatInDryMatterPct).toBeGreaterThanOrEqual(30);
    expect(p.fatInDryMatterPct).toBeLessThan(45);
  });

  it('cottage cheese: at most 80 % moisture; 4 % fat or more dressed, below 0.5 % dry-curd', () => {
    const fatOf = (p: ReturnType<typeof predictions>) => (p.fatInDryMatterPct * (100 - p.moisturePct)) / 100;
    const dressed = predictions(basic('cultured-cottage', {}, { cream: { litres: 0.3, fatPct: 20 } }));
    expect(dressed.moisturePct).toBeLessThanOrEqual(80);
    expect(fatOf(dressed)).toBeGreaterThanOrEqual(4);
    expect(fatOf(predictions(basic('cultured-cottage', { fatPct: 0.05 })))).toBeLessThan(0.5);
  });

  it('cream cheese: at most 55 % moisture, 33 % fat or more', () => {
    const p = predictions(basic('soft-cream'));
    expect(p.moisturePct).toBeLessThanOrEqual(55);
    expect((p.fatInDryMatterPct * (100 - p.moisturePct)) / 100).toBeGreaterThanOrEqual(33);
  });
});

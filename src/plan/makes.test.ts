import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CAUTIONS } from '../core/safety/cautions';
import { formatter, METRIC } from '../core/units/format';
import { METHODS, methodById } from '../makes';
import { KIND_NAMES, KINDS, stageKind } from '../makes/kinds';
import { fillParams } from '../makes/method';
import { methodSchema } from '../makes/methodSchema';
import { atLitres, resolveBrief } from './brief/resolve';
import type { Brief } from './brief/schema';
import { cautionText } from './cautionText';
import { SANITY_BANDS } from './fixtures/sanityBands';
import { planBrief } from './plan';
import { stagesOf, walk } from './stages';
import { tellingOf } from './telling';
import { NO_DEPARTURE, potAtStart, worldOf } from './world';

const metric = formatter(METRIC);
const american = formatter({ temperature: 'F', volume: 'gal', mass: 'oz', decimal: ',' });

function batch(brief: Brief) {
  const ready = resolveBrief(brief, METHODS);
  const planned = planBrief(brief, { spread: false });
  if (!ready.ok || !planned.ok) throw new Error(`${brief.method} must plan`);
  const litres = brief.milk.litres as number;
  const sized = atLitres(ready.value, litres);
  const world = worldOf(sized, ready.value.method, litres, NO_DEPARTURE);
  return { sized, plan: planned.value.plan, world, stages: stagesOf(ready.value.method, sized) };
}

/** A make as it comes, and once with each of its switches and schools turned to something else. */
const all: Brief[] = METHODS.flatMap((method): Brief[] => {
  const brief: Brief = {
    format: 'plump-pail/brief',
    version: 1,
    method: method.id,
    milk: { species: SANITY_BANDS[method.id]?.species ?? 'cow', litres: 8 },
  };
  const turned = Object.entries(method.options).flatMap(([key, option]): Brief['options'][] => {
    if (option.type === 'boolean') return [{ [key]: !option.default }];
    if (option.type === 'choice' && key !== 'cultureGroup')
      return option.choices
        .filter((one) => one.value !== option.default)
        .map((one) => ({ [key]: one.value }));
    return key === 'rinses' && option.type === 'number' ? [{ rinses: option.max }] : [];
  });
  return [
    brief,
    { ...brief, calcium: true },
    ...turned.map((options) => ({ ...brief, options })),
    ...(method.options.saltPct ? [{ ...brief, options: { saltPct: 1.5 } }] : []),
    ...(method.cream ? [{ ...brief, cream: { litres: 0.5, fatPct: 36 } }] : []),
  ];
});

describe('the register of makes', () => {
  it.each(METHODS.map((method) => method.id))(
    '%s meets the schema of a method file, and is found by its id',
    (id) => {
      const method = methodById(id, METHODS);
      expect(methodSchema.safeParse(JSON.parse(JSON.stringify(method))).error?.issues ?? []).toEqual([]);
      for (const option of Object.values(method?.options ?? {})) {
        if (option.type === 'number') {
          expect(option.default).toBeGreaterThanOrEqual(option.min);
          expect(option.default).toBeLessThanOrEqual(option.max);
        }
        if (option.type === 'choice')
          expect(option.choices.map((choice) => choice.value)).toContain(option.default);
        expect(option.reason).toMatch(/\.$/);
      }
    },
  );

  it('has every kind once, and knows no other', () => {
    expect(new Set(KINDS.map((kind) => kind.kind)).size).toBe(KINDS.length);
    expect(KIND_NAMES).toEqual(KINDS.map((kind) => kind.kind));
    expect(() => stageKind('steep' as never)).toThrow(/no stage kind/);
  });

  it.each(KINDS.map((kind) => kind.kind))('%s refuses a parameter it does not know', (name) => {
    expect(stageKind(name).params.safeParse({ nonsense: 1 }).success).toBe(false);
  });

  it('fills options into parameters and leaves the rest alone', () => {
    const stage = {
      id: 'press',
      kind: 'press',
      params: { kPa: { option: 'pressKPa' }, heightCm: 4 },
    } as const;
    expect(fillParams(stage, { pressKPa: 2.5 })).toEqual({ kPa: 2.5, heightCm: 4 });
  });
});

describe.each(
  all.map((brief) => ({
    name: `${brief.method} ${JSON.stringify({ ...brief.options, ...(brief.cream && { cream: true }), ...(brief.calcium && { calcium: true }) })}`,
    brief,
  })),
)('$name', ({ brief }) => {
  const { sized, plan, world, stages } = batch(brief);

  it('walks without a jump: each stage begins where the last one ended', () => {
    const pot = potAtStart(sized, world);
    let at = pot.tempC;
    let minute = 0;
    for (const stage of stages) {
      const [span] = walk([stage], world, pot);
      if (!span) throw new Error('a stage takes some time');
      expect(span.course[0]?.[0]).toBe(0);
      expect(span.course[0]?.[1]).toBeCloseTo(at, 6);
      expect(span.course.at(-1)?.[0]).toBeCloseTo(span.durationMin, 6);
      expect(span.course.at(-1)?.[1]).toBeCloseTo(pot.tempC, 6);
      expect(span.handsOnMin).toBeLessThanOrEqual(span.durationMin + 1e-9);
      minute += span.durationMin;
      expect(pot.minute).toBeCloseTo(minute, 6);
      at = pot.tempC;
    }
    if (world.acid || pot.culturedAt !== null) expect(pot.pH).toBeLessThan(world.buffer.pH0);
  });

  it.each([
    ['metric', metric],
    ['American', american],
  ] as const)('speaks at every stage, %s', (_name, format) => {
    const telling = tellingOf({ plan }, format);
    for (const stage of stages) {
      const words = stage.kind.words(stage.params, telling);
      for (const text of [words.title, words.action, words.right, words.done, ...words.steps]) {
        expect(text).toMatch(/\S/);
        expect(text).not.toMatch(/undefined|null|NaN|Infinity/);
      }
      // One line of very large letters on a phone: a few short words.
      expect(words.action.length).toBeLessThanOrEqual(14);
      if (format === american) expect(words.steps.join(' ')).not.toMatch(/°C|\d kg|\d g\b/);
    }
  });

  it('cautions by name, and at a stage it has', () => {
    const ids = new Set(plan.stages.map((stage) => stage.id));
    expect(plan.cautions.length).toBeGreaterThan(3);
    for (const caution of plan.cautions) {
      expect(ids).toContain(caution.stage);
      if (!caution.told) expect(CAUTIONS).toHaveProperty(caution.id);
      expect(caution.text).toBe(cautionText(caution, formatter(METRIC)).replaceAll('\u00a0', ' '));
      expect(cautionText(caution, american)).not.toMatch(/°C|\d kg/);
    }
  });
});

describe('what a choice does', () => {
  const plan = (method: string, options: Record<string, number>, milk: Partial<Brief['milk']> = {}) => {
    const planned = planBrief(
      {
        format: 'plump-pail/brief',
        version: 1,
        method,
        milk: { species: 'cow', litres: 8, ...milk },
        options,
      },
      { spread: false },
    );
    if (!planned.ok) throw new Error(JSON.stringify(planned.faults));
    return planned.value.plan;
  };

  it('a hotter scald catches more whey protein and so makes more ricotta', () => {
    fc.assert(
      fc.property(fc.integer({ min: 80, max: 94 }), (setC) => {
        const made = (c: number) => plan('whole-milk-ricotta', { setC: c }).predictions.yieldKg.likely;
        expect(made(setC + 1)).toBeGreaterThan(made(setC));
      }),
    );
  });

  it('drier curd drains longer and weighs less', () => {
    const wet = plan('whole-milk-ricotta', { moisturePct: 75 }).predictions;
    const dry = plan('whole-milk-ricotta', { moisturePct: 69 }).predictions;
    expect(dry.drainHours?.likely).toBeGreaterThan(wet.drainHours?.likely as number);
    expect(dry.yieldKg.likely).toBeLessThan(wet.yieldKg.likely);
    expect(dry.wheyLitres).toBeGreaterThan(wet.wheyLitres);
  });

  it('more weight or time on paneer takes moisture: a point for each doubling', () => {
    const light = plan('paneer', { pressKPa: 2, pressHours: 2 }).predictions.moisturePct;
    const heavy = plan('paneer', { pressKPa: 4, pressHours: 2 }).predictions.moisturePct;
    const long = plan('paneer', { pressKPa: 2, pressHours: 4 }).predictions.moisturePct;
    expect(light - heavy).toBeCloseTo(1, 3);
    expect(long).toBeCloseTo(heavy, 3);
  });

  it('a bigger batch takes longer to heat and drain, not longer to salt or to sanitise', () => {
    const small = plan('whole-milk-ricotta', {}, { litres: 4 });
    const big = plan('whole-milk-ricotta', {}, { litres: 40 });
    const minutes = (p: typeof small, id: string) =>
      p.stages.find((stage) => stage.id === id)?.durationMin.likely as number;
    for (const id of ['scald', 'drain']) expect(minutes(big, id)).toBeGreaterThan(1.5 * minutes(small, id));
    for (const id of ['sanitise', 'acid', 'rest', 'salt', 'store'])
      expect(minutes(big, id)).toBe(minutes(small, id));
    // Ten times the milk gives ten times the cheese, but for what a longer heating adds.
    expect(big.predictions.yieldKg.likely / small.predictions.yieldKg.likely).toBeCloseTo(10, 0);
  });

  it('milk warm from the animal needs no time it has already had', () => {
    const cold = plan('warm-acid-pot-cheese', {}, { startC: 4 });
    const warm = plan('warm-acid-pot-cheese', {}, { startC: 36 });
    expect(warm.predictions.totalHours).toBeLessThan(cold.predictions.totalHours);
  });

  it('a rinse is a stage only when it is wanted, salt likewise', () => {
    const ids = (p: ReturnType<typeof plan>) => p.stages.map((stage) => stage.id);
    expect(ids(plan('warm-acid-pot-cheese', { rinses: 0 }))).not.toContain('rinse');
    expect(ids(plan('warm-acid-pot-cheese', { rinses: 1 }))).toContain('rinse');
    expect(ids(plan('whole-milk-ricotta', { saltPct: 0 }))).not.toContain('salt');
    expect(plan('whole-milk-ricotta', { saltPct: 0 }).doses.map((dose) => dose.id)).toEqual(['acid']);
  });
});

import { describe, expect, it } from 'vitest';
import { formatter, METRIC } from '../core/units/format';
import { METHODS, methodById } from '../makes';
import { goalOf } from '../makes/asked';
import { stageKind } from '../makes/kinds';
import type { Method } from '../makes/method';
import { briefSchema } from './brief/schema';
import { basic, planned } from './fixtures/briefs';
import { SAID } from './fixtures/habits';
import { planLines } from './fixtures/toldPlan';
import { scaledBy } from './larger';
import { type Planned, planBrief, planFile } from './plan';
import { tellingOf } from './telling';

/** A plan in its sentences, with plain spaces. */
const toldOf = (found: Planned) =>
  planLines(found, methodById(found.plan.method, METHODS) as Method, formatter(METRIC)).map((line) =>
    line.replaceAll('\u00a0', ' '),
  );

const handsIn = (plan: ReturnType<typeof planned>['plan'], from: number, to: number) => {
  const begin = Date.parse(`${plan.brief.start}Z`) / 60_000;
  let at = begin;
  let sum = 0;
  for (const stage of plan.stages) {
    for (const [a, b] of stage.hands ?? []) sum += Math.max(0, Math.min(at + b, to) - Math.max(at + a, from));
    at += stage.durationMin.likely;
  }
  return sum;
};

describe('as makers say it', () => {
  it.each(SAID)('$say', ({ brief, reads, gives = [], warns }) => {
    expect(briefSchema.safeParse(brief).error?.issues).toBeUndefined();
    const found = planned(brief);
    const { plan } = found;
    if (reads) expect(toldOf(found).join('\n')).toContain(reads);
    for (const [key, low, high] of gives) {
      const value = key === 'set' ? plan.predictions.setMin?.likely : plan.predictions[key];
      expect(value).toBeGreaterThanOrEqual(low);
      expect(value).toBeLessThanOrEqual(high);
    }
    const told = plan.cautions.map((one) => one.id);
    if (warns) expect(told).toContain(warns);
    // Fully resolved, it comes back as the same plan.
    const again = planFile(JSON.parse(JSON.stringify(plan.brief)), { spread: false });
    if (brief.asleep === undefined) expect(again.ok && again.value.plan.doses).toEqual(plan.doses);
  });

  it('a dose in hand is that dose, and twice of it acts twice', () => {
    const acid = (grams: number) =>
      planned(basic('quick-stretched', {}, { acid: { kind: 'citric', given: { amount: grams, unit: 'g' } } }))
        .plan;
    expect(acid(12).doses.find((one) => one.id === 'acid')?.grams).toBe(12);
    expect(acid(16).predictions.pHAfterAcid as number).toBeLessThan(
      acid(12).predictions.pHAfterAcid as number,
    );
    const set = (millilitres: number) =>
      planned(
        basic(
          'squeaky-curds',
          {},
          {
            coagulant: { form: 'liquid', imcuPerMl: 200, given: { amount: millilitres, unit: 'mL' } },
          },
        ),
      ).plan.predictions.setMin?.likely as number;
    expect(set(1) / set(2)).toBeGreaterThan(1.6);
  });

  it('an insulated pot sets in warmer milk and wants less coagulant than a bare one', () => {
    const dose = (keepWarm: 'lid' | 'insulated') =>
      planned(basic('squeaky-curds', { litres: 4 }, { keepWarm, roomC: 15 })).plan.doses.find(
        (one) => one.id === 'coagulant',
      )?.millilitres as number;
    expect(dose('insulated')).toBeLessThan(dose('lid'));
  });

  it('refuses what does not fit, at its field', () => {
    const path = (rest: object) => {
      const result = planBrief({ ...basic('quick-stretched'), ...rest } as never, { spread: false });
      return result.ok ? null : result.faults[0]?.path;
    };
    expect(path({ acid: { kind: 'citric', given: { amount: 1, unit: 'sachet' } } })).toBe('acid.given.unit');
    expect(
      path({ acid: { kind: 'citric', given: { amount: 1, unit: 'g' } }, options: { acidPH: 5.6 } }),
    ).toBe('options.acidPH');
    expect(path({ culture: { form: 'freeze-dried', given: { amount: 1, unit: 'g' } } })).toBe(
      'culture.given',
    );
    expect(path({ heat: { by: 'sink', bathLitres: 3, bathC: 30 } })).toBe('heat.bathC');
    expect(path({ options: { warmOverMin: 1 } })).toBe('options.warmOverMin');
    expect(path({ options: { pieces: 200 } })).toBe('options.pieces');
  });

  it('nobody is wanted while they sleep or are away, where a plan says so', () => {
    for (const { brief } of SAID.filter((one) => one.warns === 'by-clock')) {
      const { plan } = planned(brief);
      const told = plan.cautions.find((one) => one.id === 'by-clock')?.told;
      if (told?.id !== 'by-clock') throw new Error('it says how it was laid');
      let blocked = 0;
      const first = Date.parse('2026-11-23T22:30Z') / 60_000;
      for (let day = 0; day < 9; day++)
        blocked += handsIn(plan, first + day * 1440, first + day * 1440 + 450);
      for (const { from, to } of brief.away ?? [])
        blocked += handsIn(plan, Date.parse(`${from}Z`) / 60_000, Date.parse(`${to}Z`) / 60_000);
      expect(Math.abs(blocked - told.blockedMin)).toBeLessThan(1.5);
    }
  });

  it('press steps are turned once between each two, by the bell and by the hands alike', () => {
    const { plan, parameters } = planned(
      basic(
        'fresh-pressed',
        { litres: 15 },
        {
          options: {
            pressSteps: [
              [14, 60],
              [23, 30],
              [30, 240],
            ],
          },
        },
      ),
    );
    const stage = plan.stages.find((one) => one.kind === 'press') as (typeof plan.stages)[number];
    expect(stage.durationMin.likely).toBeCloseTo(330, 6);
    expect(stageKind('press').rounds(parameters[stage.id])?.count).toBe(2);
    expect(stage.hands).toHaveLength(3);
  });

  it('twice the milk takes twice of what is in hand, and is no shorter of it', () => {
    const { plan } = planned(
      basic('quick-stretched', {}, { acid: { kind: 'citric', given: { amount: 12, unit: 'g' } } }),
    );
    const twice = scaledBy({ plan }, 2)?.plan;
    expect(twice?.doses.find((one) => one.id === 'acid')?.grams).toBe(24);
    expect(twice?.predictions.pHAfterAcid).toBeCloseTo(plan.predictions.pHAfterAcid as number, 6);
  });

  it('salt says where it goes, and in milk is not weighed on curd', () => {
    const words = (method: string, saltAt: string) => {
      const { plan, parameters } = planned(basic(method, {}, { options: { saltAt, saltPct: 1 } }));
      const stage = plan.stages.find((one) => one.kind === 'salt') as (typeof plan.stages)[number];
      const said = stageKind('salt').words(parameters[stage.id], tellingOf({ plan }, formatter(METRIC)));
      return { text: said.steps.join(' '), goal: goalOf(stage, parameters) };
    };
    expect(words('paneer', 'milk')).toMatchObject({
      goal: null,
      text: expect.stringMatching(/all the milk/),
    });
    expect(words('quick-stretched', 'stretch').text).toMatch(/last pulls/);
    expect(words('squeaky-curds', 'surface').text).toMatch(/over all faces/);
  });

  it('what one shapes is what one brines: by count, by weight and by thickness, and thicker takes longer', () => {
    const hours = (options: Record<string, number | string>) => {
      const { plan } = planned(basic('cultured-stretched', { litres: 10 }, { options }));
      return (plan.stages.find((one) => one.kind === 'brine')?.durationMin.likely as number) / 60;
    };
    expect(hours({ pieces: 2 })).toBeGreaterThan(1.3 * hours({ pieces: 4 }));
    expect(hours({ pieceKg: 0.6 })).toBeGreaterThan(1.3 * hours({ pieceKg: 0.3 }));
    const block = (thicknessCm: number) =>
      planned(
        basic('low-moisture-stretched', { litres: 10 }, { options: { saltBy: 'brine', thicknessCm } }),
      ).plan.stages.find((one) => one.kind === 'brine')?.durationMin.likely as number;
    expect(block(5)).toBeGreaterThan(1.5 * block(2.5));
  });

  it('stretched in salted whey it needs fewer hours in brine, and in a microwave there is no such water', () => {
    const made = (options: Record<string, number | string>) => {
      const { plan } = planned(basic('cultured-stretched', { litres: 10 }, { options }));
      return {
        brineMin: plan.stages.find((one) => one.kind === 'brine')?.durationMin.likely as number,
        kg: plan.predictions.yieldKg.likely,
      };
    };
    const plain = made({});
    const salted = made({ stretchSaltPct: 6 });
    expect(salted.brineMin).toBeLessThan(0.8 * plain.brineMin);
    expect(Math.abs(salted.kg / plain.kg - 1)).toBeLessThan(0.02);
    const oven = { stretchBy: 'microwave' };
    expect(made({ ...oven, stretchSaltPct: 6 })).toEqual(made(oven));
  });

  it('a spell away that ends before it begins is a fault at its end', () => {
    const away = [{ from: '2026-11-27T17:00', to: '2026-11-27T08:00' }];
    const read = planFile({ ...basic('skyr'), start: '2026-11-26T18:00', away });
    expect(read.ok ? [] : read.faults.map((fault) => fault.path)).toEqual(['away.0.to']);
  });
});
